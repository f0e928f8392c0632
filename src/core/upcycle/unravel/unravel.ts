import { type Phrase, type TextWithId } from '../../text/text'
import { SECOND_HAND_WOOL } from '../../fabric/secondHand'
import { shareOf } from '../../fabric/mix'
import { type MixPart } from '../../fabric/types'
import { type KnitSeams, type YarnSurface } from '../../vocabulary/upcycling'
import { interval80 } from '../../units/quantity'
import { type Construction } from '../../vocabulary/cloth'
import { metresPerGram, yarnClassOf, type YarnClass } from './yarn'
import { fibresOf } from '../../fibres/traits'
import { mustHave } from '../../lists/items'

export { KNIT_SEAMS, YARN_SURFACES } from '../../vocabulary/upcycling'

/** A knitted thing in the hand. */
export interface UnravelAsked {
  construction: Construction
  seams: KnitSeams
  grams: number
  mix: readonly MixPart[]
  /** Threads that were knitted together as one. */
  strands: number
  /** Of what comes off, all its strands together; null where nobody wrapped it. */
  wrapsPerInch: number | null
  surface: YarnSurface
}

export interface UnravelReason {
  id: string
  text: Phrase
  /** How much it speaks against it: 0 nothing, 1 patience, 2 it cannot be. */
  against: 0 | 1 | 2
}

export interface UnravelAnswer {
  verdict: 'yes' | 'with-patience' | 'no'
  reasons: UnravelReason[]
  /** Of the yarn as it was knitted. */
  metres: { value: number; interval80: [number, number] } | null
  yarnClass: YarnClass | null
  /** Balls that come of it: one a knitted piece, more where it breaks. */
  balls: number | null
  minutes: number | null
  steps: TextWithId[]
}

/** Wraps an inch above which yarn breaks and tangles more than it is worth; and above which nobody can. */
const FINE = 22
const TOO_FINE = 36

interface Rule extends UnravelReason {
  when: (asked: UnravelAsked) => boolean
}

/** What decides it. Common practice. */
const RULES: readonly Rule[] = [
  {
    id: 'not-knitted',
    when: ({ construction }) => construction !== 'knit',
    text: 'Only knits unravel into one thread; woven fabric gives threads as long as itself.',
    against: 2,
  },
  {
    id: 'seams-linked',
    when: ({ seams, construction }) => seams === 'linked' && construction === 'knit',
    text:
      'Its pieces were knitted to shape and joined by a chain: each unravels from its last row in ' + 'one thread.',
    against: 0,
  },
  {
    id: 'seams-cut',
    when: ({ seams }) => seams === 'overlocked' || seams === 'cut-and-sewn',
    text: 'It was cut out of knitted fabric and sewn: every row ends at the seam, so you get short lengths.',
    against: 2,
  },
  {
    id: 'seams-unknown',
    when: ({ seams }) => seams === 'unknown',
    text:
      'Look at a side seam from inside: you can undo a chain along whole edges, but not overlocked ' + 'cut edges.',
    against: 1,
  },
  {
    id: 'felted',
    when: ({ surface }) => surface === 'felted',
    text: 'It has felted: the loops cling together and the yarn tears.',
    against: 2,
  },
  {
    id: 'fuzzy',
    when: ({ surface, mix }) => surface === 'fuzzy' || shareOf({ mix }, fibresOf('hairy')) >= 0.4,
    text:
      'Its hairs cling: put it in the freezer for an hour, then work slowly, with small scissors for ' + 'the knots.',
    against: 1,
  },
  {
    id: 'metallic',
    when: ({ surface, mix }) => surface === 'metallic' || shareOf({ mix }, fibresOf('mineral')) > 0.05,
    text: 'The metal strand does not stretch: it kinks and breaks, and cuts the one beside it.',
    against: 1,
  },
  {
    id: 'multicolour',
    when: ({ surface }) => surface === 'multicolour',
    text: 'Each colour is a thread of its own, with an end at every change: many small balls.',
    against: 1,
  },
  {
    id: 'too-fine',
    when: ({ wrapsPerInch }) => wrapsPerInch !== null && wrapsPerInch > TOO_FINE,
    text: 'It is machine-knitted so finely that it breaks at every row.',
    against: 2,
  },
  {
    id: 'fine',
    when: ({ wrapsPerInch }) => wrapsPerInch !== null && wrapsPerInch > FINE && wrapsPerInch <= TOO_FINE,
    text: 'It is fine: it breaks easily, and you need to wind several strands together to knit it again.',
    against: 1,
  },
  {
    id: 'strands',
    when: ({ strands }) => strands > 1,
    text: 'Several strands run together: wind them as one, or one ball for each.',
    against: 0,
  },
  {
    id: 'weak',
    when: ({ mix }) => shareOf({ mix }, fibresOf('weak-when-wet')) >= 0.5,
    text: 'Its fibre is weak when wet: wash skeins in a bag and dry them flat.',
    against: 0,
  },
]

/** Of the weight: seams, bands, ends and what breaks. */
const COMES_OFF = { yes: 0.92, 'with-patience': 0.8, no: 0 } as const
const COMES_OFF_DOUBT = 0.06
/** Minutes: to undo the seams, and for a hundred metres wound by hand. From memory. */
const SEAM_MINUTES = 45
const MINUTES_PER_100_M = { yes: 5, 'with-patience': 12, no: 0 } as const
/** Front, back, two sleeves and a band. */
const USUAL_PIECES = 5
const MOST_COLOURS_SHARE = 4

/** Whether a knitted thing gives its yarn back, how much of it, and how. */
export function planUnravelling(asked: UnravelAsked): UnravelAnswer {
  const reasons = RULES.filter(({ when }) => when(asked)).map(({ id, text, against }) => ({ id, text, against }))
  const most = Math.max(0, ...reasons.map(({ against }) => against))
  const verdict = most === 2 ? 'no' : most === 1 ? 'with-patience' : 'yes'
  const { wrapsPerInch, grams, mix } = asked
  const yarnClass = wrapsPerInch === null ? null : yarnClassOf(wrapsPerInch)
  if (verdict === 'no') return { verdict, reasons, metres: null, yarnClass, balls: null, minutes: null, steps: [] }
  const metres = wrapsPerInch === null ? null : metresOf(wrapsPerInch, grams, mix, verdict)
  return {
    verdict,
    reasons,
    metres,
    yarnClass,
    balls: USUAL_PIECES * (asked.surface === 'multicolour' ? MOST_COLOURS_SHARE : 1),
    minutes: metres && Math.round(SEAM_MINUTES + (metres.value / 100) * MINUTES_PER_100_M[verdict]),
    steps: stepsOf(asked),
  }
}

function metresOf(wraps: number, grams: number, mix: readonly MixPart[], verdict: 'yes' | 'with-patience') {
  const perGram = metresPerGram(wraps, mix)
  const off = COMES_OFF[verdict]
  const value = perGram.value * grams * off
  const sd = value * Math.hypot(perGram.sd / perGram.value, COMES_OFF_DOUBT / off)
  const [low, high] = interval80({ value, sd }).map((end) => Math.round(Math.max(0, end)))
  return { value: Math.round(value), interval80: [mustHave(low), mustHave(high)] as [number, number] }
}

function stepsOf({ strands, seams, surface, mix }: UnravelAsked): UnravelAnswer['steps'] {
  const isPlant = shareOf({ mix }, fibresOf('cellulose')) >= 0.5
  const steps: ([string, Phrase] | false)[] = [
    ['quarantine', SECOND_HAND_WOOL.quarantine],
    ['freeze-against-moth', SECOND_HAND_WOOL.freeze],
    seams === 'unknown' && ['look-at-seams', 'Turn it inside out and check every seam before you cut.'],
    surface === 'fuzzy' && ['freeze', 'Put it in the freezer for an hour, in a bag: the hairs let go of each other.'],
    [
      'undo-seams',
      'Find the chain of the seam: snip one loop at its end and pull. Side seams first, then sleeves, shoulders and ' +
        'the neckband last.',
    ],
    [
      'begin-at-end',
      'Start where the knitting ended, usually at the neck and at the top of the sleeves, not at the hem.',
    ],
    [
      'wind',
      'Wind it onto the back of a chair as it ' +
        `comes${strands > 1 ? `, ${strands} strands together` : ''}; knot what breaks.`,
    ],
    ['order', 'Sleeves, front, back, bands: one skein for each, with a label of where it came from.'],
    ['tie', 'Tie the skein in four places, loosely, and take it off.'],
    [
      'wash-skein',
      isPlant
        ? 'Wash it warm; hang it wet with a small weight to remove the crinkles.'
        : 'Soak it in lukewarm water with a little wool soap; hang it wet with a small weight to remove ' +
          'the crinkles.',
    ],
    ['steam', 'If crinkles stay, hold it in steam, away from your hands; steam scalds.'],
    ['measure', 'When it is dry, weigh it, wrap it round a ruler, and write grams, wraps and metres on the ball.'],
  ]
  return steps.filter((one): one is [string, string] => one !== false).map(([id, text]) => ({ id, text }))
}
