import { namedCloths } from '../cloths/catalogue'
import { inspectionById } from '../cloths/inspection'
import { type NamedCloth } from '../cloths/types'
import { seededRandom } from '../numbers/seededRandom'
import { BODIES, OPACITIES } from '../vocabulary/cloth'
import { INSPECTION_IDS } from '../vocabulary/inspection'
import { writeBlindCode } from './blind'
import { nextInOrder, type Begun } from './schedule'
import { itemAt, mustHave } from '../lists/items'

const byId = new Map(namedCloths.map((cloth) => [cloth.id, cloth]))
/** What is met most first. */
const inOrder: readonly string[] = namedCloths.toSorted((a, b) => b.common - a.common).map(({ id }) => id)

export function lookById(id: string): NamedCloth | undefined {
  return byId.get(id)
}

/** The next cloth to name by looking. @param at ISO 8601 */
export function nextLook(begun: readonly Begun[], at: string, seed: number): NamedCloth {
  return (
    byId.get(nextInOrder(begun, inOrder, at, seed) ?? itemAt(inOrder, 0)) ?? mustHave(byId.get(itemAt(inOrder, 0)))
  )
}

/** Names that are offered beside the right one. */
const BESIDE = 3

/** How unlike two cloths are in the hand: 0 the same. Weights ours. */
function unlike(a: NamedCloth, b: NamedCloth): number {
  const middle = ({ gsm: [low, high] }: NamedCloth) => Math.log((low + high) / 2)
  return (
    (a.construction === b.construction ? 0 : 3) +
    (a.interlacing === b.interlacing ? 0 : 1) +
    Math.abs(middle(a) - middle(b)) +
    0.4 * Math.abs(BODIES.indexOf(a.body) - BODIES.indexOf(b.body)) +
    0.5 * Math.abs(OPACITIES.indexOf(a.opacity) - OPACITIES.indexOf(b.opacity))
  )
}

/** Cloths that people confuse with one, the likest first. */
export function neighboursOf(cloth: NamedCloth): NamedCloth[] {
  return namedCloths.filter(({ id }) => id !== cloth.id).toSorted((a, b) => unlike(cloth, a) - unlike(cloth, b))
}

/** Names to choose from: the right one among its neighbours, in an order of the seed. */
export function optionsFor(cloth: NamedCloth, seed: number): NamedCloth[] {
  const near = neighboursOf(cloth).slice(0, 2 * BESIDE)
  const beside = writeBlindCode(near, seed).slice(0, BESIDE)
  const all = [cloth, ...beside.map(({ thing }) => thing)]
  const turn = Math.floor(seededRandom(seed + 1)() * all.length)
  return [...all.slice(turn), ...all.slice(0, turn)]
}

/** What a look tells of one cloth and not of another. */
export interface Parting {
  looks: string
  one: string
  other: string
}

/** What parts two cloths: the looks at which they show nothing in common, in the order of an inspection. */
export function partedBy(one: NamedCloth, other: NamedCloth): Parting[] {
  return INSPECTION_IDS.flatMap((id) => {
    const [mine, theirs] = [
      one.marks[id] as readonly string[] | undefined,
      other.marks[id] as readonly string[] | undefined,
    ]
    if (!mine || !theirs || mine.some((state) => theirs.includes(state))) return []
    const { title, states } = inspectionById(id)
    const words = (ids: readonly string[]) =>
      ids.map((state) => (states.find((known) => known.id === state)?.label ?? state).toLowerCase()).join(' or ')
    return [{ looks: title, one: words(mine), other: words(theirs) }]
  })
}
