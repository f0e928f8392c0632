import { type PlannedStep } from '@/core/prepare/prepare'
import { minutesOf, type Minutes } from '@/core/prepare/minutes'
import { mustHave } from '@/core/lists/items'
import { type PlanData } from '../load'

/** A step of a project. */
export interface ProjectStep {
  plan: PlanData
  step: PlannedStep
}

/** One thing in the picture: a step with its times, in minutes. */
export interface TimedBlock {
  /** Unique among all plans. */
  key: string
  plan: PlanData
  /** The place of its project among all: its colour and pattern. */
  project: number
  step: PlannedStep
  start: Minutes
  /** When hands are free of it. */
  handsEnd: Minutes
  /** When its waiting is over. */
  end: Minutes
  /**
   * The steps that are one with it, each of its project: several where one way to the shops is for several
   * projects.
   */
  parts: readonly ProjectStep[]
}

/** Who or what a lane is of. */
export const LANES = ['hands', 'washer', 'dryer', 'line', 'rest'] as const
export type Lane = (typeof LANES)[number]

export const LANE_WORDS: Readonly<Record<Lane, string>> = {
  hands: 'Your hands',
  washer: 'Washer',
  dryer: 'Dryer',
  line: 'Line',
  rest: 'Lying or hanging',
}

/** What runs in a lane, in rows in which nothing lies over another. */
export interface LaneRows {
  lane: Lane
  rows: TimedBlock[][]
}

/** Everything that has its time, in the order of time; shopping of several projects is one. */
export function blocksOf(plans: readonly PlanData[]): TimedBlock[] {
  const all = plans.flatMap((plan, project) =>
    plan.steps.flatMap((step): TimedBlock[] => {
      if (step.start === null || step.end === null) return []
      const [start, end] = [mustHave(minutesOf(step.start)), mustHave(minutesOf(step.end))]
      const key = `${plan.id} ${step.id}`
      return [{ key, plan, project, step, start, handsEnd: start + step.hands, end, parts: [{ plan, step }] }]
    }),
  )
  all.sort((a, b) => a.start - b.start || a.end - b.end)
  return all.reduce<TimedBlock[]>((joined, one) => {
    const last = joined.findLast(({ step }) => step.kind === 'buy')
    if (one.step.kind !== 'buy' || !last || last.handsEnd !== one.start) return [...joined, one]
    const whole = { ...last, handsEnd: one.handsEnd, end: one.end, parts: [...last.parts, ...one.parts] }
    return joined.map((before) => (before === last ? whole : before))
  }, [])
}

/** The lane of a step while nobody works at it. */
export const waitingLane = ({ use }: Pick<PlannedStep, 'use'>): Lane => use?.of ?? 'rest'

/**
 * The lanes that have something in them between two times. A step with work stands in the lane of hands for as long as
 * it takes, and in the lane of what it then waits in or on.
 */
export function lanesOf(blocks: readonly TimedBlock[], from: Minutes, to: Minutes): LaneRows[] {
  const within = blocks.filter(({ start, end }) => start < to && end > from)
  const inLane = (lane: Lane) =>
    lane === 'hands'
      ? within.filter(({ step }) => step.hands > 0)
      : within.filter((one) => one.end > one.handsEnd && waitingLane(one.step) === lane)
  return LANES.map((lane) => ({ lane, rows: rowsOf(inLane(lane), lane) })).filter(
    ({ lane, rows }) => lane === 'hands' || rows.length > 0,
  )
}

function rowsOf(blocks: readonly TimedBlock[], lane: Lane): TimedBlock[][] {
  const rows: { until: Minutes; blocks: TimedBlock[] }[] = []
  for (const block of blocks) {
    const [from, until] = lane === 'hands' ? [block.start, block.handsEnd] : [block.handsEnd, block.end]
    const row = rows.find((one) => one.until <= from)
    if (row) {
      row.blocks.push(block)
      row.until = until
    } else rows.push({ until, blocks: [block] })
  }
  return rows.map(({ blocks: inRow }) => inRow)
}
