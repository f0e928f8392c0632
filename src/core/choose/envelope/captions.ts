import { type Role } from '../../vocabulary/choosing'
import { GARMENT_PATTERNS, ROLE_PATTERNS } from './lexicon'

/** What a caption says of the rows below it or behind it: “TOP A”, “Skirt B, C”, “Contrast (View B only)”, “Dress”. */
export interface Caption {
  /** By their letters; empty where it names none. */
  views: string[]
  role: Role
  /** Of a thing without a letter: its name stands for a view where a pattern has several such things. */
  label: string | null
}

/** A letter or several: `A`, `A, B`, `A-C`, `A & D`. */
export const LETTERS = String.raw`[A-K](?:\s*(?:,|&|\/|-|\band\b)\s*[A-K])*`
const VIEWS_SAID = new RegExp(
  String.raw`\(?\b(?:views?|versions?|styles?|variations?)\s+(${LETTERS})\b(?:\s+only)?\)?`,
  'i',
)
const LETTERS_LAST = new RegExp(String.raw`(?:^|\s)\(?(${LETTERS})\)?(?:\s+only)?$`)
const MOST_WORDS = 3
/** Parts that are cut from a fabric of their own. */
const CONTRASTS =
  /^(?:contrast(?:ing)?(?: (?:fabric|\d))?|neck ?band|rib(?:bing)?|sash|trim|bands?|collar|cuffs?|yoke)$/
const MAINS = /^(?:(?:main|self|outer|shell|fashion|garment)(?: (?:fabric|cloth|material))?|fabric)$/

/**
 * What a caption says.
 * @param written as it stands, without what follows it: letters of views are capitals
 * @returns undefined where it is no caption
 */
export function captionOf(written: string): Caption | undefined {
  const text = written
    // “Jacket B (cropped)”.
    .replace(/\((?!\s*(?:views?|[A-K]\b))[^)\d]*\)/gi, ' ')
    .replace(/[\s:|,.-]+$/, '')
    .replace(/^[\s|*•-]+/, '')
  const said = VIEWS_SAID.exec(text)
  const last = said ? null : LETTERS_LAST.exec(text)
  const views = viewsOf(said?.[1] ?? last?.[1] ?? '')
  const rest = text
    .replace(said?.[0] ?? last?.[0] ?? '', ' ')
    .replace(/[\s:,()]+/g, ' ')
    .trim()
    .toLowerCase()
  if (rest === '') return views.length > 0 ? { views, role: 'main', label: null } : undefined
  if (rest.split(' ').length > MOST_WORDS) return undefined
  // “Fabric A” is a fabric’s own letter.
  if (rest === 'fabric' && !said) return undefined
  if (MAINS.test(rest)) return views.length > 0 ? { views, role: 'main', label: null } : undefined
  if (CONTRASTS.test(rest)) return { views, role: 'contrast', label: null }
  const role = ROLE_PATTERNS.find(([pattern]) => pattern.exec(rest)?.[0] === rest)?.[1]
  // A role alone is told by the line that it begins.
  if (role) return views.length > 0 ? { views, role, label: null } : undefined
  const isThing = GARMENT_PATTERNS.some(([pattern]) => pattern.exec(rest)?.[0].trim() === rest)
  if (!isThing) return undefined
  return { views, role: 'main', label: views.length > 0 ? null : capital(rest) }
}

/** `A, B`, `A-C`, `A & D`. */
export function viewsOf(text: string): string[] {
  const range = /^\s*([a-k])\s*-\s*([a-k])\s*$/i.exec(text)
  if (!range)
    return (
      text
        .replace(/\band\b/gi, ' ')
        .toUpperCase()
        .match(/[A-K1-9]/g) ?? []
    )
  const [from, to] = [range[1]!.toUpperCase().charCodeAt(0), range[2]!.toUpperCase().charCodeAt(0)]
  return Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => String.fromCharCode(from + i))
}

const capital = (word: string) => word.charAt(0).toUpperCase() + word.slice(1)
