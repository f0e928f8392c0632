import { fibreListWords } from '../identify/words'
import { BODIES, OPACITIES } from '../vocabulary/cloth'
import { type Vocabulary } from '../vocabulary/words'
import { apart, labOf, type Lab } from '../colour/oklab'
import { gsmToSortBy } from './facets'
import { type Gist } from './gist'

/** How alike two pieces are in one property, and in words why. */
interface Likeness {
  /** 0 nothing alike, 1 the same. */
  score: number
  /** How much it counts: what makes one cloth stand in for another. */
  weight: number
  /** Of the few that are told; putting twenty thousand into words takes longer than comparing them. */
  says: () => string
}

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
 * through and stretches, and its colour. What is not known of one of them counts for nothing.
 */
export function alike(of: Gist, among: readonly Gist[], vocabulary: Vocabulary, most: number): Alike[] {
  const nearness = nearnessTo(of.colours)
  return among
    .filter(({ id, sorting }) => id !== of.id && sorting !== 'give-away')
    .map((other) => {
      const found = likenesses(of, other, nearness, vocabulary)
      const total = found.reduce((sum, { weight }) => sum + weight, 0)
      const reasons = found.filter(({ score }) => score >= A_REASON)
      const score = total === 0 ? 0 : found.reduce((sum, { score: own, weight }) => sum + own * weight, 0) / total
      // Little known of it is little said: two pieces of one colour are not alike by that.
      return { id: other.id, name: other.name, score: score * Math.min(1, total / ENOUGH_KNOWN), reasons }
    })
    .filter(({ score, reasons }) => score >= LEAST && reasons.length > 0)
    .sort((a, b) => b.score - a.score || (a.id < b.id ? -1 : 1))
    .slice(0, most)
    .map(({ reasons, ...found }) => ({
      ...found,
      reasons: reasons.sort((a, b) => b.weight * b.score - a.weight * a.score).map(({ says }) => says()),
    }))
}

/** How far a colour is from the nearest of some, each colour compared once. @returns Infinity where there are none */
function nearnessTo(colours: readonly string[]): (hex: string) => number {
  const labs = colours.map(labOf)
  const known = new Map<string, number>()
  const nearest = (lab: Lab) => Math.min(...labs.map((own) => apart(own, lab)))
  return (hex) => {
    const far = known.get(hex) ?? nearest(labOf(hex))
    known.set(hex, far)
    return far
  }
}

/** Weights of the properties that have to be known before likeness means anything. */
const ENOUGH_KNOWN = 5

function likenesses(a: Gist, b: Gist, nearness: (hex: string) => number, vocabulary: Vocabulary): Likeness[] {
  const found: Likeness[] = []
  const add = (weight: number, score: number | undefined, says: () => string) => {
    if (score !== undefined) found.push({ weight, score, says })
  }
  add(3, shared(a.fibres, b.fibres), () => `also ${fibreListWords(b.fibres, vocabulary)}`)
  add(2, a.cloth && b.cloth ? Number(a.cloth === b.cloth) : undefined, () => `the same cloth by name, ${b.called}`)
  add(
    2,
    a.construction && b.construction ? Number(a.construction === b.construction) : undefined,
    () => `also ${b.construction}`,
  )
  const [weightA, weightB] = [gsmToSortBy(a), gsmToSortBy(b)]
  const ratio = weightA && weightB ? Math.abs(Math.log(weightA / weightB)) : undefined
  add(3, ratio === undefined ? undefined : Math.exp(-WEIGHT_FALL * ratio), () => 'about as heavy')
  add(2, steps(BODIES, a.offer.body?.value, b.offer.body?.value), () => 'falls alike')
  add(1.5, steps(OPACITIES, a.offer.opacity?.value, b.offer.opacity?.value), () => 'shows as much through')
  const [stretchA, stretchB] = [a.offer.stretchWidth?.value.value, b.offer.stretchWidth?.value.value]
  const stretch = stretchA === undefined || stretchB === undefined ? undefined : Math.abs(stretchA - stretchB)
  add(1.5, stretch === undefined ? undefined : Math.exp(-STRETCH_FALL * stretch), () => 'stretches alike')
  const nearest = Math.min(...b.colours.map(nearness))
  add(1, Number.isFinite(nearest) ? Math.exp(-COLOUR_FALL * nearest) : undefined, () => 'near in colour')
  return found
}

/** What two lists share, of all that is in either; undefined where one of them is empty. */
function shared(a: readonly string[], b: readonly string[]): number | undefined {
  if (a.length === 0 || b.length === 0) return undefined
  const both = a.filter((one) => b.includes(one)).length
  return both / new Set([...a, ...b]).size
}

function steps<T>(scale: readonly T[], a: T | undefined, b: T | undefined): number | undefined {
  if (a === undefined || b === undefined) return undefined
  return 1 - Math.abs(scale.indexOf(a) - scale.indexOf(b)) / (scale.length - 1)
}
