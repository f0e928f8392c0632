import { type Phrase } from '../text/text'
import { type Detail, type Garment } from '../vocabulary/choosing'

export const STEP_KINDS = [
  'buy',
  'quarantine',
  'freeze',
  'air',
  'toile',
  'test-square',
  'finish-edges',
  'wash',
  'dry',
  'press',
  'find-flaws',
  'true-grain',
  'rest',
  'stabilise',
  'test-seam',
  'cut',
  'mark',
  'staystitch',
  'interface',
  'sew',
  'wash-out',
  'hang',
  'hem',
  'finish',
] as const
export type StepKind = (typeof STEP_KINDS)[number]

/** What of a household only one thing at a time can use. */
export interface HouseholdUse {
  of: 'washer' | 'dryer' | 'line'
  /** Metres of line; 1 of a machine. */
  much: number
}

/** One step, before it has its time. Minutes. */
export interface Step {
  id: string
  kind: StepKind
  pieces: string[]
  text: Phrase
  why: Phrase
  risk: string
  /** What somebody has to do, without a break. */
  hands: number
  /** What then runs by itself, [low, high]. */
  wait: [low: number, high: number]
  after: string[]
  use: HouseholdUse | null
  /** Begun no later than so long after what it waits for, since wet cloth spoils: minutes; null: whenever. */
  soon: number | null
}

export interface PlannedProject {
  garment?: Garment
  details?: readonly Detail[]
}

/** Nothing runs by itself. */
export const NO_WAIT: [number, number] = [0, 0]

/** A step with what is usual for the rest of it. */
export function step(
  id: string,
  kind: StepKind,
  pieces: string[],
  rest: Partial<Step> & Pick<Step, 'text' | 'why'>,
): Step {
  return { id, kind, pieces, risk: '', hands: 0, wait: NO_WAIT, after: [], use: null, soon: null, ...rest }
}
