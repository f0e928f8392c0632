import { phrase, type Phrase, type TextWithId } from '../text/text'
import { type SewCase } from './sewCase'
import { type SewSchool } from './schools'
import { mustHave } from '../lists/items'

/** One rule of handling: what of a cloth and a garment brings it, what it gives, and why. */
export interface Rule<V> {
  id: string
  when: (c: SewCase) => boolean
  gives: V
  /** Why, as a knowing friend would say it. */
  text: Phrase
  /** Where two rules differ, the one that can do less harm stands: the higher is the safer. */
  safety: number
  /** Common practice, unless said. */
  source?: string
  /** The matter on which another school would say otherwise. */
  school?: SewSchool
}

export interface Chosen<V> {
  gives: V
  text: Phrase
  because: string[]
  /** What other rules would have said, and why. */
  others: TextWithId[]
}

/**
 * What the rules say together: the safest that fires stands; those that say the same are its reasons, those that say
 * otherwise are shown beside it.
 * @param rules at least one of which fires on everything
 */
export function chooseSafest<V>(rules: readonly Rule<V>[], c: SewCase): Chosen<V> {
  const fired = firingRules(rules, c).sort((a, b) => b.safety - a.safety)
  const [first] = fired
  if (!first) throw new RangeError('chosen: no rule fires')
  const isSame = ({ gives }: Rule<V>) => JSON.stringify(gives) === JSON.stringify(first.gives)
  return {
    gives: first.gives,
    text: first.text,
    because: [first.id, ...fired.filter((rule) => rule !== first && isSame(rule)).map(({ id }) => id)],
    // A rule that speaks of every cloth is no objection to one that speaks of this.
    others: fired.filter((rule) => !isSame(rule) && rule.safety > 0).map(({ id, text }) => ({ id, text })),
  }
}

/** Points for and against ways of doing something. */
export type Points<Id extends string> = Readonly<Partial<Record<Id, number>>>

export interface RankedWay<Id extends string> {
  id: Id
  rank: number
  name: string
  /** Why it is advised, or what it is good for. */
  why: Phrase
  /** Both: “French seam: encloses the edges”. */
  text: Phrase
  because: string[]
}

/**
 * Ways in their order: points of all rules that fire, summed; what ends at nothing or less is left out.
 * @param most no more than so many
 */
export function rankByPoints<Id extends string>(
  rules: readonly Rule<Points<Id>>[],
  c: SewCase,
  words: Readonly<Record<Id, string>>,
  most = 4,
): RankedWay<Id>[] {
  const fired = firingRules(rules, c)
  const ids = Object.keys(words) as Id[]
  const told = ids.map((id) => {
    const own = fired.filter(({ gives }) => gives[id] !== undefined)
    const points = own.reduce((sum, { gives }) => sum + mustHave(gives[id]), 0)
    // A rule's words are about what it favours most; for the rest it only counts.
    const isFavoured = ({ gives }: Rule<Points<Id>>) => gives[id] === Math.max(...(Object.values(gives) as number[]))
    const [strongest] = own.filter(isFavoured).sort((a, b) => mustHave(b.gives[id]) - mustHave(a.gives[id]))
    const [name, why] = [words[id], strongest?.text ?? 'works as well.']
    return { points, way: { id, name, why, text: phrase`${name}: ${why}`, because: own.map((rule) => rule.id) } }
  })
  return told
    .filter(({ points }) => points > 0)
    .sort((a, b) => b.points - a.points)
    .slice(0, most)
    .map(({ way }, i) => ({ ...way, rank: i + 1 }))
}

/** All that fire, in their own order. */
export function firingRules<V>(rules: readonly Rule<V>[], c: SewCase): Rule<V>[] {
  return rules.filter((rule) => rule.when(c))
}
