import { planDyeing, type DyeAnswer, type DyeAsked } from '@/core/dye/dye'
import { DYE_CLASS_WORDS } from '@/core/vocabulary/dyes'
import { furtherWays } from '@/core/dye/ways'
import { type ClothLook } from '@/core/notebook/schemas/cloth'
import { type UnitSystem } from '@/core/units/format'
import { FIBRE_WORDS } from '@/core/vocabulary/fibres'
import { type Vocabulary } from '@/core/vocabulary/words'
import { drawnAs } from '@/ui/cloth/drawnAs'
import { type AddressState } from '../../shared/address/address'
import { type dyeAddress } from './dyeAddress'
import { loadUpcycledPiece } from './load'

/** Where nobody weighed it: a dress length, g. */
const USUAL_GRAMS = 400
/** Where nothing was picked yet: a dark blue, which most cloth takes visibly. */
const USUAL_DYE = '#2f4b7c'

/** What dyeing does to a piece of the stash, drawn on it. @returns undefined where there is no such piece */
export async function loadDye(
  pieceId: string,
  choice: AddressState<typeof dyeAddress>,
  reader: { units: UnitSystem; words: Vocabulary },
) {
  const found = await loadUpcycledPiece(pieceId, reader)
  if (!found) return undefined
  const { gist, summary, tile } = found
  const { offer, look } = gist
  const to = /^#[0-9a-f]{6}$/i.test(choice.to) ? choice.to : USUAL_DYE
  const thread = choice.thread || null
  const finish = choice.finish || null
  const grams = choice.grams ?? Math.round((gist.kg ?? 0) * 1000 || USUAL_GRAMS)
  const from = gist.colours[0] ?? look.weft
  const asked: DyeAsked = { mix: offer.mix ?? [], thread, grams, from, to, finish }
  const answer = asked.mix.length > 0 ? planDyeing(asked) : null
  const dyedAs = (of: (colour: string) => string): ClothLook => ({
    ...look,
    warp: of(look.warp),
    weft: of(look.weft),
    accent: look.accent && of(look.accent),
  })
  // Each colour of the weave is dyed once, for all three drawings.
  const colours = new Map<string, DyeAnswer>()
  const dyedFrom = (colour: string) => {
    const answered = colours.get(colour) ?? planDyeing({ ...asked, from: colour })
    colours.set(colour, answered)
    return answered
  }
  const ofEach = (which: (one: DyeAnswer) => string) =>
    drawnAs(
      gist.weave,
      dyedAs((colour) => which(dyedFrom(colour))),
    )
  return {
    id: pieceId,
    name: gist.name,
    summary,
    tile,
    choice: { ...choice, to, grams },
    from,
    knows: {
      how: offer.fibres?.how ?? null,
      of: asked.mix.map(({ fibre }) => FIBRE_WORDS[fibre][reader.words]).join(', '),
    },
    answer: answer && {
      ...answer,
      bathWords: DYE_CLASS_WORDS[answer.bath],
      fibreWords: answer.byFibre.map(({ fibre }) => FIBRE_WORDS[fibre][reader.words]),
      tiles: {
        expected: ofEach(({ expected }) => expected),
        lighter: ofEach(({ interval }) => interval[0]),
        darker: ofEach(({ interval }) => interval[1]),
      },
    },
    ways: furtherWays(offer),
  }
}

export type DyeData = NonNullable<Awaited<ReturnType<typeof loadDye>>>
