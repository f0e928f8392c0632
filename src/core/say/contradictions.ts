import { hasMeltingPile } from '../fabric/handling'
import { type Offer } from '../fabric/types'
import { type Step } from '../prepare/step'
import { type SewAdvice } from '../sew/advice'
import { asPlainText } from '../text/render'

/** All advice for one fabric made into one thing. */
export interface AllAdvice {
  offer: Offer
  sew: SewAdvice
  steps: readonly Step[]
}

interface Pair {
  id: string
  /** Both at once would contradict each other. */
  one: (all: AllAdvice) => boolean
  other: (all: AllAdvice) => boolean
}

const orders = ({ sew }: AllAdvice, ...ids: string[]) => sew.order.some(({ id }) => ids.includes(id))
const warns = ({ sew }: AllAdvice, ...ids: string[]) => sew.warnings.some(({ id }) => ids.includes(id))
const plans = ({ steps }: AllAdvice, kind: Step['kind'], words: RegExp) =>
  steps.some((step) => step.kind === kind && words.test(asPlainText(step.text)))
const isThreadless = ({ offer: { construction } }: AllAdvice) =>
  ['hide', 'sheet', 'felted', 'net', 'knit'].includes(construction?.value ?? '')

/** Pairs of statements that must not stand together for one fabric. */
export const CONTRADICTIONS: readonly Pair[] = [
  {
    id: 'one dot and steam',
    one: ({ sew }) => sew.pressing.ironDots === 1,
    other: ({ sew }) => sew.pressing.steam,
  },
  {
    id: 'no iron, and steam, a press cloth or dots',
    one: ({ sew }) => sew.pressing.ironDots === 0,
    other: ({ sew }) =>
      sew.pressing.steam || sew.pressing.pressCloth || /\bdots?\b/.test(asPlainText(sew.pressing.text)),
  },
  {
    id: 'no iron, and seams pressed',
    one: ({ sew }) => sew.pressing.ironDots === 0,
    other: (all) => orders(all, 'press-each-seam', 'open-seams-pile'),
  },
  {
    id: 'no iron, and pressed before cutting',
    one: ({ sew }) => sew.pressing.ironDots === 0,
    other: (all) => plans(all, 'press', /\b(?:Press|[Ss]team) /),
  },
  {
    id: 'melts, and felts or scorches',
    one: (all) => warns(all, 'iron-shrinks-skin'),
    other: (all) => warns(all, 'iron-melts', 'iron-felts'),
  },
  {
    id: 'seam once, and sew twice',
    one: ({ sew }) => /sew each seam once|seam once/.test(asPlainText(sew.needle.text)),
    other: (all) => orders(all, 'sew-twice', 'costume-strain'),
  },
  {
    id: 'pins, and pins leave holes in a film',
    one: ({ sew }) =>
      ['clips'].includes(sew.pinning.id) && /[Nn]o pins|never pins/.test(asPlainText(sew.pinning.text)),
    other: ({ sew }) =>
      /\bpins\b/.test(asPlainText(sew.cutting.text)) && !/no pins|[Pp]ins would/.test(asPlainText(sew.cutting.text)),
  },
  {
    id: 'single layer, and folded',
    one: ({ sew }) => sew.cutting.layers === 'single',
    other: ({ sew }) => /^Folded/.test(asPlainText(sew.cutting.text)),
  },
  {
    id: 'fused, on what bears too little heat or has a pile that melts',
    one: ({ sew }) => sew.interfacing.attach === 'fusible',
    other: ({ sew, offer }) => sew.pressing.ironDots === 0 || hasMeltingPile(offer),
  },
  {
    id: 'a closed seam in what is too thick for it',
    one: ({ sew }) => sew.seams[0]?.id === 'french',
    other: ({ offer }) => (offer.gsm?.value.value ?? 0) > 190,
  },
  {
    id: 'a twin needle in what does not stretch',
    one: ({ sew }) => sew.hems[0]?.id === 'twin-needle',
    other: ({ offer }) => offer.construction?.value === 'woven',
  },
  {
    id: 'a ball point in what has no loops',
    one: ({ sew }) => sew.needle.point === 'ball-point',
    other: ({ offer }) => ['woven', 'hide', 'sheet', 'felted'].includes(offer.construction?.value ?? 'woven'),
  },
  {
    id: 'a thread drawn or torn where there is none',
    one: isThreadless,
    other: (all) => plans(all, 'true-grain', /^(?:Tear|Draw)/),
  },
  {
    id: 'washed, and not to be washed',
    one: ({ steps }) => steps.some(({ kind }) => kind === 'wash'),
    other: (all) => warns(all, 'clean-leather', 'clean-suede', 'clean-fur', 'clean-sheepskin'),
  },
  {
    id: 'hung on a line, and grows when it is hung wet',
    one: (all) => plans(all, 'dry', /^Hang/),
    other: (all) => warns(all, 'weak-when-wet') || all.offer.construction?.value === 'knit',
  },
  {
    id: 'starched, and never washed out',
    one: (all) => plans(all, 'stabilise', /starch at the iron|stabiliser/),
    other: ({ steps }) => !steps.some(({ kind }) => kind === 'wash-out'),
  },
  {
    id: 'elastic in every edge, and a blind or twin-needle hem first',
    one: (all) => orders(all, 'elastic-every-edge'),
    other: ({ sew }) => sew.hems[0]?.id !== 'elastic',
  },
  {
    id: 'elastic in every edge, and tape in the shoulders',
    one: (all) => orders(all, 'elastic-every-edge'),
    other: (all) => orders(all, 'stay-tape-knit'),
  },
  {
    id: 'edges finished, on what does not fray',
    one: (all) => orders(all, 'finish-edges-first') || all.steps.some(({ kind }) => kind === 'finish-edges'),
    other: ({ offer }) => ['hide', 'sheet', 'felted', 'knit'].includes(offer.construction?.value ?? ''),
  },
  {
    id: 'shrinks in the wash, and no water near it',
    one: (all) => warns(all, 'shrinks-later'),
    other: ({ offer }) => offer.material !== undefined && offer.material !== 'felt' && offer.material !== 'oilcloth',
  },
]
