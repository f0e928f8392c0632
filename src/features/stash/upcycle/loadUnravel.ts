import { planUnravelling, type UnravelAsked } from '@/core/upcycle/unravel/unravel'
import { YARN_CLASSES } from '@/core/upcycle/unravel/yarn'
import { type UnitSystem } from '@/core/units/format'
import { KNIT_SEAM_WORDS, KNIT_SEAMS, YARN_SURFACE_WORDS, YARN_SURFACES } from '@/core/vocabulary/upcycling'
import { wordFor, type Vocabulary } from '@/core/vocabulary/words'
import { type AddressState } from '../../shared/address/address'
import { loadUpcycledPiece } from './load'
import { type unravelAddress } from './unravelAddress'

/** Where nobody weighed it: a jumper, g. */
const USUAL_GRAMS = 420

/** Whether a knitted piece gives its yarn back. @returns undefined where there is no such piece */
export async function loadUnravel(
  pieceId: string,
  choice: AddressState<typeof unravelAddress>,
  reader: { units: UnitSystem; words: Vocabulary },
) {
  const found = await loadUpcycledPiece(pieceId, reader)
  if (!found) return undefined
  const { gist, summary, tile } = found
  const asked: UnravelAsked = {
    construction: gist.construction ?? 'knit',
    seams: choice.seams,
    surface: choice.surface,
    grams: choice.grams ?? Math.round((gist.kg ?? 0) * 1000 || USUAL_GRAMS),
    mix: gist.offer.mix ?? [],
    strands: choice.strands,
    wrapsPerInch: choice.wraps,
  }
  const answer = planUnravelling(asked)
  return {
    id: pieceId,
    name: gist.name,
    summary,
    tile,
    fibres: gist.fibres,
    colour: gist.colours[0] ?? null,
    place: gist.place,
    asked: { ...asked, mix: undefined },
    answer: { ...answer, className: answer.yarnClass && YARN_CLASSES[answer.yarnClass].words[reader.words] },
    seams: KNIT_SEAMS.map((id) => [id, wordFor(KNIT_SEAM_WORDS[id], reader.words)] as const),
    surfaces: YARN_SURFACES.map((id) => [id, wordFor(YARN_SURFACE_WORDS[id], reader.words)] as const),
  }
}

export type UnravelData = NonNullable<Awaited<ReturnType<typeof loadUnravel>>>
