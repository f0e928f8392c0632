import { fibreListWords } from '../identify/words'
import { BODIES, OPACITIES } from '../vocabulary/cloth'
import { type Vocabulary } from '../vocabulary/words'
import { oklabDistance, type Lab } from '../colour/oklab'
import { type PieceSummary } from './pieceSummary'

/** One property that two pieces may be alike in. */
interface Property {
  /** How much it counts: what makes one cloth stand in for another. */
  weight: number
  /** 0 nothing alike, 1 the same; undefined where it is not known of one of them. */
  score: (a: PieceSummary, b: PieceSummary, nearness: Nearness) => number | undefined
  says: (other: PieceSummary, vocabulary: Vocabulary) => string
}

/** How far a colour is from the nearest of the piece's own. */
type Nearness = (lab: Lab) => number

export interface Alike {
  id: string
  name: string
  /** 0 to 1, over what is known of both. */
  score: number
  /** What is alike, the weightiest first. */
  reasons: string[]
}

/** Below this nobody would call two pieces alike; ours. */
const LEAST = 0.55
/** From this on a property is a reason. */
const A_REASON = 0.75
/** Weights whose ratio is e are this unlike. */
const WEIGHT_FALL = 2.2
const COLOUR_FALL = 4
const STRETCH_FALL = 0.03

/**
 * Pieces that are like one, over all that is known of both: what it is made of, how, how heavy, how it falls, shows
 * through and stretches, and its colour. What is not known of one of them counts for nothing. Reasons are made only for
 * those that are told.
 */
export function findSimilarPieces(
  of: PieceSummary,
  among: readonly PieceSummary[],
  vocabulary: Vocabulary,
  most: number,
): Alike[] {
  const nearness = nearnessTo(of.labs)
  const found: { gist: PieceSummary; score: number }[] = []
  for (const gist of among) {
    if (gist.id === of.id || gist.sorting === 'give-away') continue
    const score = likeness(of, gist, nearness)
    if (score >= LEAST) found.push({ gist, score })
  }
  return found
    .sort((a, b) => b.score - a.score || (a.gist.id < b.gist.id ? -1 : 1))
    .slice(0, most)
    .map(({ gist, score }) => ({
      id: gist.id,
      name: gist.name,
      score,
      reasons: reasonsFor(of, gist, nearness, vocabulary),
    }))
}

/** How alike two pieces are, 0 to 1; 0 where it comes to less than is told, or no property by itself is a reason. */
function likeness(a: PieceSummary, b: PieceSummary, nearness: Nearness): number {
  let total = 0
  let sum = 0
  let hasReason = false
  for (const property of PROPERTIES) {
    // Comparing colours takes longest: not where they could not make up for the rest.
    if (property === COLOUR && scoreOf(sum + COLOUR.weight, total + COLOUR.weight) < LEAST) return 0
    const score = property.score(a, b, nearness)
    if (score === undefined) continue
    total += property.weight
    sum += property.weight * score
    hasReason ||= score >= A_REASON
  }
  return hasReason ? scoreOf(sum, total) : 0
}

/** Little known of it is little said: two pieces of one colour are not alike by that. */
const scoreOf = (sum: number, total: number) => (sum / total) * Math.min(1, total / ENOUGH_KNOWN)

/** What two pieces are alike in, the weightiest first. */
function reasonsFor(a: PieceSummary, b: PieceSummary, nearness: Nearness, vocabulary: Vocabulary): string[] {
  return PROPERTIES.map((property) => ({ property, score: property.score(a, b, nearness) ?? 0 }))
    .filter(({ score }) => score >= A_REASON)
    .sort((one, other) => other.property.weight * other.score - one.property.weight * one.score)
    .map(({ property }) => property.says(b, vocabulary))
}

/** How far a colour is from the nearest of some. @returns Infinity where there are none */
function nearnessTo(labs: readonly Lab[]): Nearness {
  return (lab) => labs.reduce((least, own) => Math.min(least, oklabDistance(own, lab)), Infinity)
}

/** Weights of the properties that have to be known before likeness means anything. */
const ENOUGH_KNOWN = 5

const same = <T>(a: T | null, b: T | null) => (a && b ? Number(a === b) : undefined)

const COLOUR: Property = { weight: 1, score: byColour, says: () => 'similar colour' }

const PROPERTIES: readonly Property[] = [
  {
    weight: 3,
    score: (a, b) => shared(a.fibres, b.fibres),
    says: ({ fibres }, vocabulary) => `also ${fibreListWords(fibres, vocabulary)}`,
  },
  {
    weight: 2,
    score: (a, b) => same(a.cloth, b.cloth),
    says: ({ called }) => `same fabric name, ${called}`,
  },
  {
    weight: 2,
    score: (a, b) => same(a.construction, b.construction),
    says: ({ construction }) => `also ${construction}`,
  },
  { weight: 3, score: byGsm, says: () => 'similar weight' },
  {
    weight: 2,
    score: (a, b) => steps(BODIES, a.body, b.body),
    says: () => 'similar drape',
  },
  {
    weight: 1.5,
    score: (a, b) => steps(OPACITIES, a.opacity, b.opacity),
    says: () => 'similar opacity',
  },
  { weight: 1.5, score: byStretch, says: () => 'similar stretch' },
  COLOUR,
]

function byGsm(a: PieceSummary, b: PieceSummary): number | undefined {
  const [own, other] = [a.gsmAbout, b.gsmAbout]
  return own && other ? Math.exp(-WEIGHT_FALL * Math.abs(Math.log(own / other))) : undefined
}

function byStretch(a: PieceSummary, b: PieceSummary): number | undefined {
  const [own, other] = [a.stretchPercent, b.stretchPercent]
  return own === null || other === null ? undefined : Math.exp(-STRETCH_FALL * Math.abs(own - other))
}

function byColour(_: PieceSummary, b: PieceSummary, nearness: Nearness): number | undefined {
  let nearest = Infinity
  for (const lab of b.labs) nearest = Math.min(nearest, nearness(lab))
  return Number.isFinite(nearest) ? Math.exp(-COLOUR_FALL * nearest) : undefined
}

/** What two lists share, of all that is in either; undefined where one of them is empty. */
function shared(a: readonly string[], b: readonly string[]): number | undefined {
  if (a.length === 0 || b.length === 0) return undefined
  let both = 0
  for (const one of a) if (b.includes(one)) both += 1
  return both / (a.length + b.length - both)
}

function steps<T>(scale: readonly T[], a: T | null, b: T | null): number | undefined {
  if (a === null || b === null) return undefined
  return 1 - Math.abs(scale.indexOf(a) - scale.indexOf(b)) / (scale.length - 1)
}
