import { careOf } from '@/core/fabric/care'
import { type PiecePlanned, type Shade, type Wash } from '@/core/prepare/washing'
import { type PieceSummary } from '@/core/stashSearch/pieceSummary'

/** A piece whose weight or size is not known is taken for a dress length, g. */
const USUAL_GRAMS = 500

/** A tag that says that it smells of mould or shows it. */
const MUSTY = /\b(?:musty|mould|mold|mildew)/i

/** A piece of the stash as it is planned: washed as its fibres bear, by the colour that it is drawn in. */
export function asPlanned(gist: PieceSummary): PiecePlanned {
  const { offer, widthMm, lengthMm } = gist
  const gsm = offer.gsm?.value.value
  const grams = gsm && widthMm && lengthMm ? (gsm * widthMm * lengthMm) / 1e6 : USUAL_GRAMS
  return {
    id: gist.id,
    offer,
    grams: Math.round(grams),
    willBeWashed: washOf(gist),
    shade: shadeOf(gist.look.warp),
    bleeds: offer.washed ? false : null,
    isSecondHand: gist.thing !== 'cloth' && gist.thing !== 'offcut',
    isMusty: gist.tags.some((tag) => MUSTY.test(tag)),
    testSquare: offer.shrink?.how === 'measured' || offer.washed ? 'passed' : null,
  }
}

function washOf({ offer }: PieceSummary): Wash {
  const { washCelsius, isGentle } = careOf(offer)
  if (washCelsius === null) return 'dry-clean'
  if (isGentle) return washCelsius <= 30 ? 'hand' : 'cool'
  return washCelsius >= 60 ? 'warm' : 'cool'
}

/** How light and how strong a colour counts as, for the wash. @param colour #rrggbb */
export function shadeOf(colour: string): Shade {
  const [r, g, b] = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16)) as [number, number, number]
  const light = (0.299 * r + 0.587 * g + 0.114 * b) / 255
  const strong = (Math.max(r, g, b) - Math.min(r, g, b)) / 255
  if (light > 0.88 && strong < 0.12) return 'white'
  if (strong > 0.35 && r > g + 40 && r > b + 40) return 'red'
  if (strong > 0.55) return 'bright'
  return light < 0.35 ? 'dark' : 'light'
}
