import { readAmount, type AmountReading } from './amount'
import { itemAt, mustHave } from '../lists/items'

/** Currencies as they are written about a price; other letters in threes are taken as they are. */
const CURRENCIES: Readonly<Record<string, string>> = {
  '£': 'GBP',
  '€': 'EUR',
  $: 'USD',
  us$: 'USD',
  a$: 'AUD',
  c$: 'CAD',
  ca$: 'CAD',
  '¥': 'JPY',
  kr: 'SEK',
  zł: 'PLN',
  fr: 'CHF',
  euro: 'EUR',
  euros: 'EUR',
  eur: 'EUR',
  gbp: 'GBP',
  pounds: 'GBP',
  usd: 'USD',
  dollars: 'USD',
  chf: 'CHF',
  aud: 'AUD',
  cad: 'CAD',
  nzd: 'NZD',
  sek: 'SEK',
  nok: 'NOK',
  dkk: 'DKK',
  pln: 'PLN',
  czk: 'CZK',
  jpy: 'JPY',
}
const NAMES = Object.keys(CURRENCIES)
  .toSorted((a, b) => b.length - a.length)
  .map((name) => name.replace(/\$/g, '\\$'))
  .join('|')
const BEFORE = new RegExp(`^(${NAMES})\\s*(?=[\\d.,])`)
const BEHIND = new RegExp(`\\s*(${NAMES})\\.?$`)
const PER = /\s*(?:\/|per |a |each |the )\s*(yd|yards?|m|metres?|meters?|mtr)$/

/** What a price was said for. */
export type TypedPricePer = 'metre' | 'yard' | null

export interface TypedPrice {
  amount: number
  /** ISO 4217; null where none was written. */
  currency: string | null
  per: TypedPricePer
}

/** The parts about the number: what is left is the number itself. */
function parted(text: string): { number: string; currency: string | null; per: TypedPricePer } {
  let number = text.toLowerCase().trim()
  const per = PER.exec(number)
  if (per) number = number.slice(0, per.index).trim()
  const found = BEFORE.exec(number) ?? BEHIND.exec(number)
  if (found) number = (number.slice(0, found.index) + number.slice(found.index + found[0].length)).trim()
  const said = per?.[1]
  return {
    number: number.replace(/[.,][-–]+$/, ''),
    currency: found ? mustHave(CURRENCIES[itemAt(found, 1)]) : null,
    per: said === undefined ? null : said.startsWith('y') ? 'yard' : 'metre',
  }
}

/** Every reading of a price: an amount of money, its currency, and what it is for. */
export function readPrice(text: string): AmountReading[] {
  const { number, currency, per } = parted(text)
  const unit = `${currency ?? ''}${per === null ? '' : per === 'yard' ? '/yd' : '/m'}`
  return readAmount(number, [], { id: unit, factor: 1, written: [] }).filter(({ value }) => value >= 0)
}

/** A price in its parts, where it can be read in one way only. @param text without ambiguity */
export function pricePartsOf(text: string): Pick<TypedPrice, 'currency' | 'per'> {
  const { currency, per } = parted(text)
  return { currency, per }
}
