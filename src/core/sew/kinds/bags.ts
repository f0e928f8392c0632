import { type Points, type Rule } from '../rule'
import { type Thread } from '../../vocabulary/threads'
import { type SewCase } from '../sewCase'
import { inMm } from '../../text/amounts'
import { phrase } from '../../text/text'

const isBag = (c: SewCase) => c.makes('bag', 'rucksack')
const isHeavyFurnishing = (c: SewCase) => c.makes('cushion') && c.gsm >= 250

/** Bags and upholstery. Common practice. */
export const bagOrder: readonly Rule<null>[] = [
  {
    id: 'bag-handles',
    when: isBag,
    gives: null,
    text: phrase`Sew handles through a second layer, a square with a cross in it, ${inMm(25)} high; the strain
      must not hang on one row.`,
    safety: 2,
  },
  {
    id: 'bag-seams',
    when: isBag,
    gives: null,
    text: 'Bind or line the inner seams: crumbs and keys wear raw edges through.',
    safety: 1,
  },
  {
    id: 'upholstery-zip-first',
    when: (c) => c.makes('cushion'),
    gives: null,
    text:
      'Put the zip in first, piping next with a zip foot, and round the corners a little so that they do not stand ' +
      'out.',
    safety: 1,
  },
  {
    id: 'upholstery-fire',
    when: (c) => c.makes('cushion') && c.gsm >= 250,
    gives: null,
    text:
      'Seats for sale or hire have to pass match and cigarette tests in many places (in the UK the Furniture Fire ' +
      'Safety Regulations 1988, from memory): ask before you cover one.',
    safety: 3,
  },
]
export const bagThreads: readonly Rule<Points<Thread>>[] = [
  {
    id: 'thread-bonded',
    when: (c) => (isBag(c) && c.gsm >= 250) || isHeavyFurnishing(c),
    gives: { nylon: 3 },
    text: 'bonded or upholstery thread for what carries, with a needle of 100 or 110; ordinary thread for the lining.',
    safety: 1,
  },
]
