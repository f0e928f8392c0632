import { careOf } from '../../fabric/care'
import { type Offer } from '../../fabric/types'
import { type IronDots, type Tumble } from '../../fibres/types'
import { type Need } from '../../notebook/schemas/need'
import { match } from '../match'
import { NEAR_FIT, matchVerdictOf } from '../fit/steps'
import { interfacingPairs } from './interfacing'
import { liningPairs } from './lining'
import { type ClothSet, type SetPair, type SetAnswer, type SetCare } from './types'
import { waddingPairs } from './wadding'
import { wantsOf } from './wants'
import { itemAt, mustHave } from '../../lists/items'
import { inCelsius } from '../../text/amounts'
import { phrase } from '../../text/text'

/** What cannot be told is taken to agree about this well. */
const UNKNOWN_FIT = 0.85

/**
 * Whether cloths go together in one thing: each rule of each pair, the worst pair named, and how the whole is looked
 * after. The score is the product over pairs of 1 − importance · (1 − fit), times how the main cloth suits the need.
 * Common practice; the weights are ours.
 * @param need what is to be made; without it the pairs alone are judged
 */
export function judgeSet(set: ClothSet, need?: Need): SetAnswer {
  const wants = wantsOf(need)
  const { main, lining, interfacing, wadding } = set
  const pairs = [
    ...(lining ? liningPairs(main, lining, wants) : []),
    ...(interfacing ? interfacingPairs(main, interfacing, wants) : []),
    ...(wadding ? waddingPairs(main, wadding, lining, wants) : []),
  ]
  const ofMain = need ? match(need, main) : undefined
  // What interfacing would do for the main cloth is done, where there is one.
  const held = interfacing && ofMain?.remedies.find(({ id }) => id === 'interface-it')?.scoreAfter
  const asMain = held ?? ofMain?.score ?? 1
  const score = scoreOf(pairs) * asMain
  const remedies = remediesOf(pairs, asMain)
  const all =
    scoreOf(pairs.map((pair) => (pair.remedy?.swaps ? pair : remedied(pair)))) *
    Math.max(asMain, ...(ofMain?.remedies ?? []).map((one) => one.scoreAfter))
  const verdict = ofMain?.verdict === 'unsuitable' ? 'unsuitable' : matchVerdictOf(score, pairs, Math.max(score, all))
  return { score, verdict, worst: worstOf(pairs), pairs: inOrder(pairs), care: careOfSet(set), remedies }
}

function lossOf({ fit, importance }: SetPair): number {
  return importance * (1 - (fit ?? UNKNOWN_FIT))
}

function scoreOf(pairs: readonly SetPair[]): number {
  return pairs.reduce((score, pair) => score * (1 - lossOf(pair)), 1)
}

function remedied(pair: SetPair): SetPair {
  return pair.remedy && pair.remedy.fit > (pair.fit ?? 0) ? { ...pair, fit: pair.remedy.fit } : pair
}

/** What would put something right, by what it does for the whole; one change may mend several pairs. */
function remediesOf(pairs: readonly SetPair[], ofMain: number): SetAnswer['remedies'] {
  const score = scoreOf(pairs)
  const byId = new Map(pairs.flatMap(({ remedy }) => (remedy ? [[remedy.id, remedy.text] as const] : [])))
  return [...byId]
    .map(([id, text]) => ({
      id,
      text,
      scoreAfter: scoreOf(pairs.map((pair) => (pair.remedy?.id === id ? remedied(pair) : pair))) * ofMain,
    }))
    .filter(({ scoreAfter }) => scoreAfter > score * ofMain + 0.01)
    .sort((a, b) => b.scoreAfter - a.scoreAfter)
}

function inOrder(pairs: readonly SetPair[]): SetPair[] {
  return pairs.toSorted((a, b) => lossOf(b) - lossOf(a) || b.importance - a.importance)
}

/** The two cloths that lose most together, where anything between them is less than good. */
function worstOf(pairs: readonly SetPair[]): SetAnswer['worst'] {
  const losses = new Map<string, { between: SetPair['between']; loss: number }>()
  for (const pair of pairs.filter(({ status }) => status === 'near' || status === 'bad')) {
    const key = pair.between.join()
    const loss = (losses.get(key)?.loss ?? 0) + lossOf(pair) + (mustHave(pair.fit) < NEAR_FIT ? 0.1 : 0)
    losses.set(key, { between: pair.between, loss })
  }
  return [...losses.values()].sort((a, b) => b.loss - a.loss)[0]?.between ?? null
}

const TUMBLES: readonly Tumble[] = ['never', 'low', 'normal']
/** What an interfacing or wadding of unknown make bears: a 40 °C wash and a middling iron. Common practice. */
const INTERFACED_CELSIUS = 40

/** The whole is looked after as its tenderest part asks. */
function careOfSet({ main, lining, interfacing, wadding }: ClothSet): SetCare {
  const cares = [main, lining, wadding?.offer].filter((one): one is Offer => one !== undefined).map(careOf)
  const baths = [...cares.map(({ washCelsius }) => washCelsius), ...(interfacing ? [INTERFACED_CELSIUS] : [])]
  const washCelsius = baths.includes(null) ? null : Math.min(...(baths as number[]))
  const tumble = itemAt(TUMBLES, Math.min(...cares.map((care) => TUMBLES.indexOf(care.tumble)), interfacing ? 1 : 2))
  const ironDots = Math.min(...cares.map((care) => care.ironDots)) as IronDots
  const wash =
    washCelsius === null
      ? 'Do not wash: dry clean'
      : phrase`Wash at ${inCelsius(washCelsius)}${cares.some(({ isGentle }) => isGentle) ? ', gently' : ''}`
  const dry = {
    never: 'dry on a line or flat',
    low: 'tumble cool or dry on a line',
    normal: 'tumble or dry on a line',
  }[tumble]
  const iron = ironDots === 0 ? 'do not iron' : `iron at ${['', 'one dot', 'two dots', 'three dots'][ironDots]}`
  return { washCelsius, tumble, ironDots, text: phrase`${wash}; ${dry}; ${iron}.` }
}
