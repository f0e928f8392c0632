import { fibreById, isTrace } from '../fibres/catalogue'
import { type FamilyId, type FibreId } from '../vocabulary/fibres'
import { boundedCache } from '../numbers/boundedCache'
import { judgeClaim } from './claim'
import { commonGrounds } from './grounds'
import { type ControlBurn } from './observerCalibration'
import { clothPosterior } from './parts'
import { capitalise } from '../units/format'
import { fibreName } from './words'
import { type Vocabulary } from '../vocabulary/words'
import { itemAt } from '../lists/items'

const MOST_KEPT = 500
const doubtful = boundedCache<boolean>(MOST_KEPT)

/** Whether a control, judged by the common tables, does not look like the fibre that it is kept as. */
export function looksImpure({ fibre, observations }: ControlBurn): boolean {
  if (observations.length === 0) return false
  return doubtful(JSON.stringify([fibre, observations]), () => {
    const { verdict } = judgeClaim(
      [{ fibre, percent: 100 }],
      clothPosterior(observations, commonGrounds),
      commonGrounds,
    )
    return verdict === 'doubtful' || verdict === 'contradicted'
  })
}

/** The controls that may teach: one that looks impure would teach a mistake. */
export function trustedControls(burns: readonly ControlBurn[]): ControlBurn[] {
  return burns.filter((burn) => !looksImpure(burn))
}

/** A known piece that should lie beside today's unknown before anything is lit. */
export interface NeededControl {
  fibre: FibreId
  inBox: 'pure' | 'impure' | 'no'
  text: string
}

/** A known piece in the box. */
export interface BoxPiece {
  fibre: FibreId
  /** It did not burn like its fibre alone. */
  impure: boolean
}

/** A fibre less likely than this needs no control beside it. */
const WORTH_LAYING_OUT = 0.06
const MOST_NEEDED = 5

/**
 * Which known pieces today's unknown needs beside it: the likeliest fibres, one of each kind that burns alike (where
 * the box holds one of that kind, that one), the likeliest first.
 * @param fibres how likely each is to be in the cloth
 */
export function controlsNeeded(
  fibres: readonly { id: FibreId; present: number }[],
  box: readonly BoxPiece[],
  vocabulary: Vocabulary = 'uk',
): NeededControl[] {
  const kinds = new Map<string, { fibre: FibreId; present: number }[]>()
  for (const { id, present } of [...fibres].sort((a, b) => b.present - a.present)) {
    // What is only ever a trace cannot be had as a piece.
    if (isTrace(id)) continue
    const kind = BURNS_LIKE[fibreById(id).family] ?? id
    kinds.set(kind, [...(kinds.get(kind) ?? []), { fibre: id, present }])
  }
  return [...kinds.values()]
    .map((members) => ({ members, present: members.reduce((sum, { present }) => sum + present, 0) }))
    .filter(({ present }) => present >= WORTH_LAYING_OUT)
    .sort((a, b) => b.present - a.present)
    .slice(0, MOST_NEEDED)
    .map(({ members }) => {
      const has = (impure: boolean) =>
        members.find(({ fibre }) => box.some((piece) => piece.fibre === fibre && piece.impure === impure))
      const [pure, doubtful] = [has(false), has(true)]
      const { fibre } = pure ?? doubtful ?? itemAt(members, 0)
      const name = fibreName(fibre, vocabulary)
      if (pure) return { fibre, inBox: 'pure', text: `${capitalise(name)}: you have a sample.` }
      if (doubtful)
        return {
          fibre,
          inBox: 'impure',
          text: `${capitalise(name)}: your sample did not burn like ${name} alone. Use another.`,
        }
      return {
        fibre,
        inBox: 'no',
        text: `${capitalise(name)}: you have no sample. Cut a bit of something that you are sure of.`,
      }
    })
}

/** Families whose members burn so much alike that one control stands for all; a synthetic needs its own. */
const BURNS_LIKE: Partial<Record<FamilyId, string>> = {
  plant: 'cellulose',
  regenerated: 'cellulose',
  protein: 'protein',
  acetate: 'acetate',
  mineral: 'mineral',
}
