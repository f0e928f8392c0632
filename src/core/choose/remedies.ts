import { type Phrase } from '../text/text'
import { careOf } from '../fabric/care'
import { hasPile, isCoated } from '../fabric/handling'
import { stretchesOnlyAlong } from '../fabric/stretchWay'
import { type Offer } from '../fabric/types'
import { chosenWord, type Avoid } from '../vocabulary/choosing'
import { detailRules } from './need/details'
import { type Assessment } from './fit/types'
import { itemAt, mustHave } from '../lists/items'

/** A change to the making that rescues a near miss. */
export interface RemedyRule {
  id: string
  text: Phrase
  /** 1 next to nothing, 2 an hour, 3 more cloth and a day. */
  effort: 1 | 2 | 3
  /** The fit of an assessment after the change; undefined where it changes nothing. */
  rescues: (assessment: Assessment) => number | undefined
  /** The fit of what it makes worse; undefined where it does not. */
  worsens?: (assessment: Assessment) => number | undefined
  /** Said where it makes something worse. */
  costs?: string
}

/** What a lining that drags is mended by. */
export const SMOOTH_SLEEVES = {
  id: 'sleeves-in-smooth',
  text: 'Line the sleeves with something smooth (cupro, acetate, silk).',
} as const

/** A change with the cloths and things for which it can be thought of at all. */
interface GeneralRule extends RemedyRule {
  when?: (offer: Offer) => boolean
}

/** g/m² beyond which nobody mounts a cloth on another: it has body of its own; and to which one lays it double. */
const UNDERLINED_TO_GSM = 180
const DOUBLED_TO_GSM = 95

const falls = ({ fit }: Assessment) => fit !== null && fit < 0.8
const misses = (a: Assessment, property: Assessment['property'], miss?: 'under' | 'over') =>
  a.property === property && falls(a) && (miss === undefined || a.miss === miss)
/** Whether the pattern is not suitable for something that this fabric is. */
const avoids = (a: Assessment, what: Avoid) => misses(a, 'looks') && a.avoided?.includes(what)
const isLight = ({ gsm }: Offer, most: number) => gsm === undefined || gsm.value.value <= most
/** Warmer by a layer: what it takes off in the heat. */
const warmer = (a: Assessment) => (a.property === 'season' && a.fit !== null ? a.fit * 0.85 : undefined)

/** Changes that do not depend on a detail; common practice, the fits after them from memory. */
const general: readonly GeneralRule[] = [
  {
    ...SMOOTH_SLEEVES,
    effort: 2,
    rescues: (a) => (misses(a, 'slip') ? 0.9 : undefined),
  },
  {
    id: 'line-it',
    text: 'Line it: a lining stops the light from behind.',
    effort: 3,
    rescues: (a) => (misses(a, 'opacity', 'under') ? 0.95 : undefined),
    worsens: warmer,
    costs: 'A lining makes it warmer to wear.',
  },
  {
    id: 'underline-it',
    text: 'Underline it: put a second, firm light fabric under every piece and sew the two as one.',
    effort: 3,
    when: (offer) => isLight(offer, UNDERLINED_TO_GSM),
    rescues: (a) => {
      if (!falls(a) || a.miss !== 'under') return undefined
      if (a.property === 'opacity') return 0.9
      return a.property === 'weight' || a.property === 'body' ? Math.min(0.85, mustHave(a.fit) + 0.4) : undefined
    },
    worsens: warmer,
    costs: 'A second layer makes it warmer to wear.',
  },
  {
    id: 'double-it',
    text: 'Use it double: two layers of the same fabric, sewn as one. You need twice the length.',
    effort: 3,
    when: (offer) => isLight(offer, DOUBLED_TO_GSM) && offer.gsm !== undefined,
    rescues: (a) => {
      if (misses(a, 'opacity', 'under')) return 0.9
      return misses(a, 'weight', 'under') ? Math.min(0.95, mustHave(a.fit) + 0.55) : undefined
    },
    worsens: (a) =>
      warmer(a) ?? (a.detail === 'gathers' || a.detail === 'ruffles' ? Math.min(a.fit ?? 1, 0.75) : undefined),
    costs: 'Doubled, it is warmer, and gathers get thicker.',
  },
  {
    id: 'cut-crosswise',
    text: 'Cut it crosswise, so that the stretch goes round the body.',
    effort: 1,
    when: stretchesOnlyAlong,
    rescues: (a) => (misses(a, 'stretch-width', 'under') || (a.property === 'pull-on' && falls(a)) ? 0.9 : undefined),
  },
  {
    id: 'cut-on-bias',
    text: 'Cut it on the bias, which stretches where the straight grain does not. You need more fabric.',
    effort: 2,
    when: ({ construction }) => construction?.value !== 'knit',
    rescues: (a) => (a.property === 'close-fit' && falls(a) ? 0.85 : undefined),
  },
  {
    id: 'add-fastening',
    text: 'Add a fastening (a zip or buttons), since it does not stretch over the head or hips.',
    effort: 2,
    rescues: (a) => ((a.property === 'pull-on' || a.property === 'close-fit') && falls(a) ? 0.9 : undefined),
  },
  {
    id: 'stay-tape',
    text: 'Tape shoulders, neck and waist with stay tape, so that they don’t grow.',
    effort: 1,
    rescues: (a) =>
      misses(a, 'stretch-width', 'over') || misses(a, 'stretch-length', 'over')
        ? Math.min(0.85, mustHave(a.fit) + 0.3)
        : undefined,
  },
  {
    id: 'pre-soften',
    text: 'Soften it first: wash it hot a few times. Linen and cotton lose their dressing and drape better.',
    effort: 1,
    when: (offer) =>
      !isCoated(offer) && (offer.fibres?.value ?? []).length > 0 && (careOf(offer).washCelsius ?? 0) >= 60,
    rescues: (a) => (misses(a, 'body', 'over') ? Math.min(0.85, mustHave(a.fit) + 0.25) : undefined),
  },
  {
    id: 'face-the-hem',
    text: 'Face the hem and the edges with a lighter fabric instead of turning them in.',
    effort: 1,
    rescues: (a) => {
      if (misses(a, 'weight', 'over')) return Math.min(0.8, mustHave(a.fit) + 0.15)
      return a.detail === 'facings' && a.miss === 'over' && falls(a) ? 0.9 : undefined
    },
  },
  {
    id: 'nap-layout',
    text: 'Lay all pieces one way up; you need about an eighth more fabric.',
    effort: 1,
    when: (offer) => hasPile(offer),
    rescues: (a) => (avoids(a, 'one-way') ? 0.85 : undefined),
  },
  {
    id: 'turn-the-print',
    text:
      'Use the print: place its motifs on purpose, in the middle of a piece or along it, and use few ' + 'pieces.',
    effort: 2,
    when: ({ repeatMm = 0 }) => repeatMm > 0,
    rescues: (a) => (misses(a, 'print') || avoids(a, 'large-print') ? 0.8 : undefined),
  },
  {
    id: 'use-the-back',
    text: 'Use its wrong side, where the lines don’t show.',
    effort: 1,
    rescues: (a) => (avoids(a, 'diagonals') ? 0.8 : undefined),
  },
  {
    id: 'wash-first',
    text: 'Wash and dry it first, as you will the garment; steam what you can’t wash.',
    effort: 1,
    rescues: (a) => (a.property === 'washing' ? 1 : undefined),
  },
]

/** Every remedy that could rescue something in these assessments. */
export function remediesFor(assessments: readonly Assessment[], offer: Offer): RemedyRule[] {
  const own = assessments.flatMap((assessment) => (falls(assessment) ? ofDetail(assessment) : []))
  const interfaced = own.filter(({ id }) => id === 'interface-it')
  // A second cloth behind lets no pleat hold that does not by itself.
  const isPleated = assessments.some((one) => one.detail === 'pleats' && falls(one))
  const rules: RemedyRule[] = [
    ...general.filter(({ id, when }) => (when?.(offer) ?? true) && !(isPleated && id === 'underline-it')),
    ...own.filter(({ id }) => id !== 'interface-it'),
  ]
  if (interfaced.length > 0) {
    rules.push({
      ...itemAt(interfaced, 0),
      rescues: (a) => interfaced.map((rule) => rule.rescues(a)).find((fit) => fit !== undefined),
    })
  }
  return rules.filter((rule) => assessments.some((assessment) => rule.rescues(assessment) !== undefined))
}

function ofDetail({ detail, miss }: Assessment): RemedyRule[] {
  if (!detail) return []
  const rule = detailRules[detail]
  const word = chosenWord(detail)
  const only = (fit: number) => (assessment: Assessment) => (assessment.detail === detail ? fit : undefined)
  const found: RemedyRule[] = []
  if (rule.mayLeaveOff)
    found.push({ id: `leave-off-${detail}`, text: `Leave out the ${word}.`, effort: 1, rescues: only(1) })
  if (rule.swap && (rule.swap.miss === undefined || rule.swap.miss === miss))
    found.push({ id: `swap-${detail}`, text: rule.swap.text, effort: 1, rescues: only(0.9) })
  if (rule.interfacingHelps && miss === 'under') {
    found.push({
      id: 'interface-it',
      text: 'Back those parts with interfacing no heavier than the fabric.',
      effort: 2,
      rescues: only(0.9),
    })
  }
  if (rule.lighterClothHelps && miss === 'over') {
    const text = `Cut the ${word} from a lighter fabric.`
    found.push({ id: `lighter-${detail}`, text, effort: 2, rescues: only(0.9) })
  }
  return found
}
