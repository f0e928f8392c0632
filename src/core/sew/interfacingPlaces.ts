import { type Detail, type Garment } from '../vocabulary/choosing'
import { type SewCase } from './sewCase'
import { inCm, inMm, inGsm } from '../text/amounts'
import { type Phrase, phrase } from '../text/text'

/** One part of a garment that is interfaced, and with what. */
export interface InterfacedPlace {
  id: string
  /** As it stands in a sentence. */
  place: string
  /** g/m². */
  gsm: [low: number, high: number]
  kind: 'woven' | 'knit' | 'nonwoven' | 'hair-canvas' | 'stay-tape'
  attach: 'fusible' | 'sew-in'
  text: Phrase
}

interface PlaceRule {
  id: string
  place: string
  details?: readonly Detail[]
  garments?: readonly Garment[]
  /** Only of such fabrics. */
  when?: (c: SewCase) => boolean
  /** Share of the fabric's own weight. */
  share: readonly [low: number, high: number]
  /** g/m² that it is never less or more than. */
  bounds: readonly [least: number, most: number]
  kind?: InterfacedPlace['kind']
  attach?: InterfacedPlace['attach']
  text: Phrase
}

const TAILORED: readonly Garment[] = ['blazer', 'coat', 'waistcoat']

/** A third to a half of the fabric's weight. Common practice. */
const A_THIRD_TO_A_HALF = [1 / 3, 1 / 2] as const

/** Which parts are interfaced, how heavily and how. Common practice; limits from memory. */
export const PLACE_RULES: readonly PlaceRule[] = [
  {
    id: 'collar-and-cuffs',
    place: 'collar and cuffs',
    details: ['collar', 'cuffs'],
    when: (c) => c.garment === undefined || !TAILORED.includes(c.garment),
    share: A_THIRD_TO_A_HALF,
    bounds: [40, 80],
    text: 'The upper collar and the outer cuff, without their seam allowances. A second layer on the collar stand.',
  },
  {
    id: 'button-placket',
    place: 'button and buttonhole plackets',
    details: ['placket', 'buttonholes', 'button-loops'],
    share: A_THIRD_TO_A_HALF,
    bounds: [25, 70],
    text: 'Along the whole placket: buttonholes tear out of bare fabric.',
  },
  {
    id: 'waistband',
    place: 'waistband',
    details: ['waistband'],
    share: [1 / 2, 4 / 5],
    bounds: [60, 140],
    text: 'The whole band to its fold, firmer than a collar, so that it does not roll.',
  },
  {
    id: 'facings',
    place: 'facings',
    details: ['facings'],
    share: A_THIRD_TO_A_HALF,
    bounds: [20, 70],
    text: 'Neck and armhole facings, not the garment itself, so that no line shows outside.',
  },
  {
    id: 'welts',
    place: 'pocket welts and zip openings',
    details: ['welt-pockets', 'zip'],
    share: A_THIRD_TO_A_HALF,
    bounds: [20, 70],
    text: 'The welts, and a strip behind the opening on the wrong side, before it is cut.',
  },
  {
    id: 'front-facing',
    place: 'front facing of a jacket',
    garments: ['jacket-casual', 'kimono-jacket'],
    share: A_THIRD_TO_A_HALF,
    bounds: [40, 90],
    text: 'The facing and the undercollar; the hems get a bias strip of the same.',
  },
  {
    id: 'chest',
    place: 'fronts and chest',
    garments: ['blazer', 'coat'],
    share: [1 / 2, 4 / 5],
    bounds: [150, 280],
    kind: 'hair-canvas',
    attach: 'sew-in',
    text: 'Hair canvas cut on the straight, pad-stitched to the front, with a chest piece on it from shoulder to bust.',
  },
  {
    id: 'lapel-and-undercollar',
    place: 'lapel and undercollar',
    garments: ['blazer', 'coat'],
    share: A_THIRD_TO_A_HALF,
    bounds: [90, 200],
    kind: 'hair-canvas',
    attach: 'sew-in',
    text: 'Collar canvas on the bias, pad-stitched over the hand so that it rolls.',
  },
  {
    id: 'edges-and-roll-line',
    place: 'front edge, roll line, armholes and back neck',
    garments: ['blazer', 'coat'],
    share: [0.1, 0.3],
    bounds: [30, 90],
    kind: 'stay-tape',
    attach: 'sew-in',
    text: phrase`Linen or cotton stay tape. Ease the roll line by about ${inMm(5)}.`,
  },
  {
    id: 'tailored-hems',
    place: 'hems, vents and pocket mouths',
    garments: ['blazer', 'coat'],
    share: [1 / 4, 1 / 3],
    bounds: [40, 100],
    text: phrase`Bias strips of light interfacing, ${inCm(2)} past the fold, caught by hand.`,
  },
  {
    id: 'waistcoat-fronts',
    place: 'fronts',
    garments: ['waistcoat'],
    share: A_THIRD_TO_A_HALF,
    bounds: [60, 130],
    text: 'Both fronts whole, lighter at the armholes.',
  },
  {
    id: 'bag-body',
    place: 'body, flap and handles of a bag',
    garments: ['bag', 'rucksack', 'pouch'],
    share: [4 / 5, 3 / 2],
    bounds: [80, 400],
    kind: 'nonwoven',
    text: 'All outer parts without their allowances; foam or a firm base sewn in where it has to stand.',
  },
  {
    id: 'hat',
    place: 'brim and crown',
    garments: ['hat'],
    share: [4 / 5, 3 / 2],
    bounds: [100, 300],
    kind: 'nonwoven',
    attach: 'sew-in',
    text: 'A stiff one in the brim, a soft one in the crown.',
  },
]

/** Each part that is interfaced, with weights from the fabric's own. */
export function interfacedPlaces(
  c: SewCase,
  { construction, attach }: { construction: 'woven' | 'knit' | 'nonwoven'; attach: 'fusible' | 'sew-in' },
): InterfacedPlace[] {
  const isNamed = ({ details = [], garments = [] }: PlaceRule) => c.has(...details) || c.makes(...garments)
  return PLACE_RULES.filter((rule) => isNamed(rule) && (rule.when?.(c) ?? true)).map(
    ({ id, place, share, bounds: [least, most], kind, attach: own, text }) => {
      const between = (part: number) => Math.round(Math.min(most, Math.max(least, c.gsm * part)) / 5) * 5
      const [low, high] = [between(share[0]), between(share[1])]
      const stretches = c.isKnit || c.stretch >= STRETCHES
      const made = kind ?? (stretches ? 'knit' : construction)
      const how = own ?? attach
      const about = low === high ? 'about ' : ''
      const words =
        made === 'stay-tape' ? text : phrase`${text} ${KIND_WORDS[made]}, ${how}, ${about}${inGsm(low, high)}.`
      return {
        id,
        place,
        gsm: [low, high] as [number, number],
        kind: made,
        attach: how,
        text: words,
      }
    },
  )
}

/** Per cent from which interfacing has to give, too. */
const STRETCHES = 10

const KIND_WORDS = {
  woven: 'Woven',
  knit: 'Knitted',
  nonwoven: 'Non-woven',
  'hair-canvas': 'Hair canvas',
} as const
