import { clothCover, coverFactor, massFromConstruction } from '../measure/construction'
import { type Quantity } from '../units/quantity'
import { type KeptMeasurement } from './measurements'
import { ofKind } from './measurements/kept'

/** The newest count of threads and the newest weighed yarns of a piece, where both are there. */
export interface Threads {
  endsPerCm: number
  picksPerCm: number
  warpTex: number
  weftTex: number
  /** Per cent. */
  warpCrimp: number
  weftCrimp: number
}

export function threadCountOf(measurements: readonly KeptMeasurement[]): Threads | null {
  const count = ofKind(measurements, 'count').at(-1)?.data
  const yarns = ofKind(measurements, 'yarns').at(-1)?.data
  return count && yarns ? { ...count, ...yarns } : null
}

/** Standard uncertainty of a counted sett, a weighed yarn (shares) and a crimp (per cent); from memory. */
const COUNT_DOUBT = 0.02
const TEX_DOUBT = 0.05
const CRIMP_DOUBT = 1.5

/** Weight worked out from counted threads and weighed yarns; null where either is missing. */
export function weightFromThreads(measurements: readonly KeptMeasurement[]): Quantity | null {
  const threads = threadCountOf(measurements)
  if (!threads) return null
  const doubtful = (value: number, share: number) => ({ value, sd: value * share })
  const set = (perCm: number, tex: number, crimp: number) => ({
    threadsPerCm: doubtful(perCm, COUNT_DOUBT),
    tex: doubtful(tex, TEX_DOUBT),
    crimpPercent: { value: crimp, sd: CRIMP_DOUBT },
  })
  return massFromConstruction([
    set(threads.endsPerCm, threads.warpTex, threads.warpCrimp),
    set(threads.picksPerCm, threads.weftTex, threads.weftCrimp),
  ])
}

/** Cloth cover, of 28 (Peirce, 1937); null where threads or yarns are missing. */
export function coverFromThreads(measurements: readonly KeptMeasurement[]): number | null {
  const threads = threadCountOf(measurements)
  if (!threads) return null
  const { endsPerCm, picksPerCm, warpTex, weftTex } = threads
  return clothCover(coverFactor(endsPerCm, warpTex), coverFactor(picksPerCm, weftTex))
}
