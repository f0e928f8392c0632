import { fibreById } from '@/core/fibres/catalogue'
import { type FamilyId, type FibreId } from '@/core/vocabulary/fibres'
import { type Verdict } from '@/core/identify/types'
import { type Cloth } from './cloths'

/** A few per cent burn unseen; nobody is blamed for not naming them. */
export const UNSEEN = 0.1

function loud(cloth: Cloth): FibreId[] {
  return cloth.filter(([, share]) => share > UNSEEN).map(([fibre]) => fibre)
}

export function hasFamily(cloth: Cloth, family: FamilyId): boolean {
  return cloth.some(([fibre]) => fibreById(fibre).family === family)
}

/** Whether everything that a verdict claims is so. Undecided claims nothing. */
export function isRight({ level, ids, sides, sure }: Verdict, cloth: Cloth): boolean {
  const fibres = loud(cloth)
  const families = fibres.map((fibre) => fibreById(fibre).family)
  if (level === 'fibre') return fibres.every((fibre) => fibre === ids[0])
  if (level === 'family' || level === 'group')
    return families.every((family) => ids.includes(family)) && (!sure || families.includes(sure))
  if (level === 'undecided') return true
  // A trace that was named counts where it is there at all.
  const present: string[] = cloth.flatMap(([fibre]) => [fibre, fibreById(fibre).family])
  return sides.every((side) => side.some((id) => present.includes(id)))
}

/** A probability that was said, and whether the thing was so. */
export interface Said {
  probability: number
  so: boolean
}

export interface Calibration {
  /** Expected calibration error over ten bands, weighted by how many fall into each. */
  error: number
  brier: number
  /** Mean of −ln of the probability given to what was so, nats. */
  logScore: number
  bands: { from: number; count: number; said: number; so: number }[]
}

/**
 * Reliability in ten bands (Murphy, 1973, from memory), Brier score (Brier, 1950) and logarithmic score (Good, 1952).
 */
export function calibrationOf(list: readonly Said[]): Calibration {
  const bands = Array.from({ length: 10 }, (_, index) => {
    const own = list.filter(({ probability }) => Math.min(9, Math.floor(probability * 10)) === index)
    const mean = (value: (one: Said) => number) =>
      own.length === 0 ? 0 : own.reduce((sum, one) => sum + value(one), 0) / own.length
    return {
      from: index / 10,
      count: own.length,
      said: mean(({ probability }) => probability),
      so: mean(({ so }) => (so ? 1 : 0)),
    }
  })
  const average = (value: (one: Said) => number) => list.reduce((sum, one) => sum + value(one), 0) / list.length
  return {
    error: bands.reduce((sum, { count, said, so }) => sum + (count / list.length) * Math.abs(said - so), 0),
    brier: average(({ probability, so }) => (probability - (so ? 1 : 0)) ** 2),
    logScore: average(({ probability, so }) => -Math.log(Math.max(1e-6, so ? probability : 1 - probability))),
    bands,
  }
}
