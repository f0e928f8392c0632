import { bestOfColumns } from '@/core/choose/columns/bestOfColumns'
import { scoreColumns } from '@/core/choose/columns/scoreColumns'
import { offerColumnsOf } from '@/core/choose/columns/stashColumns'
import { namedCloths } from '@/core/cloths/catalogue'
import { offerFrom } from '@/core/fabric/offer'
import { type Need } from '@/core/notebook/schemas/need'
import { BODIES, OPACITIES } from '@/core/vocabulary/cloth'
import { DETAILS, GARMENTS, SEASONS } from '@/core/vocabulary/choosing'
import { FIBRE_IDS } from '@/core/vocabulary/fibres'
import { dice } from '../../support/seen'
import { compare } from '../tools/processor'
import { type Figure } from '../tools/report'
import { ratioFigure } from '../tools/words'
import { mustHave } from '@/core/lists/items'

const [PIECES, PATTERNS] = [20_000, 200]
/** What a criterion reads at least: a value, how sure, how it is known; of four numbers. */
const COLUMNS = 12
const KEPT = 400
const ROUNDS = { rounds: 5, warm: 1 }

export async function benchMatching(): Promise<Figure[]> {
  const { needs, columns } = invented()
  const bare = bareColumns()
  const scores = await compare(
    () => needs.forEach((need) => scoreColumns(need, columns)),
    () => needs.forEach(() => barePass(bare)),
    ROUNDS,
  )
  const best = await compare(
    () => needs.forEach((need) => bestOfColumns(need, columns, KEPT)),
    () => needs.forEach(() => barePass(bare)),
    ROUNDS,
  )
  const against = `a pass over ${COLUMNS} bare float columns`
  return [
    ratioFigure(`scores of ${PATTERNS} patterns × ${PIECES} fabrics`, against, scores),
    ratioFigure(`the same in order, the best ${KEPT} of each judged`, against, best, 4),
  ]
}

function invented() {
  const chance = dice(41)
  const of = <T>(list: readonly T[]) => mustHave(list[Math.floor(chance() * list.length)])
  const cloths = Array.from({ length: PIECES }, (_, index) => ({
    id: String(index).padStart(6, '0'),
    offer: offerFrom({
      called: chance() < 0.85 ? of(namedCloths).name.uk : undefined,
      ...(chance() < 0.6 && { gsm: 30 + chance() * 450, gsmUncertainty: 1 + chance() * 8 }),
      ...(chance() < 0.5 && { fibres: [of(FIBRE_IDS)] }),
      ...(chance() < 0.3 && { stretchPercent: { width: chance() * 80 } }),
      ...(chance() < 0.4 && { body: of(BODIES), opacity: of(OPACITIES) }),
      washed: chance() < 0.5,
    }),
  }))
  const needs: Need[] = Array.from({ length: PATTERNS }, () => ({
    garment: of(GARMENTS),
    details: [...new Set([of(DETAILS), of(DETAILS), of(DETAILS)])],
    season: of(SEASONS),
    ...(chance() < 0.3 && { called: [of(namedCloths).name.uk, of(namedCloths).name.uk] }),
    ...(chance() < 0.2 && { pile: 'no' as const }),
  }))
  return { needs, columns: offerColumnsOf(cloths) }
}

function bareColumns(): Float64Array[] {
  const chance = dice(5)
  return Array.from({ length: COLUMNS }, () => Float64Array.from({ length: PIECES }, chance))
}

/** The product of what every column says, as a score is one. */
function barePass(columns: readonly Float64Array[]): Float64Array {
  const scores = new Float64Array(PIECES).fill(1)
  for (const column of columns)
    for (let i = 0; i < PIECES; i++) scores[i] = (scores[i] as number) * (1 - 0.5 * (1 - (column[i] as number)))
  return scores
}
