import { fibreByWord, isTrace } from '../../fibres/catalogue'
import { type FibreId } from '../../vocabulary/fibres'
import { itemAt } from '../../lists/items'

export interface FibreShare {
  fibre: FibreId
  percent: number
}

/** What people write short, or together. Common practice. */
const SHORT: ReadonlyMap<string, string> = new Map(
  Object.entries({
    poly: 'polyester',
    polyester: 'polyester',
    pes: 'polyester',
    polyamide: 'nylon',
    bamboo: 'viscose',
    lin: 'linen',
    flax: 'linen',
    co: 'cotton',
    cot: 'cotton',
    ly: 'lyocell',
    ray: 'viscose',
    merino: 'wool',
    cashmere: 'hair',
    mohair: 'hair',
    alpaca: 'hair',
    metallic: 'metallic',
  }),
)
/** Words that say something of a fibre, not which. */
const BESIDE = new RegExp(
  String.raw`\b(?:organic|pure|recycled|virgin|combed|washed|blend(?:ed)?|mix(?:ed|ture)?|fabric|cloth|fibres?|` +
    String.raw`fibers?|content|soft|raw|wild|mulberry|of|with|and|approx|about|lambs?|brushed|stretch)\b`,
  'g',
)

export type CompositionRead = { ok: true; fibres: FibreShare[] } | { ok: false; why: string }

/**
 * A composition as people write it: `80/20 wool nylon`, `98% cotton 2% spandex`, `cotton 60, linen 40`, `100% linen`,
 * or one fibre alone.
 * @returns the fibres with their shares, or why it was not understood
 */
export function readComposition(text: string): CompositionRead {
  const plain = text
    .toLowerCase()
    .replace(/per ?cent/g, '%')
    .replace(/(\d),(\d)/g, '$1.$2')
    .replace(/poly[- ]?cotton/g, 'polyester cotton')
  const numbers = [...plain.matchAll(/\d+(?:\.\d+)?/g)].map(([digits]) => Number(digits))
  const words = plain
    .replace(/\d+(?:\.\d+)?/g, ' # ')
    .replace(/[%()&+/,;:.|\-–]+/g, ' , ')
    .replace(BESIDE, ' ')
  const names = namesIn(words.replace(/#/g, ','))
  if ('unknown' in names) return { ok: false, why: `we don’t know a fibre called “${names.unknown}”` }
  const { fibres } = names
  if (fibres.length === 0) return { ok: false, why: 'it names no fibre' }
  if (numbers.length === 0)
    return fibres.length === 1
      ? { ok: true, fibres: [{ fibre: itemAt(fibres, 0), percent: 100 }] }
      : { ok: false, why: 'it does not say how much there is of each fibre' }
  // Of two fibres the first share may stand alone: “80 % wool, nylon”.
  const shares =
    numbers.length === fibres.length - 1 && sum(numbers) < 100 ? [...numbers, 100 - sum(numbers)] : numbers
  if (shares.length !== fibres.length) return { ok: false, why: 'there are not as many shares as fibres' }
  if (new Set(fibres).size < fibres.length) return { ok: false, why: 'one fibre is named twice' }
  if (sum(shares) > 101) return { ok: false, why: `the shares add up to ${sum(shares)} %` }
  if (shares.some((share) => share <= 0)) return { ok: false, why: 'a share is zero' }
  // A total of 101 is rounding: the largest gives way.
  const over = Math.max(0, sum(shares) - 100)
  const largest = shares.indexOf(Math.max(...shares))
  return {
    ok: true,
    fibres: fibres.map((fibre, i) => ({ fibre, percent: itemAt(shares, i) - (i === largest ? over : 0) })),
  }
}

const sum = (values: readonly number[]) => values.reduce((all, value) => all + value, 0)

/** Fibres in their order; a name may be of two words. */
function namesIn(text: string): { fibres: FibreId[] } | { unknown: string } {
  const fibres: FibreId[] = []
  for (const part of text.split(',')) {
    const words = part.trim().split(/\s+/).filter(Boolean)
    for (let i = 0; i < words.length;) {
      const two = words.slice(i, i + 2).join(' ')
      const found = fibreOf(two) ?? fibreOf(itemAt(words, i))
      if (!found) {
        // What stands behind a fibre says what is made of it: “cotton poplin”.
        if (fibres.length > 0 && i > 0) break
        return { unknown: words.slice(i).join(' ') }
      }
      i += fibreOf(two) && words.length > i + 1 ? 2 : 1
      // “Merino wool” says wool twice.
      if (fibres.at(-1) !== found || i === 1) fibres.push(found)
    }
  }
  return { fibres }
}

function fibreOf(word: string): FibreId | undefined {
  const known = fibreByWord(SHORT.get(word) ?? word)
  return known && (!isTrace(known.id) || word !== '') ? known.id : undefined
}
