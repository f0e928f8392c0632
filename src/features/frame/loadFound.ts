import { type RecordKindId } from '@/core/notebook/kinds'
import { shortAnswers } from '@/core/say/shortAnswers'
import { plainWords } from '@/core/search/slips'
import { readShortNumber } from '@/core/pieces/shortNumber'
import { notebook, type Notebook } from '@/server/database'
import { recordsEndingIn, soughtRecords, type Hit } from '@/server/records/fullTextSearch'
import { answersTo, type AnswerKind } from './answersIndex'
import { textFor, type Reader } from '@/core/text/render'
import { type Phrase } from '@/core/text/text'

/** Something that answers, and where it is. */
export interface FoundItem {
  href: string
  title: string
  about: string
}

export interface FoundGroup {
  title: string
  items: FoundItem[]
}

/** Kinds of records that have a page of their own, and where it is. */
const SHOWN: readonly { kind: RecordKindId; title: string; href: (hit: Hit) => string }[] = [
  { kind: 'piece', title: 'Fabrics', href: ({ id }) => `/stash/${id}` },
  { kind: 'pattern', title: 'Patterns', href: ({ id }) => `/make/patterns/${id}` },
  { kind: 'project', title: 'Projects', href: ({ id }) => `/make/projects/${id}` },
  { kind: 'lot', title: 'Lots', href: ({ id }) => `/stash?lot=${id}` },
  { kind: 'heap', title: 'Piles', href: ({ id }) => `/stash/piles/${id}` },
  { kind: 'notion', title: 'Notions', href: () => '/stash/notions' },
  { kind: 'yarn', title: 'Yarn', href: () => '/stash/notions' },
  { kind: 'view', title: 'Saved filters', href: ({ id }) => `/stash/view/${id}` },
]
const ANSWER_GROUPS: readonly { kind: AnswerKind; title: string }[] = [
  { kind: 'fabric', title: 'Fabric names' },
  { kind: 'reference', title: 'Reference' },
  { kind: 'page', title: 'Pages' },
  { kind: 'help', title: 'Help' },
]
/** So many stand first, of whatever kind. */
const BEST = 3
const MOST_ANSWERS = 40

/** Records with these words; a fabric by the number on its card as well, which stands first. */
async function recordsOf(db: Notebook, text: string, kind: RecordKindId, most: number): Promise<Hit[]> {
  const number = kind === 'piece' ? readShortNumber(text) : undefined
  const [numbered, sought] = await Promise.all([
    number === undefined ? [] : recordsEndingIn(db, kind, number, most),
    soughtRecords(db, text, [kind], most),
  ])
  return [...numbered, ...sought.filter(({ id }) => !numbered.some((one) => one.id === id))].slice(0, most)
}

/**
 * Everything that answers a text, in groups: the best answers, records, then the other answers by kind. Records whose
 * names have all of the words come before the best answers.
 * @param most of each group
 */
export async function loadFound(text: string, reader: Reader, most = 30): Promise<FoundGroup[]> {
  const db = await notebook()
  const records = await Promise.all(
    SHOWN.map(async ({ kind, title, href }) => ({
      title,
      items: (await recordsOf(db, text, kind, most)).map((hit) => ({
        href: href(hit),
        title: hit.title,
        about: '',
      })),
    })),
  )
  const answers = answersTo(text, MOST_ANSWERS)
  const say = (said: Phrase) => textFor(said, reader)
  const itemOf = ({ href, title, about }: FoundItem): FoundItem => ({ href, title: say(title), about: say(about) })
  const direct = shortAnswers(text, reader.units).map(({ kind, id, title, text: about }) => ({
    href: kind === 'fibre' ? `/learn/fibres/${id}` : `/learn/fabrics/${id}`,
    title: say(title),
    about: say(about),
  }))
  const first = [...direct, ...answers.slice(0, Math.max(1, BEST - direct.length)).map(itemOf)]
  const shown = new Set(first.map(({ href }) => href))
  const best = { title: 'Best answers', items: first }
  const words = plainWords(text)
  const number = readShortNumber(text)
  const isNamed = records.some(({ items }) =>
    items.some(
      ({ title, href }) =>
        words.every((word) => title.toLowerCase().includes(word)) || (number !== undefined && href.endsWith(number)),
    ),
  )
  const others = ANSWER_GROUPS.map(({ kind, title }) => ({
    title,
    items: answers
      .filter((one) => one.kind === kind && !shown.has(one.href))
      .slice(0, most)
      .map(itemOf),
  }))
  const all = isNamed ? [...records, best, ...others] : [best, ...records, ...others]
  return all.filter(({ items }) => items.length > 0)
}
