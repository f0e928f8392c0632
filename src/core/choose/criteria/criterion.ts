import { type KnownValue, type Offer } from '../../fabric/types'
import { type Quantity } from '../../units/quantity'
import { type UnitSystem } from '../../units/format'
import { fitOfNumber, type Ramp } from '../fit/fit'
import { type FullNeed } from '../need/need'
import { type Assessment, type MatchProperty } from '../fit/types'
import { CERTAINTY } from '../fit/weights'

/** One thing that a pattern may ask of a fabric: judged by row with its reason, scored by column without. */
export interface Criterion {
  id: MatchProperty
  /** What it depends on besides the numbers of its `score`: fabrics of one key, of one kind, are judged alike. */
  reads: (offer: Offer) => string
  /** How one fabric meets it, with the reason; undefined where it asks nothing of that fabric. */
  judge: (need: FullNeed, offer: Offer, system: UnitSystem) => Assessment | undefined
  /** Left out where no number decides, and the judgement of one fabric stands for all of its key. */
  score?: (need: FullNeed, offer: Offer) => NumberScore
}

/** The numbers of a fabric that scores are made of. */
export const SCORED_NUMBERS = ['gsm', 'stretchWidth', 'stretchLength'] as const
export type ScoredNumber = (typeof SCORED_NUMBERS)[number]

/** How a fabric is scored by its numbers. The worst side counts; of equal ones the first. */
export interface NumberScore {
  /** How much it can take off the score, 0 to 1. */
  importance: number
  gsm?: NumberSide
  /** A side that no number decides. */
  fixed?: FixedSide
  stretch?: NumberSide & { by: 'stretchWidth' | 'stretchLength' }
  /** Whether it counts as unknown where none of its sides is known; else it is not asked for. */
  isAlwaysAsked: boolean
}

export interface FixedSide {
  fit: number
  miss: Assessment['miss']
  certainty: number
}

/** Fits by a number: `base` and `slope` times where the number lies on the ramp. */
export interface NumberSide {
  ramp: Ramp
  /** 0 where left out. */
  base?: number
  /** 1 where left out. */
  slope?: number
  /** By how the number is known, where left out. */
  certainty?: number
}

/** A score with the numbers of a fabric put in; null where no side is known. */
export type WorstSide = (FixedSide & { /** Where the number lies on its ramp, 0 to 1. */ on: number }) | null

/** The worst side of a fabric. */
export function worstSide({ gsm, fixed, stretch }: NumberScore, offer: Offer): WorstSide {
  const sides = [
    gsm && sideOf(gsm, offer.gsm),
    fixed && { ...fixed, on: 1 },
    stretch && sideOf(stretch, offer[stretch.by]),
  ]
  let worst: WorstSide = null
  for (const side of sides) if (side && (worst === null || side.fit < worst.fit)) worst = side
  return worst
}

function sideOf(side: NumberSide, known: KnownValue<Quantity> | undefined): WorstSide {
  if (!known) return null
  const { low, high, zeroBelow, zeroAbove } = side.ramp
  const { value, sd } = known.value
  const on = fitOfNumber(value, sd, low, high, zeroBelow, zeroAbove)
  return {
    fit: (side.base ?? 0) + (side.slope ?? 1) * on,
    miss: value < low ? 'under' : value > high ? 'over' : null,
    certainty: side.certainty ?? CERTAINTY[known.how],
    on,
  }
}

// Criteria that read the same share the function: a stash is then looked through for it once.

/** What is read of a fabric where numbers alone decide. */
export function numbersAloneKey(): string {
  return ''
}

export function calledKey({ called = '' }: Offer): string {
  return called
}

export function bodyKey({ body }: Offer): string {
  return knownKey(body)
}

/** A key for a value with how it is known. */
export function knownKey(known: KnownValue<unknown> | undefined): string {
  return known === undefined ? '' : `${String(known.value)} ${known.how}`
}
