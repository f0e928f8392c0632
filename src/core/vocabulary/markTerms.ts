import { FIBRE_WORDS } from './fibres'
import { TERM_WORDS, type Term, type TermId } from './terms'
import { mustHave } from '../lists/items'

/** A stretch of a text: as it stands, and where it leads if it is a term. */
export interface MarkedTerm {
  words: string
  /** Where the term is told; null of what stands between. */
  href: string | null
}

/** Where each word of the trade and each fibre is told, by how it is written, in lower case. */
const known = knownTerms()

/** Longest first, so that "plain weave" is not read as something shorter. */
const pattern = new RegExp(
  `(?<![\\p{L}\\p{N}-])(?:${[...known.keys()]
    .sort((a, b) => b.length - a.length)
    .map((words) => words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'))
    .join('|')})(?![\\p{L}\\p{N}-])`,
  'giu',
)

/**
 * A text with its terms marked, each once.
 * @param isFree whether a term, by where it leads, is not linked elsewhere on the page
 */
export function markTerms(text: string, isFree: (href: string) => boolean = () => true): MarkedTerm[] {
  const parts: MarkedTerm[] = []
  const seen = new Set<string>()
  let from = 0
  for (const { 0: words, index } of text.matchAll(pattern)) {
    const href = mustHave(known.get(words.toLowerCase()))
    if (seen.has(href) || !isFree(href)) continue
    seen.add(href)
    if (index > from) parts.push({ words: text.slice(from, index), href: null })
    parts.push({ words, href })
    from = index + words.length
  }
  if (from < text.length) parts.push({ words: text.slice(from), href: null })
  return parts
}

/** Which terms are linked already, and by whom; by where a term leads. */
const taken = new Map<string, string>()

/** Marks the terms of a text that nobody else on the page has linked. @param owner who links them */
export function claimTerms(text: string, owner: string): MarkedTerm[] {
  const parts = markTerms(text, (href) => (taken.get(href) ?? owner) === owner)
  for (const { href } of parts) if (href !== null) taken.set(href, owner)
  return parts
}

/** Whoever linked terms is gone: others may link them. */
export function releaseTerms(owner: string): void {
  for (const [href, by] of taken) if (by === owner) taken.delete(href)
}

/** Where a word of the trade is told. */
export function termHref(id: TermId): string {
  return `/learn/words#term-${id}`
}

function knownTerms(): Map<string, string> {
  const found = new Map<string, string>()
  const add = (words: string, href: string) => found.set(words.toLowerCase(), href)
  for (const [id, { uk, us }] of Object.entries(FIBRE_WORDS)) {
    for (const words of [uk, us]) add(words, `/learn/fibres/${id}`)
  }
  for (const [id, term] of Object.entries(TERM_WORDS)) {
    const { word, also = [] }: Term = term
    const both = typeof word === 'string' ? [word] : [word.uk, word.us]
    for (const words of [...both, ...also]) add(words, termHref(id as TermId))
  }
  return found
}
