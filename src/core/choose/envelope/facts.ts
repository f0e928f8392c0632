import { clothCalled } from '../../cloths/catalogue'
import { type NamedCloth } from '../../cloths/types'
import { fibreByWord } from '../../fibres/catalogue'
import { isTrace } from '../../fibres/catalogue'
import { GSM_PER_OUNCE_PER_SQUARE_YARD } from '../../units/constants'
import { type Body, type Opacity } from '../../vocabulary/cloth'
import { type Role } from '../../vocabulary/choosing'
import { wordFor } from '../../vocabulary/words'
import { type FibreId } from '../../vocabulary/fibres'
import { BODY_PATTERNS, OPACITY_PATTERNS, WEIGHT_WORDS } from './lexicon'
import { NUMBER, parseEnvelopeNumber } from './numbers'
import { itemAt, mustHave } from '../../lists/items'

type Span = [number, number]

const WEIGHTS = WEIGHT_WORDS.map(([pattern]) => pattern.source).join('|')
/** “light to mid-weight”, “light- or medium-weight”. */
const WEIGHT_SPAN = new RegExp(`\\b(${WEIGHTS})(?:-? ?(?:to|-|or|and|\\/|,) ?(${WEIGHTS}))?(?![a-z])`, 'g')
/** A weight by number: “150-270 g/m²”, “5 oz”, “4 to 8 oz/yd²”. */
const NUMBERED = new RegExp(
  `(${NUMBER})(?:\\s*(?:-|to|and)\\s*(${NUMBER}))?\\s*(gsm|g\\/m(?:2|²)|g per (?:sq|square) m(?:etre|eter)?|oz)`,
)
/** Cloth by number without its other end may be so much lighter or heavier. */
const ONE_WEIGHT = 0.2
/** “Up to 10 oz”: and from about so much of it. */
const AT_MOST = /\b(?:up to|at most|no more than|no heavier than|max(?:imum)?)\s*$/
const AT_MOST_FROM = 0.5
/** A medium interfacing weighs about a third of a medium cloth; common practice. */
const INTERFACING_SCALE = 0.36
/** Words behind which a weight word is not of cloth: “lightweight fusible interfacing”. */
const NOT_CLOTH = /^\s*(?:fusible|interfacing|zip|elastic|thread)/

/** The weights that a clause asks for, g/m². @param role what is light as a cloth is heavy as an interfacing */
export function weightIn(text: string, role: Role = 'main'): Span | undefined {
  const numbered = NUMBERED.exec(text)
  if (numbered) {
    const factor = numbered[3] === 'oz' ? GSM_PER_OUNCE_PER_SQUARE_YARD : 1
    const low = mustHave(parseEnvelopeNumber(itemAt(numbered, 1))) * factor
    const high = numbered[2] === undefined ? undefined : mustHave(parseEnvelopeNumber(numbered[2])) * factor
    const span: Span =
      high === undefined
        ? AT_MOST.test(text.slice(0, numbered.index))
          ? [low * AT_MOST_FROM, low]
          : [low * (1 - ONE_WEIGHT), low * (1 + ONE_WEIGHT)]
        : [Math.min(low, high), Math.max(low, high)]
    if (span[0] >= 5 && span[1] <= 2000) return [Math.round(span[0]), Math.round(span[1])]
  }
  const spans = [...text.matchAll(WEIGHT_SPAN)].flatMap(({ 0: whole, 1: first, 2: second, index }) => {
    if (NOT_CLOTH.test(text.slice(index + whole.length)) || !isWeight(whole, text, index)) return []
    return [first, second].flatMap((word) => spanOf(word) ?? [])
  })
  if (spans.length === 0) return undefined
  const flat = spans.flat()
  const scale = role === 'interfacing' ? INTERFACING_SCALE : 1
  return [Math.round(Math.min(...flat) * scale), Math.round(Math.max(...flat) * scale)]
}

function spanOf(word: string | undefined): [readonly [number, number]] | undefined {
  const found =
    word === undefined
      ? undefined
      : WEIGHT_WORDS.find(([pattern]) => new RegExp(`^(?:${pattern.source})$`).test(word))
  return found && [found[1]]
}

/** “Light” and “heavy” of something other than cloth: of a colour, a duty, a medium stretch or size. */
function isWeight(whole: string, text: string, index: number): boolean {
  const after = text.slice(index + whole.length)
  if (/weight/.test(whole)) return true
  if (/^[- ](?:colou?r|blue|green|grey|pink|brown|duty|stretch|size)/.test(after)) return false
  return !/^ ?(?:stretch|drape)/.test(after)
}

/** How a cloth gives, per cent each way. */
export interface StretchAsked {
  width?: Span
  length?: Span
}

/** Words for stretch, per cent; common practice, from memory. */
const STRETCH_MOST = 150
const SLIGHT: Span = [3, 25]
const MODERATE: Span = [25, 50]
const MUCH: Span = [50, STRETCH_MOST]
const SOME: Span = [15, STRETCH_MOST]
const LENGTHWISE: Span = [10, STRETCH_MOST]
const NONE: Span = [0, 5]
const INCHES_OR_CM = String.raw`\s*(?:"|cm|in(?:ch(?:es)?)?)`
const GAUGE = new RegExp(
  String.raw`(${NUMBER})${INCHES_OR_CM}?\s*(?:of [a-z ]+?)?(?:must |should |will )?(?:stretch(?:es)?|to)\s*` +
    String.raw`(?:easily |comfortably )?(?:to )?(?:at least )?(${NUMBER})${INCHES_OR_CM}`,
)
const PER_CENT = String.raw`(?:(${NUMBER})\s*%?\s*(?:-|to)\s*)?(${NUMBER})\s*(?:%|per ?cent)(?! ?(?:elastane|spandex))`
const PERCENT = new RegExp(String.raw`${PER_CENT}(?=[^.,;]{0,28}stretch)|stretch[^.,;%]{0,30}?${PER_CENT}`)

/** The stretch that a clause asks for. */
export function stretchIn(text: string): StretchAsked | undefined {
  if (!/stretch|\bgives?\b/.test(text)) return undefined
  if (/\b(?:no|non|without)[- ]stretch|does not stretch|not (?:for|suitable for) stretch|non-?stretch/.test(text))
    return { width: NONE, length: NONE }
  const isBothWays = /\b(?:two|2|four|4)[- ]way\b|\bboth (?:ways|directions)\b/.test(text)
  const width =
    percentIn(text) ?? gaugeIn(text) ?? wordIn(text) ?? (isBothWays || /\bstretch\b/.test(text) ? SOME : undefined)
  if (!width) return undefined
  return {
    width,
    ...(isBothWays && { length: [Math.min(LENGTHWISE[0], width[0]), Math.max(STRETCH_MOST, width[1])] as Span }),
  }
}

function percentIn(text: string): Span | undefined {
  const found = PERCENT.exec(text)
  if (!found) return undefined
  const written = found[1] ?? found[3]
  const low = written === undefined ? undefined : parseEnvelopeNumber(written)
  const one = mustHave(parseEnvelopeNumber(mustHave(found[2] ?? found[4])))
  if (one > 400) return undefined
  return low === undefined
    ? /\b(?:up to|no more than|at most|max)/.test(text)
      ? [0, one]
      : [one, Math.max(STRETCH_MOST, one)]
    : [low, one]
}

function gaugeIn(text: string): Span | undefined {
  const found = GAUGE.exec(text)
  if (!found) return undefined
  const [from, to] = [parseEnvelopeNumber(itemAt(found, 1)), parseEnvelopeNumber(itemAt(found, 2))]
  if (from === undefined || to === undefined || to <= from || to > from * 3) return undefined
  return [Math.round(100 * (to / from - 1)), STRETCH_MOST]
}

function wordIn(text: string): Span | undefined {
  if (/\b(?:slight(?:ly)?|a little|some|minimal|comfort)\b[^.,;]{0,12}\bstretch/.test(text)) return SLIGHT
  if (/\b(?:moderate(?:ly)?|medium)\b[^.,;]{0,12}\bstretch/.test(text)) return MODERATE
  if (/\b(?:super|very|high(?:ly)?|lots of|good|maximum)\b[^.,;]{0,12}\bstretch/.test(text)) return MUCH
  return undefined
}

/** How the cloth falls, as a clause asks. */
export function bodyIn(text: string): Body[] | undefined {
  const found = BODY_PATTERNS.filter(([pattern]) => pattern.test(text)).flatMap(([, bodies]) => bodies)
  return found.length > 0 ? [...new Set(found)] : undefined
}

export function opacityIn(text: string): Opacity[] | undefined {
  if (/\b(?:not|non)[- ]?(?:see[- ]?through|sheer|transparent)|\bopaque\b/.test(text)) return ['opaque']
  const found = OPACITY_PATTERNS.find(([pattern]) => pattern.test(text))
  return found && [...found[1]]
}

/** Words between the names of cloths in a list. */
const BETWEEN = new RegExp(
  String.raw`[,;/&:()]|\b(?:or|and|such as|like|including|e\.?g\.?|types?|blends?|plus|for)\b|` +
    String.raw`\bwith (?:at least|a |some |good)`,
)
/** “Linen” and “cotton” alone name a fibre; with a word of weave they name a cloth. */
const FIBRE_ONLY: readonly string[] = [
  ...['cotton', 'wool', 'silk', 'polyester', 'viscose', 'rayon', 'nylon', 'acrylic', 'hemp', 'modal', 'lyocell'],
  ...['cupro', 'acetate', 'cottons', 'wools', 'silks'],
]

/** A cloth’s name that stands for something else. */
const NO_CLOTH = /\bno lining\b|\bneedles?\b|\binterfacing|\bthread|\bfoot\b|%/

const MOST_WORDS = 3

export interface ListedCloth {
  /** As written. */
  word: string
  cloth: NamedCloth | undefined
  fibre: FibreId | undefined
}

/** The cloths and fibres that a clause lists. */
export function clothsIn(text: string): ListedCloth[] {
  return text
    .replace(/\bwith(?:out)? nap\b/g, ' ')
    .split(BETWEEN)
    .flatMap((piece) => {
      // “Trench coat in cotton gabardine”: what it is in.
      const word = trimmed(piece.replace(/^.*\bin\s+(?=[a-z])/, ''))
      if (word === '' || word.split(' ').length > 5 || NO_CLOTH.test(piece)) return []
      const fibre = word
        .split(' ')
        .map((one) => fibreByWord(singular(one))?.id)
        .find((id) => id !== undefined && !isTrace(id))
      const cloth = FIBRE_ONLY.includes(word) ? undefined : (clothCalled(word) ?? clothCalled(singular(word)))
      // Of a sentence it is the cloth’s own name.
      const named = cloth && word.split(' ').length > MOST_WORDS ? wordFor(cloth.name, 'uk').toLowerCase() : word
      return cloth || (fibre && FIBRE_ONLY.includes(word)) ? [{ word: named, cloth, fibre }] : []
    })
}

const FILLERS = new RegExp(
  String.raw`\b(?:suggested|recommended|fabrics?|cloths?|materials?|use|suitable|best|in|with|of|the|a|an|any|soft|` +
    String.raw`stable|lightweight|light|medium|mid|weight|heavy|heavyweight|very|good|drape|wovens?|knits?|` +
    String.raw`fine|crisp|other|similar|made|from|for|only|to|is|are|choose|try|printed|plain|lighter|heavier|wide|` +
    String.raw`makes|two|at|x|by|up|about|around|over|under|less|cms?|mm|m|yds?|yards?|metres?|inch(?:es)?)\b|weight\b`,
  'g',
)

function trimmed(piece: string): string {
  const whole = piece
    .replace(/"/g, ' ')
    .replace(/^[\s\-•*.]+|[\s\-•*.]+$|\b\d[\d.\-]*(?: ?(?:oz|gsm|cm|m|yds?|yards?|metres?))?\b/g, '')
    .trim()
  // A name that is known as it stands (“double knit”, “wool crepe”) is kept whole.
  if (
    clothCalled(whole) &&
    whole.split(' ').length <= 3 &&
    !/\b(?:in|with|of|use|fabrics?|up|to|about|over|under|at|x|by|makes|wide)\b/.test(whole)
  )
    return whole
  return whole
    .replace(FILLERS, ' ')
    .replace(/[^a-z\- ]/g, ' ')
    .replace(/(?:^| )-+|-+(?= |$)/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
}

function singular(word: string): string {
  return word.replace(/(?<=[a-z]{3})s$/, '')
}
