import MiniSearch from 'minisearch'
import { namedCloths } from '@/core/cloths/catalogue'
import { STOP_WORDS } from '@/core/search/stopWords'
import { spellFor } from '@/core/text/spelling'
import { mustHave } from '@/core/lists/items'
import { pages } from '../shared/pages'
import { helpTopics } from './help/topics'
import { references } from './reference'

/** What an answer is taken from. */
export type AnswerKind = 'help' | 'page' | 'reference' | 'fabric'

/** Something that answers, whatever the notebook holds. */
export interface FoundAnswer {
  kind: AnswerKind
  href: string
  title: string
  about: string
}

interface Indexed extends FoundAnswer {
  key: string
  also: string
}

const plainOf = (word: string) => word.toLowerCase().replace(/[’']s?$/, '')

/** A word as it is compared: lower case, singular, without endings that change no meaning, in one spelling. */
function stemOf(word: string): string {
  const plain = plainOf(word)
  const single = plain.length > 3 ? plain.replace(/(?:ies)$/, 'y').replace(/(?<![su])s$/, '') : plain
  const known = spellFor(single, 'us').replace(/^percent$/, 'cent')
  return known.length > 5 ? known.replace(/(?:ing|ed)$/, '') : known
}

const wordsIn = (text: string): string[] => text.match(/[\p{L}\d’'²-]+/gu) ?? []

const stemsOf = (words: readonly string[]): string => words.map(stemOf).toSorted().join(' ')

const indexed: readonly Indexed[] = [
  ...helpTopics.flatMap(({ topics }) =>
    topics.map(({ id, title, answer, href, asks }) => ({
      key: `help ${id}`,
      kind: 'help' as const,
      href,
      title,
      about: answer,
      also: asks,
    })),
  ),
  ...pages
    .filter(({ of }) => !of)
    .map(({ path, title, about, also }) => ({
      key: `page ${path}`,
      kind: 'page' as const,
      href: path,
      title,
      about,
      also: also.join(' '),
    })),
  ...references.map((one) => ({ key: `reference ${one.href}`, kind: 'reference' as const, ...one })),
  ...namedCloths.map(({ id, name, also }) => ({
    key: `fabric ${id}`,
    kind: 'fabric' as const,
    href: `/learn/fabrics/${id}`,
    title: name.uk === name.us ? name.uk : `${name.uk} (US ${name.us})`,
    about: also.join(', '),
    also: also.join(' '),
  })),
]

/** A question is answered before a name that has one of its words. */
const KIND_BOOSTS: Readonly<Record<AnswerKind, number>> = { help: 2, page: 1.3, reference: 1, fabric: 0.7 }
/** What a word means is asked less than how the thing is done. */
const MEANING = 0.45
/** What has the very name that was typed comes first. */
const NAMED = 4

const byKey = new Map(indexed.map((one) => [one.key, { ...one, names: namesOf(one.title) }]))
const answers = new MiniSearch<Indexed>({
  idField: 'key',
  fields: ['title', 'also', 'about'],
  processTerm: stemOf,
  searchOptions: {
    boost: { title: 2.5, also: 1.8 },
    prefix: (term) => term.length > 2,
    fuzzy: (term) => (term.length > 4 ? 0.2 : false),
    weights: { prefix: 0.5, fuzzy: 0.3 },
    boostDocument: (key) =>
      KIND_BOOSTS[String(key).split(' ')[0] as AnswerKind] * (String(key).includes('/learn/words#') ? MEANING : 1),
  },
})
answers.addAll(indexed)

/** An answer that fits less than this share of the best is none. */
const LEAST_SHARE = 0.1

/** What answers a text, the best first. @param most of them */
export function answersTo(text: string, most: number): FoundAnswer[] {
  const words = wordsIn(text.slice(0, 100))
  const telling = words.filter((word) => !STOP_WORDS.has(plainOf(word)))
  const asked = telling.length > 0 ? telling : words
  const scored = answers.search(asked.join(' '))
  const best = scored[0]?.score ?? 0
  const name = stemsOf(asked)
  const seen = new Set<string>()
  return scored
    .filter(({ score }) => score >= best * LEAST_SHARE)
    .map(({ id, score }) => ({ score, ...mustHave(byKey.get(String(id))) }))
    .map((one) => ({ ...one, score: one.score * (one.names.includes(name) ? NAMED : 1) }))
    .sort((one, other) => other.score - one.score)
    .map(({ kind, href, title, about }) => ({ kind, href, title, about }))
    .filter(({ href }) => !seen.has(href) && seen.add(href))
    .slice(0, most)
}

/** A title, and its UK and its US half, as they are compared. */
function namesOf(title: string): readonly string[] {
  const [, uk = title, us = title] = /^(.*?) \(US (.*)\)$/.exec(title) ?? []
  return [title, uk, us].map((name) => stemsOf(wordsIn(name)))
}
