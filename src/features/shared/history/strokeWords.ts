import { type RecordKindId, wordsOfKind } from '@/core/notebook/kinds'
import { capitalise } from '@/core/units/format'
import { type ChangeSet } from '@/server/store/history'

/** Fields of a piece, as somebody would say them. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  called: 'fabric type',
  construction: 'woven or knit',
  widthMm: 'width',
  lengthMm: 'length',
  place: 'location',
  source: 'source',
  washed: 'washing',
  body: 'drape',
  opacity: 'opacity',
  stretchWidthPercent: 'stretch',
  claim: 'label',
  inHand: 'added',
  look: 'looks',
  thing: 'made up as',
  sizeHow: 'size from',
  lotId: 'lot',
  cutFromId: 'cut from',
  heapId: 'heap',
  sorting: 'sorting',
  got: 'date added',
  face: 'main photo',
}
const MOST_FIELDS = 3

const DONE = { create: 'saved', change: 'changed', remove: 'deleted' } as const

/** Where one of these was written, what else was written belongs to it. */
const MAIN: readonly RecordKindId[] = ['cut', 'lay', 'piece', 'project', 'pattern']

/** What was just done at one stroke: “Saved: a cut”; without the name of the thing, which the page shows already. */
export function doneWords(steps: ChangeSet['steps'], isUndoing: boolean): string {
  const weight = ({ kind }: ChangeSet['steps'][number]) => (MAIN.includes(kind) ? MAIN.indexOf(kind) : MAIN.length)
  const main = steps.toSorted((a, b) => weight(a) - weight(b))[0]
  if (!main) return ''
  const words = wordsOfKind(main.kind)
  const alike = steps.filter(({ kind, what }) => kind === main.kind && what === main.what).length
  const things = alike > 1 ? `${alike} ${words.many}` : words.one
  if (isUndoing) return `Undone: ${things}`
  const told = main.kind === 'piece' && main.what === 'change' && alike === 1 ? listed(main.fields) : things
  return `${capitalise(DONE[main.what])}: ${told}`
}

/** What was done at one stroke, in a few words: “width and length changed”, “a measurement saved”. */
export function strokeWords(steps: ChangeSet['steps']): string {
  const [first] = steps
  if (!first) return 'nothing'
  const { what, kind, title, fields } = first
  const others = steps.length > 1 ? ` and ${steps.length - 1} more` : ''
  if (kind === 'piece' && what === 'change') return `${listed(fields)} changed${others}`
  return `${kind === 'piece' ? title : wordsOfKind(kind).one} ${DONE[what]}${others}`
}

function listed(fields: readonly string[]): string {
  const words = fields.map((field) => FIELD_WORDS[field] ?? field)
  const shown = words.slice(0, MOST_FIELDS)
  return words.length > MOST_FIELDS ? `${shown.join(', ')} and ${words.length - MOST_FIELDS} more` : shown.join(', ')
}
