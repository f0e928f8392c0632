import { type Role } from '../../vocabulary/choosing'
import { GARMENT_PATTERNS, LENGTH_LABELS, ENVELOPE_PART_WORDS, ROLE_PATTERNS } from './lexicon'
import { UNIT } from './numbers'
import { findSpans, type Span } from './spans'
import { itemAt, mustHave } from '../../lists/items'

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
const PART = ENVELOPE_PART_WORDS
const CONTRASTS = new RegExp(
  String.raw`^(?:contrast(?:ing)?(?: (?:fabric|\d|${PART}))?|rib(?:bing)?|${PART})(?: (?:fabric|cloth))?$`,
)
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
    .replace(/^(?:(?:fabric|cloth|material) )?for (?:the )?/i, '')
    .replace(/,? you(?:'ll| will)? need$/i, '')
  const said = VIEWS_SAID.exec(text)
  // “A sleeveless”.
  const first = /^([A-K])[.:)]?\s+(.+)$/.exec(text)
  if (first && LENGTH_LABELS.test(itemAt(first, 2).toLowerCase()))
    return { views: [itemAt(first, 1)], role: 'main', label: null }
  // “A lining”.
  const ofRole =
    first &&
    ROLE_PATTERNS.find(
      ([pattern]) => pattern.exec(itemAt(first, 2).toLowerCase())?.[0] === itemAt(first, 2).toLowerCase(),
    )
  if (ofRole) return { views: [itemAt(first, 1)], role: ofRole[1], label: null }
  const last = said ? null : LETTERS_LAST.exec(text)
  const views = viewsOf(said?.[1] ?? last?.[1] ?? '')
  const rest = text
    .replace(said?.[0] ?? last?.[0] ?? '', ' ')
    .replace(/[\s:,()]+/g, ' ')
    .trim()
    .toLowerCase()
  if (rest === '') return views.length > 0 ? { views, role: 'main', label: null } : undefined
  if (rest.split(' ').length > MOST_WORDS) return undefined
  // “Fabric A” is a fabric’s own letter: what is not the first is another.
  if (/^fabric [1-9]$/.test(rest)) return { views: [], role: rest === 'fabric 1' ? 'main' : 'contrast', label: null }
  if (rest === 'fabric' && !said) return undefined
  if (MAINS.test(rest)) return views.length > 0 ? { views, role: 'main', label: null } : undefined
  if (CONTRASTS.test(rest)) return { views, role: 'contrast', label: null }
  const role = ROLE_PATTERNS.find(([pattern]) => pattern.exec(rest)?.[0] === rest)?.[1]
  // A role alone is told by the line that it begins.
  if (role) return views.length > 0 ? { views, role, label: null } : undefined
  const isVersion =
    views.length === 0 && !LENGTH_LABELS.test(rest) && /\w (?:version|option|style|variation)$/.test(rest)
  if (!isThing(rest) && !isVersion && !LENGTH_LABELS.test(rest)) return undefined
  return { views, role: 'main', label: views.length > 0 ? null : capital(rest) }
}

/** Whether words name something that is sewn, and end in its name. */
function isThing(words: string): boolean {
  return GARMENT_PATTERNS.some(([pattern]) => {
    const named = pattern.exec(words)
    return named !== null && named.index + named[0].length === words.length
  })
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
  const [from, to] = [itemAt(range, 1).toUpperCase().charCodeAt(0), itemAt(range, 2).toUpperCase().charCodeAt(0)]
  return Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => String.fromCharCode(from + i))
}

/** What a line says of views at one place. */
export interface ViewMark extends Span {
  is: 'view'
  views: string[]
}

const JOINED = String.raw`\s*(?:,|&|\/|-|\band\b)\s*`
const NUMBERED = String.raw`(?:[a-k](?:${JOINED}[a-k](?!\w))*|[1-9](?:${JOINED}[1-9](?![\w.]|\s*(?:\d|${UNIT})))*)`
const SAID = new RegExp(
  String.raw`(?:\bfor\s+)?\b(?:views?|versions?|options?|styles?|variations?)\s+(${NUMBERED})(?!\w)`,
  'gi',
)
// “Fabric A” is a fabric’s own letter; “A 22 cm zip” is one zip.
const BARE = new RegExp(
  String.raw`(?:(?<=^\s*|[,;:(|]\s*|\d\s?["a-z)]*\s+)|\bfor\s+)(${LETTERS})` +
    String.raw`(?=\s*[:|)=,]|\s+\d|\s*$|\s+(?:in|of|only|lining|interfacing|contrast)\b)`,
  'g',
)

/** “1.1 m (short sleeves), 1.4 m (long sleeves)”. */
const BRACKETED = new RegExp(
  String.raw`(?<=\d\s*${UNIT}\s*(?:wide\s*)?)\((?!lining|main|outer|with|or\b|no\b)([a-z][a-z -]{2,30})\)`,
  'g',
)

/** “Shift 1.9 m, tunic 1.5 m”. */
const BEFORE_NUMBER = /(?<=[,;:]\s*)([a-z][a-z -]{2,20}?)\s+(?=\d)/gi

/** The views that a line names, in their order. @param text signs made plain, as it was written */
export function viewMarks(text: string): ViewMark[] {
  const read = (letters: string) => ({ is: 'view' as const, views: viewsOf(letters) })
  const labels = [...text.matchAll(BRACKETED)]
  const things = [...text.matchAll(BEFORE_NUMBER)].filter(([, thing]) => isThing(mustHave(thing).toLowerCase()))
  const label = (named: string) => ({ is: 'view' as const, views: [capital(named.toLowerCase())] })
  return findSpans(text, [
    [SAID, read],
    [BARE, read],
    // One alone is a remark.
    ...(labels.length > 1 ? [[BRACKETED, label] as const] : []),
    ...(things.length > 1
      ? [[new RegExp(`\\b(${things.map(([, thing]) => thing).join('|')})\\s+(?=\\d)`, 'gi'), label] as const]
      : []),
  ])
}

const capital = (word: string) => word.charAt(0).toUpperCase() + word.slice(1)
