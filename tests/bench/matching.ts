import { scoreColumns } from '@/core/choose/columns/scoreColumns'
import { offerColumnsOf } from '@/core/choose/columns/stashColumns'
import { match, matchScore } from '@/core/choose/match'
import { namedCloths } from '@/core/cloths/catalogue'
import { offerFrom } from '@/core/fabric/offer'
import { type Need } from '@/core/notebook/schemas/need'
import { BODIES, OPACITIES } from '@/core/vocabulary/cloth'
import { DETAILS, GARMENTS, SEASONS } from '@/core/vocabulary/choosing'
import { FIBRE_IDS } from '@/core/vocabulary/fibres'
import { dice } from '../support/seen'

/** As many as the big notebook has. */
const [PIECES, PATTERNS] = [20_000, 200]
/** Pairs that the slow way is timed over. */
const ONE_BY_ONE = 20_000

/** Prints what scoring a whole stash for every pattern takes, in one pass over columns and one pair after another. */
export function printMatching(): void {
  const chance = dice(41)
  const of = <T>(list: readonly T[]) => list[Math.floor(chance() * list.length)]!
  const cloths = Array.from({ length: PIECES }, (_, index) => {
    const isMeasured = chance() < 0.6
    return {
      id: String(index),
      offer: offerFrom({
        called: chance() < 0.85 ? of(namedCloths).name.uk : undefined,
        ...(isMeasured && { gsm: 30 + chance() * 450, gsmUncertainty: 1 + chance() * 8 }),
        ...(chance() < 0.5 && { fibres: [of(FIBRE_IDS)] }),
        ...(chance() < 0.3 && { stretchPercent: { width: chance() * 80 } }),
        ...(chance() < 0.4 && { body: of(BODIES), opacity: of(OPACITIES) }),
        washed: chance() < 0.5,
      }),
    }
  })
  const needs: Need[] = Array.from({ length: PATTERNS }, () => ({
    garment: of(GARMENTS),
    details: [...new Set([of(DETAILS), of(DETAILS), of(DETAILS)])],
    season: of(SEASONS),
    ...(chance() < 0.3 && { called: [of(namedCloths).name.uk, of(namedCloths).name.uk] }),
    ...(chance() < 0.2 && { pile: 'no' as const }),
  }))
  const begun = performance.now()
  const columns = offerColumnsOf(cloths)
  const laidOut = performance.now() - begun
  // Warm both ways over the same pairs before either is timed.
  for (const need of needs.slice(0, 10)) scoreColumns(need, columns)
  const pairs = Array.from({ length: ONE_BY_ONE }, () => [of(needs), of(cloths).offer] as const)
  for (const [need, offer] of pairs.slice(0, 3000)) match(need, offer)
  const micros = (run: () => void, count: number) => {
    const start = performance.now()
    run()
    return ((performance.now() - start) * 1000) / count
  }
  const pass = micros(() => needs.forEach((need) => scoreColumns(need, columns)), PIECES * PATTERNS)
  const whole = micros(() => pairs.forEach(([need, offer]) => match(need, offer)), ONE_BY_ONE)
  const short = micros(() => pairs.forEach(([need, offer]) => matchScore(need, offer)), ONE_BY_ONE)
  console.log(
    `\nMatching ${PATTERNS} patterns against ${PIECES} pieces: ${((pass * PIECES * PATTERNS) / 1e6).toFixed(2)} s ` +
      `in one pass over columns (${pass.toFixed(2)} µs a pair; laid out in ${laidOut.toFixed(0)} ms).\n` +
      `  One by one from ready-made offers: ${whole.toFixed(1)} µs a pair with its reasons ` +
      `(${(whole / pass).toFixed(0)} times as long), ${short.toFixed(1)} µs without ` +
      `(${(short / pass).toFixed(0)} times).`,
  )
}
