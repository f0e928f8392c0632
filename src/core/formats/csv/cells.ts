import { pricePartsOf } from '../../typed/price'
import { readQuantity, type TypedKind } from '../../typed/readQuantity'
import { PRICE_PERS, THINGS, THING_WORDS, type PricePer, type Thing } from '../../vocabulary/stash'
import { VOCABULARIES, wordFor } from '../../vocabulary/words'
import { type TableField } from './columns'
import { readComposition, type FibreShare } from './composition'
import { readDay, type DayOrder } from './dates'

/** A fabric as a line of a table has it. Lengths in mm, weights in g/m². */
export interface TableFabric {
  name?: string
  called?: string
  kind?: Thing
  fibres?: FibreShare[]
  widthMm?: number
  lengthMm?: number
  gsm?: number
  colour?: string
  washed?: boolean
  care?: string
  place?: string
  source?: string
  boughtOn?: string
  price?: { amount: number; currency: string; per: PricePer }
  tags?: string[]
  ideas?: string
  notes?: string
}

/** What a column says of all its cells. */
export interface CellContext {
  heading: string
  unit: string | undefined
  locale: string
  units: 'metric' | 'imperial'
  dayOrder: DayOrder | undefined
  per: 'metre' | 'yard' | null
  currency: string
}

/** Sets what a cell says. @returns why it was left open, where it was */
type CellReader = (fabric: TableFabric, text: string, context: CellContext) => string | undefined

const words =
  (field: 'name' | 'called' | 'colour' | 'care' | 'place' | 'source' | 'ideas' | 'notes', most: number): CellReader =>
  (fabric, text) =>
    void (fabric[field] = text.slice(0, most))

const measure =
  (field: 'widthMm' | 'lengthMm' | 'gsm', kind: TypedKind): CellReader =>
  (fabric, text, { unit, locale, units }) => {
    const value = measured(text, kind, unit, { locale, units })
    if (typeof value === 'string') return value
    fabric[field] = field === 'gsm' ? Math.round(value * 10) / 10 : Math.round(value)
    return undefined
  }

/** A width of a range, `44/45`, is the narrower: what can be counted on. */
function measured(
  text: string,
  kind: TypedKind,
  assume: string | undefined,
  how: Pick<CellContext, 'locale' | 'units'>,
): number | string {
  const range = /^(\d+(?:[.,]\d+)?)\s*(?:\/|-|–|to)\s*(\d+(?:[.,]\d+)?)\s*(\D*)$/.exec(text)
  const isRange = kind === 'width' && range !== null && Number(range[1]) < Number(range[2])
  const plain = isRange ? `${range[1]}${range[3]}` : text
  const outcome = readQuantity(plain, { kind, ...how, ...(assume && { assume }) })
  if (!outcome.ok) return kind === 'areal-weight' ? 'we can’t read this weight' : `we can’t read this ${kind}`
  const { value, ambiguous, plausible, readings } = outcome.read
  if (ambiguous) return 'you could read it in two ways'
  if (plausible) return value
  // Nobody said the unit, and in one other it makes sense: 150 in a column of widths are centimetres.
  const [only, ...others] = readings.filter((one) => one.plausible)
  const hasUnit = /[a-z"″”]/i.test(plain) || assume !== undefined
  return !hasUnit && only && others.length === 0
    ? only.value
    : `that is unlikely for a ${kind === 'areal-weight' ? 'weight' : kind}`
}

const YES = /^(?:y|yes|true|x|1|✓|✔|done|washed|pre-?washed|once|laundered|preshrunk)$/i
const NO = /^(?:n|no|false|0|not|not yet|unwashed|not washed|to do|todo)$/i

/** How a cell of each field is read. */
export const cellReaders: Readonly<Record<TableField, CellReader>> = {
  name: words('name', 120),
  called: words('called', 80),
  colour: words('colour', 80),
  care: words('care', 200),
  place: words('place', 80),
  source: words('source', 120),
  ideas: words('ideas', 1000),
  notes: words('notes', 1500),
  width: measure('widthMm', 'width'),
  length: measure('lengthMm', 'length'),
  weight: measure('gsm', 'areal-weight'),
  kind: (fabric, text) => {
    const sought = text.toLowerCase()
    const isCalled = (thing: Thing) => VOCABULARIES.some((own) => wordFor(THING_WORDS[thing], own) === sought)
    const known = THINGS.find((thing) => thing === sought || isCalled(thing))
    if (!known) return 'we don’t know this'
    fabric.kind = known
    return undefined
  },
  fibres: (fabric, text) => {
    const outcome = readComposition(text)
    if (!outcome.ok) return outcome.why
    fabric.fibres = outcome.fibres
    return undefined
  },
  washed: (fabric, text) => {
    if (!YES.test(text) && !NO.test(text)) return 'this is neither yes nor no'
    fabric.washed = YES.test(text)
    return undefined
  },
  boughtOn: (fabric, text, { dayOrder }) => {
    const outcome = readDay(text, dayOrder)
    if (!outcome.ok) return outcome.why
    fabric.boughtOn = outcome.day
    return undefined
  },
  price: (fabric, text, { locale, per, currency }) => {
    const outcome = readQuantity(text, { kind: 'price', locale })
    if (!outcome.ok) return 'we can’t read this price'
    if (outcome.read.ambiguous) return 'you could read it in two ways'
    const said = pricePartsOf(text)
    const sign = /[£€$¥]/.exec(text)?.[0]
    fabric.price = {
      amount: outcome.read.value,
      currency: sign ?? said.currency ?? (currency || (fabric.price?.currency ?? '')),
      per: said.per ?? per ?? fabric.price?.per ?? 'all',
    }
    return undefined
  },
  currency: (fabric, text) =>
    void (fabric.price = {
      amount: fabric.price?.amount ?? 0,
      per: fabric.price?.per ?? 'all',
      currency: text.slice(0, 8),
    }),
  per: (fabric, text) => {
    const sought = text
      .toLowerCase()
      .replace(/s$/, '')
      .replace('meter', 'metre')
      .replace(/^m$/, 'metre')
      .replace(/^yd$/, 'yard')
    const per = PRICE_PERS.find((one) => one === sought)
    if (!per) return `this is not one of ${PRICE_PERS.join(', ')}`
    fabric.price = { amount: fabric.price?.amount ?? 0, currency: fabric.price?.currency ?? '', per }
    return undefined
  },
  tags: (fabric, text) =>
    void (fabric.tags = text
      .split(/[,;]/)
      .map((tag) => tag.trim().slice(0, 40))
      .filter(Boolean)
      .slice(0, 20)),
}
