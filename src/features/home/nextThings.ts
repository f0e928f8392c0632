import { countNoun } from '@/core/units/format'

/** Something worth doing now, and why. */
export interface NextThing {
  id: string
  says: string
  why: string
  href: string
}

/** What there is on the table, as far as it asks for something. */
export interface OnTheTable {
  /** Cloths taken in hand and not put on a shelf yet, the newest first. */
  inHand: readonly { id: string; name: string }[]
  /** Burn tests with a result that belong to no piece yet, the newest first. */
  looseTests: readonly { id: string }[]
  /** Pieces of which nobody knows what they are made of. */
  mysteries: { first: { id: string; name: string } | undefined; count: number }
  /** Topics of practice that are due. */
  due: number
  pieces: number
  patterns: number
  /** Known pieces of the controls box, and how many of them were burnt. */
  controls: { count: number; burnt: number }
}

/** More at once is a list, and not what to do next. */
const FEW = 3

/** The next few things worth doing, what was begun before what is new. */
export function nextThings(onTable: OnTheTable): NextThing[] {
  const { inHand, looseTests, mysteries, due, pieces, patterns, controls } = onTable
  const things: (NextThing | false | undefined)[] = [
    inHand[0] && {
      id: 'in-hand',
      says: `Continue with ${inHand[0].name.toLowerCase()}`,
      why: 'You are identifying it; it is not in your stash yet.',
      href: `/identify?piece=${inHand[0].id}`,
    },
    looseTests[0] && {
      id: 'loose-test',
      says: 'Save the result of your burn test',
      why: 'It belongs to no fabric yet.',
      href: `/identify/burn/${looseTests[0].id}`,
    },
    mysteries.first && {
      id: 'mystery',
      says: `Start with ${mysteries.first.name}`,
      why: `${mysteries.count === 1 ? 'One fabric is' : `${mysteries.count} fabrics are`} still unknown.`,
      href: `/stash/${mysteries.first.id}`,
    },
    due > 0 && {
      id: 'practice',
      says: 'Practise what you are learning',
      why: `${due === 1 ? 'One thing is' : `${due} things are`} due for practice; five minutes are ` + 'enough.',
      href: '/learn/today',
    },
    pieces > 0 &&
      patterns === 0 && {
        id: 'first-pattern',
        says: 'Add a pattern',
        why: 'Then we show which fabrics suit it, and what to measure.',
        href: '/make/patterns/add',
      },
    pieces > 0 &&
      controls.count === 0 && {
        id: 'controls',
        says: 'Add a known sample',
        why: 'A cotton, a wool and a polyester that you are sure of make every comparison clearer.',
        href: '/identify/samples',
      },
    controls.count > controls.burnt && {
      id: 'burn-control',
      says: 'Burn a bit of a known sample',
      why: 'It teaches us what you mean by “chemical” or “celery”.',
      href: '/identify/samples',
    },
    pieces > 0 &&
      patterns > 0 && {
        id: 'choose',
        says: 'Compare patterns and fabrics',
        why: `${countNoun(patterns, 'pattern')} compared with ${countNoun(pieces, 'fabric')}.`,
        href: '/make/patterns',
      },
  ]
  return things.filter((thing): thing is NextThing => !!thing).slice(0, FEW)
}
