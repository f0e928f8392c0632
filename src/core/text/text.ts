/** Units of amounts in texts. Stitches have their own, since machines are set in mm everywhere. */
export type TextUnit = 'mm' | 'cm' | 'm' | 'm²' | 'g/m²' | 'kg' | '°C' | 'per cm' | 'stitch length' | 'stitch width'

/** One amount in a text, or two: `6 mm`, `2 to 3 mm`, `10 × 15 cm`. */
export interface Amount {
  unit: TextUnit
  values: readonly [number] | readonly [number, number]
  /** What stands between two; “to” where nothing is said. */
  between?: 'to' | 'and' | '×'
}

/** Something that a person wrote, a fabric's name for example. It is shown as it was written. */
export interface Verbatim {
  verbatim: string
}

/** One of the pieces that a text is about, by its id; `withPieceNames` puts the name in. */
export interface PieceNamed {
  piece: string
}

export type TextPart = string | Amount | Verbatim | PieceNamed

/**
 * What the program says: words alone, or words with amounts and names between them, which are written for each reader
 * (`textFor`). Words are in British spelling.
 */
export type Phrase = string | readonly TextPart[]

/** Text that a rule says, under the rule's stable id. */
export interface TextWithId {
  id: string
  text: Phrase
}

/**
 * A text with amounts, names or other texts in it. A new line in it, with the spaces around it, is one space.
 * @example phrase`Sew ${inMm(6)} from the edge.`
 */
export function phrase(words: TemplateStringsArray, ...between: (Phrase | TextPart | number)[]): Phrase {
  const parts = words.flatMap((word, i): readonly TextPart[] => {
    const [said, next] = [word.replace(/\s*\n\s*/g, ' '), between[i]]
    return next === undefined ? [said] : [said, ...partsOf(typeof next === 'number' ? String(next) : next)]
  })
  return merged(parts)
}

/** Texts in a row, with the same words between any two. */
export function joinTexts(texts: readonly Phrase[], between = ' '): Phrase {
  return merged(texts.flatMap((text, i) => (i > 0 ? [between, ...partsOf(text)] : partsOf(text))))
}

/** A text with the names of pieces, as the person wrote them, instead of their ids. */
export function withPieceNames(text: Phrase, names: Readonly<Record<string, string>>): Phrase {
  if (typeof text === 'string') return text
  return text.map((part) =>
    typeof part !== 'string' && 'piece' in part ? asWritten(names[part.piece] ?? part.piece) : part,
  )
}

/** The parts of a text, of which words alone are one. */
export function partsOf(text: Phrase | TextPart): readonly TextPart[] {
  if (typeof text === 'string') return text === '' ? [] : [text]
  return isPart(text) ? [text] : text
}

/** A name or something else that a person wrote, as a part of a text. */
export function asWritten(verbatim: string): Verbatim {
  return { verbatim }
}

/** A text that begins with a capital letter. */
export function upperFirst(text: Phrase): Phrase {
  return firstChanged(text, (letter) => letter.toUpperCase())
}

/** A text that begins with a small letter, to stand inside a sentence. */
export function lowerFirst(text: Phrase): Phrase {
  return firstChanged(text, (letter) => letter.toLowerCase())
}

function firstChanged(text: Phrase, change: (letter: string) => string): Phrase {
  const [first, ...rest] = partsOf(text)
  return typeof first === 'string' ? merged([change(first.charAt(0)) + first.slice(1), ...rest]) : text
}

/** The name of a piece, as a part of a text. */
export function pieceNamed(piece: string): PieceNamed {
  return { piece }
}

function isPart(text: readonly TextPart[] | Exclude<TextPart, string>): text is Exclude<TextPart, string> {
  return !Array.isArray(text)
}

/** Words that stand beside each other as one part; a text of nothing but words as those. */
function merged(parts: readonly TextPart[]): Phrase {
  const all: TextPart[] = []
  for (const part of parts) {
    const last = all.at(-1)
    if (part === '') continue
    if (typeof part === 'string' && typeof last === 'string') all[all.length - 1] = last + part
    else all.push(part)
  }
  const [first = '', second] = all
  return second === undefined && typeof first === 'string' ? first : all
}

/** Whether a list is a text with amounts or names in it. */
export function isText(list: readonly unknown[]): list is readonly TextPart[] {
  return (
    list.some((part) => typeof part !== 'string') &&
    list.every((part) => typeof part === 'string' || isTextPart(part))
  )
}

function isTextPart(part: unknown): boolean {
  if (typeof part !== 'object' || part === null) return false
  const keys = Object.keys(part).filter((key) => key !== 'between')
  return ['unit,values', 'verbatim', 'piece'].includes(keys.toSorted().join(','))
}
