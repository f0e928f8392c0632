import { type Observation, type Verdict, type Warning } from './types'
import { unlistedFibres, type UnlistedFibreId } from './unlisted/kinds'
import { POINTS_OUTSIDE } from './unlisted/rankUnlisted'
import { doubtWords } from './words'

/** From this probability on a material outside the catalogue is named beside the verdict. */
const WORTH_NAMING = 0.1

/** Reports of cloth that would not light, and of cloth that burned, shrank or melted after all. */
const UNLIT: Readonly<Record<string, readonly string[]>> = {
  ignition: ['none'],
  flame: ['none'],
  'after-removal': ['never-lit'],
}
const GAVE_WAY: Readonly<Record<string, readonly string[]>> = {
  // Melting says nothing: glass softens, too.
  approach: ['curls-away'],
  ignition: ['instant', 'quick', 'slow'],
  flame: ['yellow-fast', 'yellow-slow', 'sputtering', 'melting-small', 'black-tipped-leaping', 'green-edged'],
  'after-removal': ['burns-on', 'burns-slowly-on', 'dies-soon', 'dies-at-once'],
  residue: [
    'soft-ash',
    'brittle-clinker',
    'crushable-bead',
    'hard-lump',
    'hard-specks-in-ash',
    'gummy',
    'fluffy-black',
  ],
}
/** Signs of chlorine in what burned: it goes out by itself and smells acrid, or its flame is edged with green. */
const DIES: Readonly<Record<string, readonly string[]>> = { 'after-removal': ['dies-soon', 'dies-at-once'] }
const ACRID: Readonly<Record<string, readonly string[]>> = { smell: ['acrid-chemical'] }
const GREEN: Readonly<Record<string, readonly string[]>> = { flame: ['green-edged'] }

const says = (table: typeof UNLIT, { feature, states }: Observation) =>
  states.some((state) => table[feature]?.includes(state) ?? false)

/**
 * Whether it was held in a flame and did not light: such cloth is not handled further. That it softened does not count
 * against it, since glass does.
 */
export function wouldNotLight(observations: readonly Observation[]): boolean {
  return observations.some((one) => says(UNLIT, one)) && !observations.some((one) => says(GAVE_WAY, one))
}

/** Whether what burned may hold chlorine (PVC, other chlorinated films, modacrylic). Common practice. */
export function mayHoldChlorine(observations: readonly Observation[]): boolean {
  const any = (table: typeof UNLIT) => observations.some((one) => says(table, one))
  return any(GREEN) || (any(DIES) && any(ACRID))
}

/** What stands in place of any further test. */
export const STOP_UNLIT =
  'Stop here, and don’t handle it further: no scrunching, tearing, pulling of yarns or touching ' +
  'it to your skin. Old fabric that does not catch fire may hold asbestos, which nobody can ' +
  'recognise at home. Damp it, put it in a bag and close it, wash your hands, and ask your local ' +
  'authority what to do with it.'

const MINERAL_TEXT =
  'It did not catch fire or melt: it may be metal, glass-fibre (fibreglass) fabric or, in ' +
  'anything old, asbestos. Nobody can tell these apart for certain at home, so don’t rely on ' +
  'this result.'

const CHLORINE =
  'Fabric that goes out by itself and smells acrid, or burns with a green edge, may be PVC, ' +
  'another chlorinated film or modacrylic. Their smoke carries hydrogen chloride, which harms ' +
  'eyes and lungs: do not burn it again, and air the room.'

/** What a person is warned of before anything else, the gravest first. */
export function warningsFor(
  observations: readonly Observation[],
  strange: readonly { id: UnlistedFibreId; probability: number }[],
): Warning[] {
  const isUnlit = wouldNotLight(observations)
  const found: Warning[] = isUnlit ? [{ id: 'may-be-asbestos', text: STOP_UNLIT }] : []
  if (mayHoldChlorine(observations)) found.push({ id: 'hydrogen-chloride', text: CHLORINE })
  for (const { id, probability } of strange) {
    if (isUnlit || probability < WORTH_NAMING) continue
    const { phrase, note } = unlistedFibres[id]
    const how = probability >= POINTS_OUTSIDE ? 'Perhaps' : 'It may also be'
    found.push({ id: `perhaps-${id}`, text: `${how} ${phrase}. ${note}` })
  }
  return found
}

/** The verdict where something outside the catalogue explains what was seen: no family is claimed. */
export function guardVerdict(
  verdict: Verdict,
  isUnlit: boolean,
  strange: readonly { id: UnlistedFibreId; probability: number }[],
): Verdict {
  if (isUnlit) return { ...verdict, text: MINERAL_TEXT }
  const [first] = strange
  if (!first || first.probability < POINTS_OUTSIDE) return verdict
  const { phrase, note } = unlistedFibres[first.id]
  return {
    ...verdict,
    level: 'undecided',
    ids: [],
    sides: [],
    sure: null,
    probability: verdict.leaningProbability,
    text: `Perhaps ${phrase}: ${doubtWords(first.probability)}, so we name no family. ${note}`,
  }
}
