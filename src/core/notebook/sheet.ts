import { clothCalled } from '../cloths/catalogue'
import { type NamedCloth } from '../cloths/types'
import { regainOf } from '../fibres/regain'
import { type FibreId } from '../vocabulary/fibres'
import { type FabricHistory } from '../identify/history/types'
import { identify, type Answer } from '../identify/identify'
import { type ControlBurn } from '../identify/observerCalibration'
import { type ClaimItem, type Observation } from '../identify/types'
import { type Vocabulary } from '../vocabulary/words'
import { type WeighingAnswer } from '../measure/weigh'
import { type Quantity } from '../units/quantity'
import { measuredOf, type KeptMeasurement, type Measured } from './measurements'
import { WASH_STATES, type WashState } from '../vocabulary/cloth'
import { type Piece } from './kinds/piece'

/** Everything a person noted of one piece. */
export interface PieceEvidence {
  piece: Piece
  measurements: readonly KeptMeasurement[]
  observations: readonly Observation[]
  /** What is known of its past, where that counts. */
  history?: FabricHistory
  /** How this person reports known pieces. */
  controls?: readonly ControlBurn[]
}

/** Settled by tests, only what they lean to, or written on a label. */
export type FibresHow = 'tested' | 'leaning' | 'said'

/** What follows from it, derived afresh each time. */
export interface PropertySheet {
  /** What was measured in the state that the piece is in now. */
  measured: Measured
  /** The same in other states, for looking up; never mixed with the above. */
  earlier: { state: WashState; measured: Measured }[]
  /**
   * The weight to reckon with: as it is now, else as it was in another state, with more doubt; null where it was
   * never weighed.
   */
  weightNow: { gsm: Quantity; from: WashState } | null
  /** Null where nothing has been seen. */
  belief: Answer | null
  /** The fibres to reason with, and how they are known; null where nothing says. */
  fibres: { ids: readonly FibreId[]; how: FibresHow } | null
  /** The cloth that its name means, in the person's own English; undefined where nobody knows it. */
  named: NamedCloth | undefined
}

/** Belief from which a leaning is good enough to reason with when choosing; below it the label is asked. */
const LEANING_COUNTS = 0.5

/**
 * The property sheet of a piece.
 * @param judge answers what it is made of; a caller may hand in one that remembers
 */
export function propertySheet(
  { piece, measurements, observations, history, controls }: PieceEvidence,
  vocabulary: Vocabulary = 'uk',
  judge = identify,
): PropertySheet {
  const claim: ClaimItem[] = piece.claim
  const belief = observations.length > 0 ? judge({ observations, claim, history, controls }, vocabulary) : null
  const fibres = fibresOf(belief, claim)
  const regainPercent = regainFor(fibres, claim)
  const inState = (state: WashState) => ({
    state,
    measured: measuredOf(
      measurements.filter((one) => one.state === state),
      { regainPercent },
    ),
  })
  const now = inState(piece.washed)
  const noted = new Set(measurements.map(({ state }) => state))
  const earlier = WASH_STATES.filter((state) => state !== piece.washed && noted.has(state)).map(inState)
  const named = clothCalled(piece.called, vocabulary)
  return { measured: now.measured, belief, fibres, earlier, weightNow: weightNow(now, earlier), named }
}

/**
 * How much a wash may change the weight of a square metre, as a share (standard deviation): shrinkage both ways, and
 * what washes out; from memory.
 */
const WASH_CHANGES_WEIGHT = 0.04

type InState = PropertySheet['earlier'][number]

function weightNow(now: InState, earlier: readonly InState[]): PropertySheet['weightNow'] {
  const best = now.measured.weigh ? now : earlier.find(({ measured }) => measured.weigh !== null)
  const weight: WeighingAnswer | null | undefined = best?.measured.weigh
  if (!best || !weight) return null
  const { gsm, standardUncertainty: own } = weight
  return {
    from: best.state,
    gsm: { value: gsm, sd: best === now ? own : Math.hypot(own, gsm * WASH_CHANGES_WEIGHT) },
  }
}

/** Moisture regain of what it is made of, per cent: by the shares of a label that stands, else in even parts. */
export function regainFor(fibres: PropertySheet['fibres'], claim: readonly ClaimItem[]): number | undefined {
  if (!fibres) return undefined
  return regainOf(
    fibres.how === 'said'
      ? claim.map(({ fibre, percent }) => ({ fibre, share: percent }))
      : fibres.ids.map((fibre) => ({ fibre, share: 1 })),
  )
}

/** Verdicts that name fibres; a family alone is not yet a fibre. */
const SETTLED: readonly string[] = ['fibre', 'blend']

function fibresOf(belief: Answer | null, claim: readonly ClaimItem[]): PropertySheet['fibres'] {
  const contradicted = belief?.claim?.verdict === 'contradicted'
  if (belief && (belief.verdict.leaningProbability >= LEANING_COUNTS || belief.verdict.level !== 'undecided')) {
    // A true label says more than a flame can: it is kept where the test does not speak against it.
    const isSettled = SETTLED.includes(belief.verdict.level)
    if (claim.length === 0 || contradicted)
      return { ids: belief.verdict.leaning, how: isSettled ? 'tested' : 'leaning' }
  }
  if (claim.length > 0 && !contradicted) return { ids: claim.map(({ fibre }) => fibre), how: 'said' }
  return null
}
