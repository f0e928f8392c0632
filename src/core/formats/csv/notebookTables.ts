import { fibreById } from '../../fibres/catalogue'
import { type RecordData, type RecordKindId } from '../../notebook/kinds'
import { THING_WORDS } from '../../vocabulary/stash'
import { wordFor } from '../../vocabulary/words'
import { type CsvCell } from './write'

/** A record as a table takes it. */
export interface TableRecord<K extends RecordKindId = RecordKindId> {
  id: string
  createdAt: string
  updatedAt: string
  data: RecordData<K>
}

/** One table of an export: a line a record, or a line an answer of it. */
export interface TableOf<K extends RecordKindId> {
  kind: K
  /** File name. */
  name: string
  columns: readonly string[]
  lines(record: TableRecord<K>): CsvCell[][]
}

const table = <K extends RecordKindId>(one: TableOf<K>) => one

/** Every table of an export, to be read without this program. Lengths in mm, masses in g. */
export const exportTables = [
  table({
    kind: 'piece',
    name: 'pieces.csv',
    columns: [
      'id',
      'name',
      'what it is',
      'called',
      'label says',
      'width mm',
      'length mm',
      'place',
      'source',
      'came',
      'price',
      'currency',
      'price for',
      'washed',
      'tags',
      'ideas',
      'notes',
      'kept at',
    ],
    lines: ({ id, createdAt, data }) => [
      [
        id,
        data.name,
        wordFor(THING_WORDS[data.thing], 'uk'),
        data.called,
        data.claim.map(({ fibre, percent }) => `${percent} % ${fibreById(fibre).name.uk}`).join(', '),
        data.widthMm,
        data.lengthMm,
        data.place,
        data.source,
        data.got,
        data.price?.amount ?? null,
        data.price?.currency ?? '',
        data.price?.per ?? '',
        data.washed,
        data.tags.join(', '),
        data.ideas,
        data.notes,
        createdAt,
      ],
    ],
  }),
  table({
    kind: 'measurement',
    name: 'readings.csv',
    columns: ['id', 'piece id', 'kind', 'state of washing', 'reading (JSON)', 'kept at'],
    lines: ({ id, createdAt, data: { pieceId, state, data } }) => [
      [id, pieceId, data.kind, state, JSON.stringify(data), createdAt],
    ],
  }),
  table({
    kind: 'burn-test',
    name: 'answers.csv',
    columns: ['test id', 'piece id', 'known sample id', 'specimen', 'part', 'asked', 'answered', 'at'],
    lines: ({ id, createdAt, data: { pieceId, controlId, answers } }) =>
      answers.map(({ specimen, part = 'whole', feature, states, at = createdAt }) => [
        id,
        pieceId,
        controlId,
        specimen,
        part,
        feature,
        states.join(', '),
        at,
      ]),
  }),
  table({
    kind: 'control',
    name: 'known-pieces.csv',
    columns: ['id', 'name', 'fibre', 'how sure'],
    lines: ({ id, data: { name, fibre, sure } }) => [[id, name, fibreById(fibre).name.uk, sure]],
  }),
  table({
    kind: 'pattern',
    name: 'patterns.csv',
    columns: ['id', 'name', 'makes', 'need (JSON)', 'notes'],
    lines: ({ id, data: { name, need, notes } }) => [[id, name, need.garment ?? '', JSON.stringify(need), notes]],
  }),
  table({
    kind: 'lot',
    name: 'lots.csv',
    columns: ['id', 'name', 'source', 'came', 'price', 'currency', 'notes'],
    lines: ({ id, data: { name, source, got, price, notes } }) => [
      [id, name, source, got, price?.amount ?? null, price?.currency ?? '', notes],
    ],
  }),
] as const
