import { mustHave } from '../lists/items'
import { inMm } from '../text/amounts'
import { phrase, type Phrase } from '../text/text'

/** Where elastic goes. */
export const ELASTIC_PLACES = ['waist', 'leg', 'wrist', 'neck', 'underbust', 'strap'] as const
export type ElasticPlace = (typeof ELASTIC_PLACES)[number]

/** Width of elastic, mm, up to which a row counts. */
type Row = readonly [upToMm: number, percents: Readonly<Record<ElasticPlace, readonly [number, number]>>]

/**
 * Length of elastic, per cent of what it goes round: narrow elastic stretches far with little force, wide elastic
 * presses with much. [low, high]. Common practice, from memory; the elastic at hand is tried on the body.
 */
const PERCENTS: readonly Row[] = [
  [4, { waist: [80, 88], leg: [88, 95], wrist: [85, 92], neck: [88, 95], underbust: [82, 90], strap: [90, 97] }],
  [8, { waist: [82, 90], leg: [86, 93], wrist: [85, 92], neck: [90, 96], underbust: [82, 90], strap: [90, 97] }],
  [15, { waist: [85, 92], leg: [85, 92], wrist: [85, 92], neck: [92, 97], underbust: [82, 88], strap: [88, 95] }],
  [30, { waist: [88, 94], leg: [88, 94], wrist: [88, 94], neck: [94, 98], underbust: [80, 88], strap: [88, 95] }],
  [
    Infinity,
    { waist: [92, 97], leg: [92, 97], wrist: [92, 97], neck: [95, 99], underbust: [85, 92], strap: [92, 98] },
  ],
]

/**
 * How long elastic is cut, per cent of the edge or of the body, join not included.
 * @param widthMm of the elastic
 * @throws RangeError where its width is not above zero
 */
export function elasticPercent(place: ElasticPlace, widthMm: number): readonly [number, number] {
  if (!(widthMm > 0)) throw new RangeError('elasticPercent: needs a width of more than zero')
  return mustHave(PERCENTS.find(([upToMm]) => widthMm <= upToMm))[1][place]
}

/** For a supply list: what a width of elastic is cut to at a waist. */
export function elasticWords(place: ElasticPlace, widthMm: number): Phrase {
  const [low, high] = elasticPercent(place, widthMm)
  return phrase`${inMm(widthMm)} wide: ${low} to ${high} % of the ${PLACE_WORDS[place]}`
}

const PLACE_WORDS: Readonly<Record<ElasticPlace, string>> = {
  waist: 'waist',
  leg: 'leg opening',
  wrist: 'wrist',
  neck: 'neckline',
  underbust: 'underbust',
  strap: 'strap length',
}
