import { namedCloths } from '@/core/cloths/catalogue'
import { DETAIL_WORDS, GARMENT_WORDS } from '@/core/vocabulary/choosing'
import { FIBRE_WORDS } from '@/core/vocabulary/fibres'
import { THING_WORDS } from '@/core/vocabulary/stash'
import { KNIT_SEAM_WORDS, NOTION_WORDS, SEAM_MAKE_WORDS } from '@/core/vocabulary/upcycling'
import { TERM_WORDS, type TermId } from '@/core/vocabulary/terms'
import { TERMS_TOLD } from '@/core/vocabulary/termsTold'
import { wordFor, type OneOrBoth, type Vocabulary } from '@/core/vocabulary/words'

/** A word that differs between the UK and the US, and what it is a word for. */
export interface Differing {
  id: string
  uk: string
  us: string
  of: string
  /** Where it is told at length; nothing where it is not. */
  href?: string
}

/** A word of the trade and what it means. */
export interface TermTold {
  id: TermId
  title: string
  means: string
}

/** Every word of the trade, as this reader calls it first, in their order. */
export function termsTold(words: Vocabulary): TermTold[] {
  const titleOf = (word: OneOrBoth) => {
    if (typeof word === 'string') return word
    const other = words === 'uk' ? `US ${word.us}` : `UK ${word.uk}`
    return `${wordFor(word, words)} (${other})`
  }
  return (Object.keys(TERM_WORDS) as TermId[])
    .map((id) => ({ id, title: titleOf(TERM_WORDS[id].word), means: TERMS_TOLD[id] }))
    .sort((a, b) => a.title.localeCompare(b.title))
}

/** Words of the trade that no table of the program holds. Common practice. */
const TRADE: readonly Omit<Differing, 'id' | 'of'>[] = [
  { uk: 'selvedge', us: 'selvage' },
  { uk: 'overlocker', us: 'serger' },
  { uk: 'tacking', us: 'basting' },
  { uk: 'wadding', us: 'batting' },
  { uk: 'haberdashery', us: 'notions' },
  { uk: 'dressmaking', us: 'garment sewing' },
  { uk: 'press stud', us: 'snap' },
  { uk: 'reel of thread', us: 'spool of thread' },
  { uk: 'colour', us: 'color' },
  { uk: 'fibre', us: 'fiber' },
]

/** Every word that differs, in the order of the UK one. */
export function differingWords(): Differing[] {
  const from = (of: string, table: Readonly<Record<string, OneOrBoth>>, href?: string): Differing[] =>
    Object.entries(table).flatMap(([id, word]) =>
      typeof word === 'string' || word.uk === word.us
        ? []
        : [{ id: `${of} ${id}`, uk: word.uk, us: word.us, of, ...(href && { href: `${href}/${id}` }) }],
    )
  const fibres = Object.fromEntries(Object.entries(FIBRE_WORDS).map(([id, { uk, us }]) => [id, { uk, us }]))
  const cloths = Object.fromEntries(namedCloths.map(({ id, name }) => [id, name]))
  return [
    ...from('fibre', fibres, '/learn/fibres'),
    ...from('cloth', cloths, '/learn/fabrics'),
    ...from('thing', THING_WORDS),
    ...from('garment', GARMENT_WORDS),
    ...from('detail', DETAIL_WORDS),
    ...from('notion', NOTION_WORDS),
    ...from('seam', SEAM_MAKE_WORDS),
    ...from('seam of a knit', KNIT_SEAM_WORDS),
    ...TRADE.map((one) => ({ id: `trade ${one.uk}`, of: 'of the trade', ...one })),
  ].sort((a, b) => a.uk.localeCompare(b.uk))
}
