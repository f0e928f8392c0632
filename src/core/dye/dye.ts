import { deltaE } from '../colour/colour'
import { type MixPart } from '../fabric/types'
import { FIBRE_WORDS } from '../vocabulary/fibres'
import { amountsFor, depthOf, type Amounts } from './amounts'
import { bathFor, dyeVerdict, letsThrough, type DyeVerdict } from './bath'
import { uptakeIn } from './uptake'
import { type DyeClass, type DyeFinish, type DyeThread } from '../vocabulary/dyes'
import { dyeOutcome, type DyeOutcome } from './outcome'
import { dyeCautions, LASTS, recipeFor } from './recipe'
import { type Phrase, type TextWithId, phrase } from '../text/text'
import { stripFor, type Strip } from './strip'
import { fibreById } from '../fibres/catalogue'
import { itemAt } from '../lists/items'

/** What is to be dyed, and how. */
export interface DyeAsked {
  /** The fibres by share, with the doubt of each. At least one. */
  mix: readonly MixPart[]
  /** What it is sewn with; null where nobody knows. */
  thread: DyeThread | null
  /** Of the dry goods. */
  grams: number
  /** The colour that it has, and the one that the dye makes on white cloth: #rrggbb. */
  from: string
  to: string
  finish: DyeFinish | null
}

export interface DyeAnswer extends Omit<DyeOutcome, 'byFibre'> {
  verdict: DyeVerdict
  /** The kind of dye to use: the one of which this cloth takes most. */
  bath: DyeClass
  text: Phrase
  /** What of it is beyond the verdict: its finish, a colour that can’t be reached; empty where there is nothing. */
  more: string
  byFibre: {
    fibre: MixPart['fibre']
    dyeClass: DyeClass
    uptake: number
    colour: string
    why: Phrase
    text: Phrase
  }[]
  seams: { show: boolean; colour: string; text: string }
  strip: Strip | null
  amounts: Amounts
  steps: TextWithId[]
  lasts: string
  cautions: TextWithId[]
}

/** A seam differs from its cloth by so much (CIEDE2000) before anybody sees it. */
const SEAM_SHOWS = 5

/** What dyeing does to a cloth: whether it takes, the colour that comes, and how it is done. */
export function planDyeing(asked: DyeAsked): DyeAnswer {
  const { mix, grams, from, to, finish } = asked
  const bath = bathFor(mix)
  const verdict = dyeVerdict(mix, bath, finish)
  const through = letsThrough(finish)
  const parts = mix.map((part) => ({ ...part, uptake: uptakeIn(part.fibre, bath) * through }))
  const { byFibre, ...outcome } = dyeOutcome(from, to, parts)
  const used = verdict === 'no' ? 'none' : bath
  const amounts = amountsFor(grams, used, depthOf(to))
  const more = hindrances(verdict, outcome, asked)
  return {
    ...outcome,
    verdict,
    bath: used,
    text: `${VERDICT_WORDS[verdict]} ${more}`.trimEnd(),
    more,
    byFibre: parts.map(({ fibre, uptake }, i) => {
      const { dyeClass, text } = fibreById(fibre).dye
      const isOther = dyeClass !== bath && dyeClass !== 'none' && uptake < 0.5
      const stays = isOther ? ', but not the dye that suits the rest: it hardly changes' : ''
      const why = phrase`${text}${stays}.`
      return {
        fibre,
        dyeClass,
        uptake,
        colour: itemAt(byFibre, i).colour,
        why,
        text: phrase`${FIBRE_WORDS[fibre].uk}: ${why}`,
      }
    }),
    seams: seamsOf(asked, bath, outcome.expected),
    strip: wantsStripping(outcome, asked, parts) ? stripFor(mix) : null,
    amounts,
    steps: recipeFor(mix, used, amounts, grams),
    lasts: LASTS[used],
    cautions: dyeCautions(used),
  }
}

const VERDICT_WORDS: Readonly<Record<DyeVerdict, string>> = {
  takes: 'It takes the dye.',
  'in-part': 'It takes the dye in part: the rest stays as it is, so it gets paler or flecked.',
  hardly: 'It hardly takes dye at home.',
  no: 'You can’t dye it at home.',
}

/** What stands in its way, beside its fibres. */
function hindrances(verdict: DyeVerdict, { reachable }: Pick<DyeOutcome, 'reachable'>, { finish }: DyeAsked): string {
  const held = finish === null ? [] : ['Its finish keeps dye out.']
  const isFar = !reachable && verdict !== 'no'
  const far = isFar ? ['You can’t reach the colour you want from this one: dye only makes colours darker.'] : []
  return [...held, ...far].join(' ')
}

/** Thread takes dye by its own fibre; most bought things are sewn with polyester. */
function seamsOf({ thread, from, to, finish }: DyeAsked, bath: DyeClass, expected: string): DyeAnswer['seams'] {
  const fibre = thread ?? 'polyester'
  const uptake = uptakeIn(fibre, bath) * letsThrough(finish)
  const { expected: colour } = dyeOutcome(from, to, [{ fibre, fraction: { value: 1, sd: 0 }, uptake }])
  const show = deltaE(colour, expected) > SEAM_SHOWS
  const text =
    thread === null
      ? show
        ? 'Test a thread of it: most clothes are sewn with polyester, which keeps its colour and shows.'
        : 'Whatever its thread is, it will hardly show.'
      : show
        ? `The ${thread} thread takes another colour than the fabric: stitching, bartacks and ` +
          'overlocking will show.'
        : `The ${thread} thread takes the same colour as the fabric.`
  return {
    show,
    colour,
    text: `${text} Zips, labels, elastic and buttons are made of other fibres, and usually keep their colour.`,
  }
}

/** Whether it is the old colour, not the fibres, that stands in the way: from white it would be reached. */
function wantsStripping(
  now: Pick<DyeOutcome, 'reachable' | 'nearestDeltaE'>,
  { to }: DyeAsked,
  parts: readonly (MixPart & { uptake: number })[],
): boolean {
  if (now.reachable) return false
  const white = dyeOutcome('#ffffff', to, parts)
  const takesSome = parts.some(({ uptake }) => uptake > 0)
  return white.reachable || (white.nearestDeltaE < now.nearestDeltaE / 2 && takesSome)
}
