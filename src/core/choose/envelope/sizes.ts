import { viewsOf } from './captions'

/** Sizes by letters, from the smallest. */
const LETTERED = ['xxxs', 'xxs', 'xs', 's', 'm', 'l', 'xl', 'xxl', '2xl', 'xxxl', '3xl', '4xl', '5xl', '6xl']
const MOST_IN_A_RANGE = 20

/** Sizes that a range stands for: `34-40` is 34, 36, 38, 40; `S-L` is S, M, L. @returns [] where it is none */
export function sizesOfRange(from: string, to: string): string[] {
  const [low, high] = [Number(from), Number(to)]
  if (Number.isInteger(low) && Number.isInteger(high)) {
    // Grown-ups' sizes go in twos.
    const step = low % 2 === 0 && high % 2 === 0 ? 2 : 1
    const count = (high - low) / step + 1
    return count > 1 && count <= MOST_IN_A_RANGE
      ? Array.from({ length: count }, (_, i) => String(low + i * step))
      : []
  }
  const [first, last] = [LETTERED.indexOf(from.toLowerCase()), LETTERED.indexOf(to.toLowerCase())]
  const isNumbered = /\d/.test(from + to)
  const isOther = (size: string) => (isNumbered ? ['xxl', 'xxxl'] : ['2xl', '3xl']).includes(size)
  return first < 0 || last <= first
    ? []
    : LETTERED.slice(first, last + 1)
        .filter((size) => !isOther(size))
        .map((size) => size.toUpperCase())
}

const ONE = String.raw`(?:\d{1,2}|[2-6]?x{0,3}[sml])`
const OF_SIZES = String.raw`(?<![a-z])(?:sizes?|uk|us|eu)\s+(${ONE}(?:\s*(?:-|to|,|and|&|\/)\s*${ONE})*)`
const OF_VIEWS = String.raw`(?<=for\s+)views?\s+([A-K](?:\s*(?:,|&|\/|and)\s*[A-K])*)\b`
const SIZES = new RegExp(String.raw`\(?\s*(?:(?:for|in)\s+)?(?:all sizes|${OF_SIZES}|${OF_VIEWS})\s*\)?`, 'gi')

/** A part of a line that is of some sizes alone. */
export interface OfSizes {
  /** Null: of all of them. */
  sizes: string[] | null
  /** Where it says those. */
  views?: string[]
  /** What stands behind the sizes, of the last part. */
  behind?: string
  text: string
}

/**
 * “2.30 m (sizes 34-40), 2.50 m (sizes 42-48)”: a length with the sizes that it is of behind it.
 * @returns undefined where the line says no sizes behind its lengths
 */
export function bySizes(text: string): OfSizes[] | undefined {
  const found = [...text.matchAll(SIZES)].filter(({ index }) => /\d/.test(text.slice(0, index)))
  if (found.length === 0) return undefined
  let start = 0
  return found.map(({ 0: whole, 1: list, 2: letters, index }, i) => {
    // Words lead to the first number; a letter before it is a view.
    const part = text
      .slice(start, index)
      .replace(/^[\s,;)]+/, '')
      .replace(/^(?![A-K]\s)[^\d]*(?=\d)/, '')
    start = index + whole.length
    return {
      sizes: list === undefined ? null : listOf(list),
      ...(letters && { views: viewsOf(letters) }),
      ...(i === found.length - 1 && { behind: text.slice(start) }),
      text: part,
    }
  })
}

/** “In sizes 8-14 you need 1.3 m”: the sizes that a sentence begins with; undefined where it does not. */
export function sizesBefore(text: string): string[] | undefined {
  const found = new RegExp(String.raw`^[^\d]*\b(?:in|for)\s+${OF_SIZES}\b(?=.*\d)`, 'i').exec(text)
  return found ? listOf(found[1]!) : undefined
}

/** `XS-S 2 yd`, `size 8: 2 yd`. */
const LETTERED_SIZE = String.raw`[2-6]?x{0,3}[sml]`
const SIZE_FIRST = new RegExp(
  String.raw`^(?:(?:sizes?|ages?)\s+(\d{1,2})|(?:sizes?\s+)?(${LETTERED_SIZE}(?:\s*[-/]\s*${LETTERED_SIZE})?|` +
    String.raw`\d{1,2}\s*-\s*\d{1,2}))\s*[:=]?\s+(\d.*)$`,
  'i',
)

/**
 * “45" wide: XS-S 2 yd, M-L 2¼ yd”: each length with the sizes that it is of before it.
 * @returns undefined where the line does not go so
 */
export function sizesFirst(text: string): OfSizes[] | undefined {
  const behind = /^(.*?)[\s,(]+(\d[\d.]*\s*(?:cm|"|in|inch(?:es)?)\s*wide)\)?$/i.exec(text)
  const [, head = '', rest = ''] = behind
    ? [text, `${behind[2]!}: `, behind[1]!]
    : (/^(.*?\d.*?[:)]\s*:?\s*)(.*)$/.exec(text) ?? [])
  const items = rest.split(/[,;]\s+/).map((item) => SIZE_FIRST.exec(item.trim()))
  if (items.length < 2 || items.some((item) => item === null)) return undefined
  return items.map((item, i) => ({
    sizes: listOf((item![1] ?? item![2])!),
    text: `${i === 0 ? head : ''}${item![3]!}`,
  }))
}

/** The sizes that a column is of: `0-8` is 0, 2, 4, 6, 8; what is no range is as it stands. */
export function sizesCalled(name: string): string[] {
  const [, from, to] = /^(\w+)\s*[-/]\s*(\w+)$/.exec(name) ?? []
  const many = from === undefined ? [] : sizesOfRange(from, to!)
  return many.length > 0 ? many : [name]
}

function listOf(list: string): string[] {
  const range = new RegExp(String.raw`^(${ONE})\s*(?:-|to)\s*(${ONE})$`, 'i').exec(list.trim())
  const many = range ? sizesOfRange(range[1]!, range[2]!) : []
  return many.length > 0 ? many : list.split(/\s*(?:-|to|,|and|&|\/)\s*/).filter((size) => size !== '')
}
