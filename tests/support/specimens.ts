import { fibreById } from '@/core/fibres/catalogue'
import { type FibreId } from '@/core/vocabulary/fibres'
import { type Observation } from '@/core/identify/types'

/**
 * A burner of imaginary specimens whose structure is not the likelihood tables': a specimen has a *temper* (how hard
 * and dark its residue came out, how lively it burnt) that all answers of one burn share, a person misses some stages
 * altogether, and has a nose that confuses neighbours. Used to see whether claims hold, not to make them.
 */
interface Behaviour {
  heat: readonly string[]
  melts: readonly string[]
  smells: readonly string[]
  after: readonly string[]
  /** Residue, colour and crush together, from the softest to the hardest outcome. */
  left: readonly (readonly [residue: string, colour: string, crush: string])[]
}

const cellulose: Behaviour = {
  heat: ['unmoved', 'unmoved', 'unmoved', 'curls-away'],
  melts: ['none'],
  smells: ['paper', 'paper', 'paper', 'wood-leaves', 'rope-straw'],
  after: ['burns-on', 'burns-on', 'burns-on', 'burns-slowly-on'],
  left: [
    ['soft-ash', 'pale-grey', 'powders'],
    ['soft-ash', 'grey', 'powders'],
    ['shape-keeping-ash', 'grey', 'powders'],
  ],
}
const protein: Behaviour = {
  heat: ['curls-away', 'curls-away', 'curls-away', 'unmoved'],
  melts: ['none', 'none', 'none', 'partly'],
  smells: ['hair-feather'],
  after: ['dies-soon', 'dies-soon', 'dies-at-once', 'burns-slowly-on'],
  left: [
    ['crushable-bead', 'black', 'powders'],
    ['crushable-bead', 'black', 'crumbles'],
    ['brittle-clinker', 'black', 'crumbles'],
  ],
}
const synthetic = (
  smells: readonly string[],
  after: readonly string[],
  colours: readonly [string, string],
): Behaviour => ({
  heat: ['melts-back', 'melts-back', 'curls-away'],
  melts: ['melts', 'melts-drips', 'melts-drips'],
  smells,
  after,
  left: [
    ['hard-bead', colours[0], 'resists'],
    ['hard-bead', colours[1], 'resists'],
    ['hard-lump', colours[1], 'resists'],
  ],
})

const behaviours: Partial<Record<FibreId, Behaviour>> = {
  cotton: cellulose,
  linen: { ...cellulose, smells: ['paper', 'rope-straw', 'paper'], left: [...cellulose.left].reverse() },
  hemp: { ...cellulose, smells: ['rope-straw', 'paper'] },
  viscose: { ...cellulose, smells: ['paper', 'paper', 'wood-leaves'] },
  lyocell: { ...cellulose, smells: ['paper', 'wood-leaves'] },
  wool: protein,
  hair: protein,
  silk: { ...protein, smells: ['hair-feather', 'hair-feather', 'hair-feather', 'hair-feather', 'none'] },
  polyester: synthetic(
    ['sweet-chemical', 'sweet-chemical', 'acrid-chemical'],
    ['dies-soon', 'burns-slowly-on', 'burns-on'],
    ['brown', 'black'],
  ),
  nylon: synthetic(
    ['celery-green', 'celery-green', 'acrid-chemical', 'sweet-chemical'],
    ['dies-soon', 'dies-soon', 'dies-at-once'],
    ['grey', 'brown'],
  ),
  acrylic: synthetic(['acrid-chemical', 'acrid-chemical', 'sweet-chemical'], ['burns-on'], ['black', 'black']),
  polypropylene: synthetic(
    ['paraffin', 'paraffin', 'acrid-chemical'],
    ['burns-on', 'burns-slowly-on'],
    ['brown', 'pale-grey'],
  ),
}

export const SIMULATED = Object.keys(behaviours) as FibreId[]

/** One burn of a pure cloth; `chance` gives numbers in [0, 1). */
export function burnOnce(fibre: FibreId, chance: () => number): Observation[] {
  const behaviour = behaviours[fibre]
  if (!behaviour) throw new RangeError(`burnOnce: no specimen of ${fibre} is simulated`)
  const pick = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)]!
  const [residue, colour, crush] = behaviour.left[Math.floor(chance() * behaviour.left.length)]!
  const told: Record<string, string> = {
    approach: pick(behaviour.heat),
    melting: pick(behaviour.melts),
    'after-removal': pick(behaviour.after),
    smell: pick(behaviour.smells),
    residue,
    'residue-colour': colour,
    crush,
  }
  // A plain mistake now and then: an answer that belongs to another cloth altogether.
  if (chance() < MISTAKE) {
    const other = behaviours[pick(SIMULATED)]!
    const slip = pick(['approach', 'after-removal', 'smell'] as const)
    told[slip] = pick(slip === 'approach' ? other.heat : slip === 'smell' ? other.smells : other.after)
  }
  return Object.entries(told)
    .filter(() => chance() > MISSED)
    .map(([feature, state]) => ({ feature, states: [state], part: 'whole' }))
}

/** Share of burns with a mistaken answer, and of stages that went by unseen. */
const MISTAKE = 0.15
const MISSED = 0.2

/** The families that no flame can part from a fibre's own. */
export function alikeFamilies(fibre: FibreId): readonly string[] {
  const { family } = fibreById(fibre)
  return family === 'plant' || family === 'regenerated' ? ['plant', 'regenerated'] : [family]
}
