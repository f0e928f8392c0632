import { elasticPercent } from '../elastic'
import { type Rule } from '../rule'
import { type SewCase } from '../sewCase'
import { stitchLengthMm, stitchWidthMm } from '../../text/amounts'
import { phrase } from '../../text/text'

/** Worn tight and wet, or tight on the skin. */
export const isSwimOrLingerie = (c: SewCase) =>
  c.makes('swimwear', 'underwear') || (c.makes('camisole') && c.isKnit && c.stretch >= 40)

const stretchy = (c: SewCase) => isSwimOrLingerie(c) && (c.isKnit || c.isNet) && !c.isFilm
const ELASTIC_MM = 8
const percent = (place: 'leg' | 'neck' | 'waist') => elasticPercent(place, ELASTIC_MM).join(' to ')

/** Swimwear and lingerie. Common practice; per cents from memory. */
export const swimOrder: readonly Rule<null>[] = [
  {
    id: 'elastic-every-edge',
    when: stretchy,
    gives: null,
    text:
      `Put elastic in every edge: waist ${percent('waist')} % of the edge, legs ${percent('leg')} % (less across the ` +
      `front, more at the seat), neck and armholes ${percent('neck')} %. Zigzag it on the wrong side, turn it, and ` +
      'zigzag again.',
    safety: 3,
  },
  {
    id: 'gusset-lining',
    when: (c) => c.makes('swimwear', 'underwear'),
    gives: null,
    text: 'Line the gusset: cotton jersey for underwear, swim lining for swimwear; enclose its front and back seams.',
    safety: 2,
  },
  {
    id: 'cups-and-lining',
    when: (c) => c.makes('swimwear'),
    gives: null,
    text:
      'Line the front at least, with a lining that stretches as far. Put cups between the layers before the ' +
      'elastic.',
    safety: 1,
  },
]
export const swimPoints: readonly Rule<'stretch'>[] = [
  {
    id: 'point-stretch-swim',
    when: stretchy,
    gives: 'stretch',
    text: 'A stretch point: on wet-suit weight knits with elastane every other needle skips.',
    safety: 7,
  },
]
export const swimSizes: readonly Rule<readonly [number, number]>[] = [
  {
    id: 'size-swim',
    when: stretchy,
    gives: [75, 75],
    text: 'Size 75 for swim and lingerie knits.',
    safety: 6,
  },
]
export const swimStitches: readonly Rule<'narrow-zigzag'>[] = [
  {
    id: 'stitch-zigzag-swim',
    when: stretchy,
    gives: 'narrow-zigzag',
    text: phrase`A narrow zigzag (${stitchWidthMm(1)} wide, ${stitchLengthMm(2.5)} long), or the overlocker with
      a zigzag at points of strain.`,
    safety: 4,
  },
]
