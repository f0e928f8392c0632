import { careOf } from '../fabric/care'
import { handlingOf } from '../fabric/handling'
import { shareOf } from '../fabric/mix'
import { sewAdvice, type SewAdvice } from '../sew/advice'
import { detailMinutes, garmentMinutes } from './sewingTimes'
import { NO_WAIT, step, type PlannedProject, type Step, type StepKind } from './step'
import { sideOf, type PiecePlanned } from './washing'
import { fibresOf } from '../fibres/traits'
import { itemAt, mustHave } from '../lists/items'
import { type Phrase, phrase } from '../text/text'

/** Fewer minutes than these are no session; after more one wants a break. */
const [LEAST_SESSION, MOST_SESSION] = [15, 60]

type Words = Partial<Step> & Pick<Step, 'text' | 'why'>

/** Steps of one project, each waiting for the one before unless said otherwise. */
class Chain {
  readonly steps: Step[] = []
  last: string[] = []

  constructor(
    private readonly pieces: string[],
    private readonly longest: number,
  ) {}

  then(kind: StepKind, words: Words, id: string = kind): string {
    this.steps.push(step(id, kind, this.pieces, { after: this.last, ...words }))
    this.last = [id]
    return id
  }

  /** Long work in sessions that follow one another. */
  inSessions(kind: StepKind, total: number, words: Words): string {
    const most = Math.max(LEAST_SESSION, Math.min(MOST_SESSION, this.longest))
    // Whole sessions first: what is left over finds room between them.
    const count = Math.max(1, Math.ceil((total - LEAST_SESSION / 2) / most))
    for (let i = 1; i <= count; i++) {
      const text = count === 1 ? words.text : phrase`${words.text} (${i} of ${count})`
      const hands = i < count ? most : Math.max(5, Math.min(most, total - most * (count - 1)))
      const { after, ...rest } = words
      this.then(
        kind,
        { ...rest, text, hands, ...(i === 1 && after && { after }) },
        count === 1 ? kind : `${kind}-${i}`,
      )
    }
    return itemAt(this.last, 0)
  }
}

/**
 * Everything from buying to the last hem, after the cloths were made ready.
 * @param prepared ids of the last steps of making them ready
 * @param longest the longest time that the person has without a break, minutes
 */
export function making(
  pieces: readonly PiecePlanned[],
  { garment, details = [] }: PlannedProject,
  schools: Readonly<Record<string, string>>,
  prepared: string[],
  longest: number,
): Step[] {
  const all = pieces.map(({ offer }) => sewAdvice({ offer, ...(garment && { garment }), details, schools }))
  const told = new Map(all.flatMap(({ order }) => order.map(({ id, text }) => [id, text] as const)))
  const isSlippery = pieces.some(({ offer }) => handlingOf(offer).includes('slippery'))
  const stiffening = pieces.every(mayBeStiffened) ? sideOf(schools, 'stiffening') : 'tissue'
  const chain = new Chain(
    pieces.map(({ id }) => id),
    longest,
  )
  const before = beforeCutting(chain, { prepared, told, isSlippery, stiffening, all })
  cutting(chain, before, { told, all })
  const minutes = garmentMinutes(garment) + details.reduce((sum, detail) => sum + detailMinutes(detail), 0)
  chain.inSessions('sew', minutes, {
    text: 'Sew, pressing each seam before the next crosses it.',
    why: told.get('press-each-seam') ?? 'One seam after another, each flat.',
  })
  lastOf(chain, { told, all, isWashedOut: isSlippery && stiffening !== 'tissue' })
  return chain.steps
}

const STIFFENING_WORDS: Readonly<Record<string, string>> = {
  'wash-out': 'Dip or spray it with a wash-out stabiliser and dry it flat.',
  starch: 'Spray starch at the iron, with the window open: several thin coats.',
  tissue:
    'Pin it between two layers of tissue paper, and cut all three together. No starch: it spots, and would stay in.',
}

/** Whether starch may go on it: what is not washed afterwards keeps it, and silk and acetate spot. Common practice. */
function mayBeStiffened({ offer, willBeWashed }: PiecePlanned): boolean {
  const isWashed = willBeWashed !== 'dry-clean' && willBeWashed !== 'never' && careOf(offer).washCelsius !== null
  return isWashed && shareOf(offer, fibresOf('acetate', 'silken')) < 0.2
}

type Told = ReadonlyMap<string, Phrase>

function beforeCutting(
  chain: Chain,
  about: { prepared: string[]; told: Told; isSlippery: boolean; stiffening: string; all: readonly SewAdvice[] },
): string[] {
  const { prepared, told, isSlippery, stiffening, all } = about
  const bought = chain.then('buy', {
    text: 'Thread, needles, interfacing, lining, tapes, buttons or zip: buy everything before you cut.',
    why: 'A seam without thread can wait for a week.',
    hands: 60,
    after: [],
  })
  const fit = told.get('toile-first')
  const toile = fit
    ? [
        chain.inSessions('toile', 180, {
          text: fit,
          why: 'The garment fits closely: test the fit in cheap fabric.',
          after: [],
        }),
      ]
    : []
  let ready = prepared
  if (isSlippery)
    ready = [
      chain.then('stabilise', {
        text: STIFFENING_WORDS[stiffening] ?? mustHave(STIFFENING_WORDS.starch),
        why: 'It is slippery: stiffened fabric stays where you put it.',
        hands: 20,
        wait: stiffening === 'wash-out' ? [120, 480] : NO_WAIT,
        after: prepared,
      }),
    ]
  const needle = all[0]?.needle
  const tested = chain.then('test-seam', {
    text: told.get('test-seam') ?? 'Sew a test seam on a scrap.',
    why: needle
      ? phrase`Needle ${needle.nm.join(' to ')}, ${needle.point}: ${needle.text}`
      : 'A scrap tells you most.',
    hands: 20,
    after: [...ready, bought],
  })
  return [tested, ...toile]
}

function cutting(chain: Chain, after: string[], { told, all }: { told: Told; all: readonly SewAdvice[] }): void {
  const [first] = all
  const minutes = all.reduce((sum, { cutting: { layers } }) => sum + (layers === 'single' ? 60 : 40), 0)
  chain.inSessions('cut', Math.max(40, minutes), {
    text: phrase`${first?.cutting.text ?? 'Cut it.'} Blades away from the body.`,
    why: 'Cut everything from one fabric at once, so that it all lies one way.',
    after,
  })
  chain.then('mark', {
    text: first?.marking.text ?? 'Mark it.',
    why: 'You lose the notches once you move the pieces.',
    hands: 20,
  })
  const stay = told.get('staystitch') ?? told.get('stay-tape-knit')
  if (stay) chain.then('staystitch', { text: stay, why: 'Curves stretch when you handle them.', hands: 20 })
  const early = told.get('interface-first')
  if (early && first)
    chain.then('interface', {
      text: first.interfacing.text,
      why: early,
      risk: 'Hot irons and steam burn.',
      hands: 30,
      wait: [15, 30],
    })
}

function lastOf(
  chain: Chain,
  { told, all, isWashedOut }: { told: Told; all: readonly SewAdvice[]; isWashedOut: boolean },
): void {
  if (isWashedOut)
    chain.then('wash-out', {
      text: 'Wash the starch or stabiliser out, and dry it flat.',
      why: told.get('wash-out-stabiliser') ?? 'It hangs differently once it is soft again.',
      hands: 15,
      wait: [240, 720],
    })
  const drops = told.get('hang-before-hem')
  if (drops)
    chain.then('hang', { text: 'Hang it by its waist or shoulders.', why: drops, hands: 5, wait: [1440, 2880] })
  chain.then('hem', {
    text: all[0]?.hems[0]?.text ?? 'Hem it.',
    why: 'Hem it last, when it has dropped.',
    hands: 45,
  })
  chain.then('finish', {
    text: 'Sew on buttons and hooks, bury the threads, and press once more.',
    why: 'Then it is finished.',
    hands: 30,
  })
}
