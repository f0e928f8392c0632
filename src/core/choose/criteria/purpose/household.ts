import { isCloth } from '../../../cloths/traits'
import { careOf } from '../../../fabric/care'
import { hasPile, isCoated } from '../../../fabric/handling'
import { meanOver, shareOf } from '../../../fabric/mix'
import { GOOD_FIT } from '../../fit/steps'
import { type PurposeRule } from './rule'
import { fibresOf } from '../../../fibres/traits'
import { inCelsius } from '../../../text/amounts'
import { phrase, type Phrase } from '../../../text/text'

/** Families whose fibres drink; wool and silk take up damp air but shed a spill, and what melts takes up nothing. */
const DRINKS: readonly string[] = ['plant', 'regenerated']
/** Share of fibres that drink at which a cloth still soaks up well, and at which it only smears. */
const DRINKS_WELL = 0.75
const SMEARS = 0.2

/** A napkin or a towel takes up what is spilt. Common practice. */
export const soaksUp: PurposeRule = {
  property: 'absorbency',
  importance: 0.8,
  reads: ({ mix, fibres, called, handling }) => [mix, fibres?.how, called, handling],
  judge: (offer) => {
    const { fibres, mix = [] } = offer
    if (isCoated(offer))
      return { fit: 0.02, by: { value: true, how: 'said' }, text: 'It is coated, and absorbs nothing.' }
    const share = meanOver(mix, ({ family }) => (DRINKS.includes(family) ? 1 : 0))?.value
    if (share === undefined) return { fit: null, text: 'Its absorbency depends on its fibre, which is not known.' }
    const fit = Math.min(1, Math.max(0.05, (share - SMEARS) / (DRINKS_WELL - SMEARS)))
    const little = share > SMEARS ? 'Only part of it is absorbent' : 'It sheds or smears spills'
    const text = fit >= 0.8 ? 'It absorbs spills.' : `${little}: use cotton or linen instead.`
    return { fit, by: fibres, text }
  },
}

/** How well a wash of so many degrees cleans what gets greasy or lies in a bed, 0 … 1; common practice. */
const BY_HEAT: readonly (readonly [number, number])[] = [
  [60, 1],
  [40, 0.6],
  [30, 0.2],
]

/** Table and bed linen is washed hot. Common practice. */
export const washedHot: PurposeRule = {
  property: 'hot-wash',
  importance: 0.6,
  reads: ({ fibres, mix, called, handling }) => [fibres, mix, called, handling],
  judge: (offer) => {
    const { fibres, mix = [] } = offer
    if (!fibres) return { fit: null, text: 'Whether it tolerates a hot wash depends on its fibre.' }
    const { washCelsius } = careOf(offer)
    // What a name is usually of are alternatives: no blend of all of them, of which the tenderest would decide.
    const guessed =
      fibres.how === 'estimated' && washCelsius !== null
        ? meanOver(mix, ({ care }) => heatFit(care.celsius))?.value
        : undefined
    const fit = guessed ?? heatFit(washCelsius)
    return { fit, by: fibres, text: guessed === undefined ? hotWords(washCelsius) : likelyWords(fit) }
  },
}

function heatFit(celsius: number | null): number {
  return BY_HEAT.find(([from]) => (celsius ?? 0) >= from)?.[1] ?? 0.05
}

function hotWords(celsius: number | null): Phrase {
  if (celsius === null) return 'It needs dry cleaning, and this has to be washed hot.'
  return heatFit(celsius) === 1
    ? phrase`It tolerates a hot wash, at ${inCelsius(celsius)}.`
    : phrase`It tolerates ${inCelsius(celsius)} at most, and this has to be washed hot.`
}

function likelyWords(fit: number): string {
  return fit >= GOOD_FIT
    ? 'By its name it tolerates a hot wash.'
    : 'By its name it may not tolerate the hot wash that this needs.'
}

/** A towel wants loops. */
export const driesByLoops: PurposeRule = {
  property: 'loops',
  importance: 0.5,
  reads: ({ called, interlacing, mix, fibres, handling, construction }) => [
    called,
    interlacing,
    mix,
    fibres?.how,
    handling,
    construction?.how,
  ],
  judge: (offer) => {
    const { called = '', interlacing, mix = [], construction, fibres } = offer
    const by = construction ?? fibres
    if (isCloth(called, 'looped') || (interlacing === undefined && hasPile(offer)))
      return { fit: 1, by: by ?? { value: called, how: 'said' }, text: 'Its loops hold a lot of water.' }
    if (isCloth(called, 'dries-by-weave') || interlacing === 'waffle')
      return { fit: 0.95, by, text: 'Its cells hold a lot of water for a flat fabric.' }
    if (!called && interlacing === undefined)
      return { fit: null, text: 'A towel needs loops or a honeycomb; the weave of this one is not known.' }
    return shareOf({ mix }, fibresOf('softens-with-washing')) > 0.4
      ? { fit: 0.8, by, text: 'Flat, but linen dries well: good as a glass or tea towel.' }
      : { fit: 0.35, by, text: 'Flat: it holds much less water than loops or a honeycomb.' }
  },
}
