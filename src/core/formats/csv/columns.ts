import { type TypedKind } from '../../typed/readQuantity'
import { UNITS_OF } from '../../typed/units'

/** What a column of a table of fabrics may hold. */
export const TABLE_FIELDS = [
  ...(['name', 'called', 'kind', 'fibres', 'width', 'length', 'weight', 'colour', 'washed', 'care'] as const),
  ...(['place', 'source', 'boughtOn', 'price', 'currency', 'per', 'tags', 'ideas', 'notes'] as const),
] as const
export type TableField = (typeof TABLE_FIELDS)[number]

export const TABLE_FIELD_TITLES: Readonly<Record<TableField, string>> = {
  name: 'Name',
  called: 'Fabric type',
  kind: 'Made up as',
  fibres: 'Fibre content',
  width: 'Width',
  length: 'Length',
  weight: 'Weight',
  colour: 'Colour',
  washed: 'Washed',
  care: 'Care',
  place: 'Location',
  source: 'Source',
  boughtOn: 'Bought on',
  price: 'Price',
  currency: 'Currency',
  per: 'Price is for',
  tags: 'Tags',
  ideas: 'Ideas',
  notes: 'Notes',
}

/** Words that a heading uses for each, UK and US, the surest first. */
const WORDS: Readonly<Record<TableField, readonly string[]>> = {
  name: ['name', 'title', 'fabric', 'piece', 'item', 'description', 'material', 'cloth', 'fabric name', 'what'],
  called: ['called', 'type', 'fabric type', 'weave', 'category', 'construction', 'kind of fabric'],
  kind: ['kind', 'thing', 'what it is', 'made up as'],
  fibres: [
    ...['fibre content', 'fiber content', 'fibre', 'fiber', 'fibres', 'fibers', 'content', 'contents', 'composition'],
    ...['made of', 'label', 'label says', 'blend', 'material composition'],
  ],
  width: ['width', 'wide', 'fabric width', 'w'],
  length: [
    ...[
      'length',
      'long',
      'amount',
      'quantity',
      'qty',
      'yardage',
      'metrage',
      'yards',
      'yds',
      'yd',
      'metres',
      'meters',
    ],
    ...['on hand', 'how much', 'size', 'm'],
  ],
  weight: ['weight', 'gsm', 'fabric weight', 'oz', 'ounces', 'g m2', 'gm2', 'grammage'],
  colour: ['colour', 'color', 'colours', 'colors', 'shade', 'hue'],
  washed: ['washed', 'prewashed', 'pre washed', 'pre wash', 'prewash', 'preshrunk', 'laundered', 'washed yet'],
  care: ['care', 'wash', 'washing', 'care instructions', 'laundry', 'care label', 'wash care'],
  place: [
    'place',
    'location',
    'where',
    'box',
    'shelf',
    'bin',
    'storage',
    'stored',
    'where it lies',
    'drawer',
    'stored in',
  ],
  source: [
    'source',
    'store',
    'shop',
    'from',
    'seller',
    'vendor',
    'supplier',
    'bought from',
    'bought at',
    'purchased from',
    'where bought',
  ],
  boughtOn: [
    'bought on',
    'bought',
    'date',
    'purchased',
    'purchase date',
    'date bought',
    'date purchased',
    'acquired',
    'came',
    'got',
    'came on',
  ],
  price: ['price', 'cost', 'paid', 'unit price', 'total', 'total cost', 'price paid', 'price per'],
  currency: ['currency'],
  per: ['per', 'price for', 'price is for'],
  tags: ['tags', 'tag', 'keywords', 'labels'],
  ideas: ['ideas', 'idea', 'plans', 'plan', 'intended for', 'for', 'project', 'what for'],
  notes: ['notes', 'note', 'remarks', 'comment', 'comments', 'other', 'details'],
}

/** A column: its heading, what it holds, and whether its heading says so by itself. */
export interface TableColumn {
  heading: string
  as: TableField | null
  sure: boolean
}

/** A heading without units and signs: `Width (cm)` is `width`. */
function plain(heading: string): string {
  return heading
    .toLowerCase()
    .replace(/\([^)]*\)|\[[^\]]*\]/g, ' ')
    .replace(/[^a-z0-9²/ ]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
}

/** Which field each column holds, as far as its heading says; a field is taken once. */
export function tableColumnsOf(headings: readonly string[]): TableColumn[] {
  const taken = new Set<TableField>()
  const columns = headings.map((heading): TableColumn => ({ heading, as: null, sure: false }))
  const take = (fits: (field: TableField, said: string) => boolean, sure: boolean) =>
    columns.forEach((column) => {
      if (column.as !== null) return
      const said = plain(column.heading)
      const found = TABLE_FIELDS.find((field) => !taken.has(field) && said !== '' && fits(field, said))
      if (!found) return
      taken.add(found)
      Object.assign(column, { as: found, sure })
    })
  // Exact headings of all columns first: “fabric” is a name only where no column says so better.
  take((field, said) => WORDS[field][0] === said, true)
  take((field, said) => WORDS[field].includes(said), true)
  take((field, said) => WORDS[field].includes(withoutUnits(said)), true)
  take((field, said) => WORDS[field].some((word) => word.length > 3 && wordsOf(said).includes(word)), false)
  return columns
}

const withoutUnits = (said: string) =>
  said
    .replace(/\b(?:in )?(?:cms?|mm|inch(?:es)?|yds?|yards?|metres?|meters?|gsm|oz|g\/m²|oz\/yd²|oz\/yd2)\b/g, ' ')
    .replace(/\bin\b$/, ' ')
    .replace(/\s+/g, ' ')
    .trim()

const wordsOf = (said: string) => said.split(' ')

/** The unit that a heading names for its numbers: `Width (cm)`, `Length in yards`, `GSM`. */
export function unitIn(heading: string, kind: TypedKind): string | undefined {
  const text = ` ${heading.toLowerCase().replace(/[()[\],:]/g, ' ')} `
  const found = UNITS_OF[kind].flatMap(({ id, written }) =>
    written.flatMap((word) => {
      const isSign = /["”″]/.test(word)
      const at = isSign ? text.indexOf(word) : text.lastIndexOf(` ${word} `)
      // “In” is a unit only where it ends the heading or stands in brackets.
      const isWord =
        word === 'in'
          ? /\(\s*in\.?\s*\)|\bin\.?\s*$/i.test(heading) && heading.trim().toLowerCase() !== 'in'
          : at >= 0
      return isWord && !(word === 'g' && at < 0) ? [{ id, length: word.length }] : []
    }),
  )
  return found.toSorted((a, b) => b.length - a.length)[0]?.id
}
