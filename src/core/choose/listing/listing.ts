import { wouldDo } from '../fit/steps'
import { comfortOf } from '../comfort/comfort'
import { match } from '../match'
import { howMuchIsNeeded } from '../enough/enough'
import { type LengthAtWidth } from '../enough/widths'
import { type Listed, type ListingChecked, type SuitedPattern } from './listed'
import { thicknessOf } from '../../fabric/thickness'
import { offerFrom } from '../../fabric/offer'
import { type Offer } from '../../fabric/types'
import { fibreByWord } from '../../fibres/catalogue'
import { listingOpacity } from '../../notebook/foretell'
import { type Need } from '../../notebook/schemas/need'
import { GRAMS_PER_OUNCE, GSM_PER_MOMME, GSM_PER_OUNCE_PER_SQUARE_YARD, MM_PER_YARD } from '../../units/constants'
import { type FibreId } from '../../vocabulary/fibres'
import { inCm } from '../../text/amounts'
import { phrase } from '../../text/text'

/** Usual doubt of a stated weight, as a share; of memory. */
const STATED_DOUBT = 0.05
const MM_PER_METRE = 1000

/** g/m² of a weight as shops state it; null where it cannot be told: by the running yard without a width. */
export function listedGsm({
  weight,
  weightIn,
  widthMm,
}: Pick<Listed, 'weight' | 'weightIn' | 'widthMm'>): number | null {
  if (weight === null || !(weight > 0)) return null
  switch (weightIn) {
    case 'gsm':
      return weight
    case 'oz':
      return weight * GSM_PER_OUNCE_PER_SQUARE_YARD
    case 'momme':
      return weight * GSM_PER_MOMME
    case 'oz-yard':
      return widthMm ? (weight * GRAMS_PER_OUNCE) / ((widthMm * MM_PER_YARD) / 1e6) : null
    case 'g-metre':
      return widthMm ? (weight * MM_PER_METRE) / widthMm : null
  }
}

/** The fibres of a label’s words, a percentage as a share: most of it from 60 %, half from 40, a part below. */
export function listedFibres(text: string): { fibre: FibreId; share: 'all' | 'main' | 'even' | 'minor' }[] {
  const found = new Map<FibreId, number | null>()
  for (const part of text.toLowerCase().split(/[,;/+&]|\band\b/)) {
    const percent = /(\d{1,3}(?:[.,]\d+)?)\s*%/.exec(part)?.[1]
    const words = part.replace(/[^a-z ]/g, ' ').trim()
    const fibre = fibreByWord(words) ?? words.split(/\s+/).map(fibreByWord).find(Boolean)
    if (fibre && !found.has(fibre.id))
      found.set(fibre.id, percent === undefined ? null : Number(percent.replace(',', '.')))
  }
  return [...found].map(([fibre, percent]) => ({ fibre, share: shareOf(percent, found.size) }))
}

function shareOf(percent: number | null, count: number): 'all' | 'main' | 'even' | 'minor' {
  if (count === 1) return 'all'
  if (percent === null) return 'even'
  return percent >= 60 ? 'main' : percent >= 40 ? 'even' : 'minor'
}

/** What a listing comes to: how sheer, how stiff, how dear, how warm; what to ask, and which patterns it would suit. */
export function checkListing(
  listed: Listed,
  patterns: readonly { id: string; name: string; need: Need; lengths?: readonly LengthAtWidth[] }[],
): ListingChecked {
  const value = listedGsm(listed)
  const gsm = value === null ? null : { value, sd: value * STATED_DOUBT }
  const fibres = listedFibres(listed.fibres)
  const offer = offerFrom({
    called: listed.called || undefined,
    gsm: value ?? undefined,
    gsmUncertainty: gsm?.sd,
    fibres: fibres.length > 0 ? fibres : undefined,
    washed: false,
    widthMm: listed.widthMm ?? undefined,
  })
  const comfort = comfortOf(offer, true)
  const held = patterns.map(({ id, name, need, lengths = [] }) => ({ id, name, lengths, ...match(need, offer) }))
  return {
    gsm,
    opacity: listingOpacity({ called: listed.called, gsm: gsm ?? undefined, filament: null, lightness: null }),
    body: offer.body ?? null,
    thicknessMm: thicknessOf(offer)?.value ?? null,
    perM2: perSquareMetre(listed),
    hot: comfort.hot.interval80,
    cold: comfort.cold.interval80,
    fibres: offer.fibres?.value ?? [],
    asks: asksOf(listed, offer),
    patterns: held
      .filter(({ verdict }) => wouldDo(verdict))
      .sort((a, b) => b.score - a.score)
      .slice(0, 8)
      .map(({ id, name, verdict, spread, lengths }) => ({
        id,
        name,
        verdict,
        spread,
        ...bought(listed, lengths, offer),
      })),
  }
}

/** What a pattern would take of it, and come to: so that a narrow bargain and a broad cloth compare fairly. */
function bought(
  { widthMm, price, pricePer }: Listed,
  lengths: readonly LengthAtWidth[],
  offer: Offer,
): Pick<SuitedPattern, 'buy' | 'cost'> {
  if (widthMm === null || lengths.length === 0) return { buy: null, cost: null }
  // Of several sizes the largest, to be safe.
  const { buy } = howMuchIsNeeded({ lengths: largestAtEachWidth(lengths), fabric: { widthMm, offer } })
  const units = pricePer === 'metre' ? buy.metres : buy.yards
  return { buy: buy.text, cost: price === null ? null : price * units }
}

function largestAtEachWidth(lengths: readonly LengthAtWidth[]): LengthAtWidth[] {
  const largest = new Map<string, LengthAtWidth>()
  for (const one of lengths) {
    const key = `${one.widthMm} ${one.nap}`
    if ((largest.get(key)?.lengthMm ?? 0) < one.lengthMm) largest.set(key, one)
  }
  return [...largest.values()]
}

function perSquareMetre({ price, pricePer, widthMm }: Listed): number | null {
  if (price === null || widthMm === null) return null
  return price / (((pricePer === 'metre' ? MM_PER_METRE : MM_PER_YARD) * widthMm) / 1e6)
}

/** What a seller should be asked before money is paid; common practice. */
function asksOf(listed: Listed, { gsm, fibres, stretchWidth, construction, called }: Offer): ListingChecked['asks'] {
  const asks: ListingChecked['asks'] = []
  if (gsm?.how === 'estimated' || gsm === undefined)
    asks.push({
      id: 'weight',
      text: 'How heavy is it, in g/m² or oz/yd²? Without the weight nobody can tell how sheer it is.',
    })
  if (listed.widthMm === null)
    asks.push({
      id: 'width',
      text: phrase`How wide is it, edge to edge? A metre of ${inCm(112)} fabric is a quarter less than one of
        ${inCm(150)}.`,
    })
  if (fibres?.how !== 'said')
    asks.push({
      id: 'fibre',
      text: 'What is its fibre content, in per cent? A name such as satin or crepe does not tell.',
    })
  if (construction?.value === 'knit' || (stretchWidth?.value.value ?? 0) > 10)
    asks.push({ id: 'stretch', text: phrase`How far do ${inCm(10)} stretch, across and along, and do they recover?` })
  if (called === undefined) asks.push({ id: 'structure', text: 'Is it woven or knit?' })
  asks.push({ id: 'opacity', text: 'Can you see a hand through one layer, held to the light?' })
  asks.push({ id: 'shrink', text: 'Has it been washed, and how much does it shrink?' })
  return asks
}
