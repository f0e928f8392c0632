import { fibreById } from '../fibres/catalogue'
import { weightClassOf, weightClassWords } from '../measure/weightClass'
import {
  CONSTRUCTION_WORDS,
  CONSTRUCTIONS,
  WASH_STATES,
  WASH_STATE_WORDS,
  WEIGHT_CLASSES,
  type Construction,
  type WeightClass,
} from '../vocabulary/cloth'
import { FAMILIES, FAMILY_WORDS, FIBRE_IDS, type FamilyId, type FibreId } from '../vocabulary/fibres'
import {
  KNOWINGS,
  KNOWING_WORDS,
  SORTINGS,
  SORTING_WORDS,
  THINGS,
  THING_WORDS,
  TODOS,
  TODO_WORDS,
  type FacetId,
  type Knowing,
  type Sorting,
  type Thing,
  type Todo,
} from '../vocabulary/stash'
import { wordFor, type Vocabulary } from '../vocabulary/words'
import { type PieceSummary } from './pieceSummary'

/** One way of sorting a stash into heaps that may be chosen, several at once. */
export interface Facet {
  id: FacetId
  title: string
  /** In their order; left out where every value that is there may be chosen. */
  values?: readonly string[]
  of(gist: PieceSummary, today: string): readonly string[]
  words(value: string, vocabulary: Vocabulary): string
}

const AGES = { week: 'this week', month: 'this month', year: 'this year', older: 'longer ago' } as const
const MS_A_DAY = 24 * 60 * 60 * 1000
/** Days up to which a piece is of that age. */
const AGE_DAYS: readonly (readonly [keyof typeof AGES, number])[] = [
  ['week', 7],
  ['month', 31],
  ['year', 366],
]

/** Days since a piece came: since it was got, where that is written, else since it was kept. */
export function ageDays({ got, createdAt }: Pick<PieceSummary, 'got' | 'createdAt'>, today: string): number {
  return (instant(today) - instant(got ?? createdAt)) / MS_A_DAY
}

const WHEN = /^(\d{4})-(\d\d)-(\d\d)/

/** Days of the proleptic Gregorian calendar, as ms; only differences of it are used. */
function instant(iso: string): number {
  const [, year = 0, month = 1, day = 1] = (WHEN.exec(iso) ?? []).map(Number)
  // Days from 0000-03-01, after which leap days fall on the end of a year; common arithmetic.
  const [y, m] = month > 2 ? [year, month - 3] : [year - 1, month + 9]
  const days = 365 * y + Math.floor(y / 4) - Math.floor(y / 100) + Math.floor(y / 400)
  return (days + Math.floor((153 * m + 2) / 5) + day) * MS_A_DAY
}

const one = (value: string | null) => (value === null || value === '' ? [] : [value])

/** Every facet, in the order in which they stand. */
export const facets: readonly Facet[] = [
  {
    id: 'todo',
    title: 'To do',
    values: TODOS,
    of: ({ todos }) => todos,
    words: (value) => TODO_WORDS[value as Todo],
  },
  {
    id: 'knowing',
    title: 'How sure',
    values: KNOWINGS,
    of: ({ knowing }) => [knowing],
    words: (value) => KNOWING_WORDS[value as Knowing],
  },
  {
    id: 'family',
    title: 'Fibre family',
    values: FAMILIES,
    of: ({ families }) => families,
    words: (value) => FAMILY_WORDS[value as FamilyId].name.toLowerCase(),
  },
  {
    id: 'fibre',
    title: 'Fibre',
    values: FIBRE_IDS,
    of: ({ fibres }) => fibres,
    words: (value, vocabulary) => fibreById(value as FibreId).name[vocabulary],
  },
  {
    id: 'weight',
    title: 'Weight',
    values: WEIGHT_CLASSES,
    of: ({ gsmAbout }) => (gsmAbout === null ? [] : [weightClassOf(gsmAbout)]),
    words: (value) => weightClassWords[value as WeightClass].name,
  },
  {
    id: 'made',
    title: 'Woven or knit',
    values: CONSTRUCTIONS,
    of: ({ construction }) => one(construction),
    words: (value) => CONSTRUCTION_WORDS[value as Construction],
  },
  {
    id: 'thing',
    title: 'Made up as',
    values: THINGS,
    of: ({ thing }) => [thing],
    words: (value, vocabulary) => wordFor(THING_WORDS[value as Thing], vocabulary),
  },
  {
    id: 'washed',
    title: 'Washed',
    values: WASH_STATES,
    of: ({ washed }) => [washed],
    words: (value) => WASH_STATE_WORDS[value as PieceSummary['washed']],
  },
  {
    id: 'sorting',
    title: 'Sorted as',
    values: SORTINGS,
    of: ({ sorting }) => one(sorting),
    words: (value) => SORTING_WORDS[value as Sorting],
  },
  {
    id: 'age',
    title: 'Added',
    values: Object.keys(AGES),
    of: (gist, today) => {
      const days = ageDays(gist, today)
      return [AGE_DAYS.find(([, most]) => days <= most)?.[0] ?? 'older']
    },
    words: (value) => AGES[value as keyof typeof AGES],
  },
  { id: 'place', title: 'Location', of: ({ place }) => one(place), words: (value) => value },
  { id: 'tag', title: 'Tag', of: ({ tags }) => tags, words: (value) => value },
]
