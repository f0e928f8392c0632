import { careOf } from '../fabric/care'
import { isCoated, hasPile } from '../fabric/handling'
import { shareOf } from '../fabric/mix'
import { type Offer } from '../fabric/types'
import { materialIdOf, materialOf } from '../fabric/materialOf'
import { type DryWay } from './drying'
import { fibresOf } from '../fibres/traits'
import { mustHave } from '../lists/items'
import { inCelsius } from '../text/amounts'
import { type Phrase, phrase } from '../text/text'

export const WASHES = ['hot', 'warm', 'cool', 'hand', 'dry-clean', 'never'] as const
export type Wash = (typeof WASHES)[number]
export const SHADES = ['white', 'light', 'dark', 'bright', 'red'] as const
export type Shade = (typeof SHADES)[number]

/** Matters of washing on which practitioners disagree, their sides, and the one that is taken where nobody picked. */
export const WASH_SCHOOLS = {
  prewash: { sides: ['as-worn', 'hotter', 'twice'], usual: 'as-worn', words: 'washing before cutting' },
  edges: { sides: ['finish', 'tube', 'cut-off'], usual: 'finish', words: 'cut edges in the wash' },
  viscose: { sides: ['cold-flat', 'hot-then-cold'], usual: 'cold-flat', words: 'washing viscose' },
  silk: { sides: ['hand', 'dry-clean'], usual: 'hand', words: 'washing silk' },
  stiffening: { sides: ['starch', 'wash-out'], usual: 'starch', words: 'stiffening before cutting' },
} as const
export type WashSchool = keyof typeof WASH_SCHOOLS

/** What was picked of a matter, or what is usual. */
export function sideOf(schools: Readonly<Record<string, string>>, matter: WashSchool): string {
  const { sides, usual } = WASH_SCHOOLS[matter]
  const picked = schools[matter]
  return (sides as readonly string[]).includes(picked ?? '') ? mustHave(picked) : usual
}

/** A cloth that is to be made ready. */
export interface PiecePlanned {
  id: string
  offer: Offer
  grams: number
  willBeWashed: Wash
  shade: Shade
  /** Whether its dye runs; null where nobody tried. */
  bleeds: boolean | null
  testSquare: 'passed' | null
  /** It was used by somebody before. */
  isSecondHand?: boolean
  /** It smells of mould, or shows it. */
  isMusty?: boolean
}

/** How a cloth goes through water, or does not. */
export interface WashPlan {
  way: 'machine' | 'hand' | 'steam' | 'none'
  celsius: number | null
  times: number
  dry: DryWay | null
  isSpun: boolean
  text: Phrase
  why: Phrase
  risk: string
  /** Stable ids of what it rests on. */
  because: string[]
}

const CELSIUS: Readonly<Record<Wash, number>> = { hot: 60, warm: 40, cool: 30, hand: 30, 'dry-clean': 0, never: 0 }

/** How a piece is washed before it is cut: as it will be, by its tenderest fibre, and by the school. */
export function washPlan(piece: PiecePlanned, schools: Readonly<Record<string, string>>): WashPlan {
  const { offer, willBeWashed } = piece
  const care = careOf(offer)
  if (willBeWashed === 'never')
    return dryPlan('none', 'Don’t wash it: just press it.', 'You will never wash it.', ['wash-never'])
  if (offer.washed === true)
    return dryPlan('none', 'You washed it already: just press it.', 'It has already shrunk.', ['washed-already'])
  if (isCoated(offer))
    return dryPlan('none', 'Wipe it with a damp cloth.', 'Don’t wash a film; it does not shrink.', ['wash-film'])
  const material = materialOf(offer)
  if (material && material.washCelsius === null)
    return dryPlan('none', material.clean, 'Water would spoil it.', [`clean-${materialIdOf(offer)}`])
  const isSilk = shareOf(offer, fibresOf('silken')) >= 0.5
  const isWool = shareOf(offer, fibresOf('felts')) >= 0.5
  if (willBeWashed === 'dry-clean' || (isSilk && sideOf(schools, 'silk') === 'dry-clean'))
    return steamed(isWool, 'It will be dry-cleaned; steam shrinks it as much as that would.', 'wash-dry-clean')
  if (care.washCelsius === null)
    return steamed(
      isWool,
      'Water would spoil it, whatever you planned: follow the maker’s care label first.',
      'wash-water-shy',
    )
  const prewash = sideOf(schools, 'prewash')
  const wanted = CELSIUS[willBeWashed] + (prewash === 'hotter' && !isSilk && !isWool ? 20 : 0)
  const celsius = Math.min(wanted, care.washCelsius)
  const times = prewash === 'twice' ? 2 : 1
  const common = { celsius, times }
  if (isSilk)
    return {
      ...common,
      way: 'hand',
      dry: 'flat',
      isSpun: false,
      text:
        'Wash it by hand in lukewarm water with a drop of vinegar in the last rinse; roll it in a ' +
        'towel, dry it flat.',
      why: 'Silk tolerates neither heat nor wringing.',
      risk: 'Dye may run, and its handle may change: test a square first.',
      because: ['wash-silk-by-hand', 'dry-silk-flat'],
    }
  if (isWool)
    return {
      ...common,
      way: 'hand',
      dry: 'flat',
      isSpun: true,
      text: 'Wash it by hand, cool throughout; press it in a towel, dry it flat.',
      why: 'Heat, soap and rubbing felt wool.',
      risk: 'It may felt: test a square first, or steam it in a damp cloth instead.',
      because: ['wash-wool-by-hand', 'dry-wool-flat'],
    }
  if (shareOf(offer, fibresOf('weak-when-wet')) >= 0.4) return softWhenWet(common, willBeWashed, schools)
  const isByHand = willBeWashed === 'hand' || (care.isGentle && celsius <= 30 && willBeWashed !== 'cool')
  // Over a line a wet knit grows by its own weight.
  const hung: DryWay = offer.construction?.value === 'knit' ? 'flat' : 'line'
  const dry: DryWay = care.tumble === 'never' || hasPile(offer) ? hung : willBeWashed === 'hot' ? 'tumble' : hung
  return {
    ...common,
    way: isByHand ? 'hand' : 'machine',
    dry: isByHand ? hung : dry,
    isSpun: true,
    text: isByHand
      ? phrase`Wash it by hand at up to ${inCelsius(celsius)}.`
      : phrase`Machine wash at ${inCelsius(celsius)}, unfolded.`,
    why:
      prewash === 'as-worn'
        ? 'As you will wash it later: it shrinks now and not in the garment.'
        : prewash === 'hotter'
          ? 'Hotter than you will ever wash it, so that nothing is left to shrink.'
          : 'Twice: plant fibres shrink again in the second wash.',
    risk:
      wanted > celsius ? `Its fibres tolerate ${celsius} °C at most.` : 'Creases may set: don’t fill the machine.',
    because: [
      `prewash-${prewash}`,
      isByHand ? 'wash-by-hand' : 'wash-in-machine',
      ...(hung === 'flat' ? ['dry-knits-flat'] : []),
    ],
  }
}

function softWhenWet(
  { celsius, times }: { celsius: number; times: number },
  will: Wash,
  schools: Readonly<Record<string, string>>,
): WashPlan {
  const isHotFirst = sideOf(schools, 'viscose') === 'hot-then-cold'
  return {
    way: will === 'hand' ? 'hand' : 'machine',
    celsius: isHotFirst ? celsius : Math.min(30, celsius),
    times: isHotFirst ? 2 : times,
    dry: 'flat',
    isSpun: will !== 'hand',
    text: isHotFirst
      ? 'Warm first, then cold, in a bag on the gentlest programme; dry it flat, never hang it wet.'
      : 'Cold, in a bag on the gentlest programme; dry it flat, never hang it wet.',
    why: 'Viscose and similar fibres are half as strong when wet, and heavy: they grow when hung.',
    risk: 'It shrinks a lot in its first wash, and creases set while it is wet.',
    because: [isHotFirst ? 'viscose-hot-then-cold' : 'viscose-cold', 'never-hung-wet'],
  }
}

function steamed(isWool: boolean, why: string, id: string): WashPlan {
  return {
    ...dryPlan(
      'steam',
      isWool
        ? 'Roll it in a damp cloth overnight, then press it with plenty of steam and leave it flat.'
        : 'Steam it well from the wrong side, without touching it, and leave it flat.',
      why,
      [id],
    ),
    risk: 'Steam shrinks it only in part.',
  }
}

function dryPlan(way: 'steam' | 'none', text: Phrase, why: string, because: string[]): WashPlan {
  return { way, celsius: null, times: 1, dry: null, isSpun: false, text, why, risk: '', because }
}

/** Whether a marked square is washed first, and why. */
export function squareNeeded({ offer, bleeds, shade, testSquare, willBeWashed }: PiecePlanned): string | undefined {
  if (testSquare === 'passed' || willBeWashed === 'never' || offer.washed === true) return undefined
  const mayRun = bleeds === null && (shade === 'red' || shade === 'dark' || shade === 'bright')
  const tender = shareOf(offer, fibresOf('protein', 'weak-when-wet')) >= 0.4
  if (willBeWashed === 'dry-clean') return undefined
  if ((offer.mix ?? []).length === 0) return 'Its fibre is not known: a marked square shows what washing does to it.'
  const onWhite = mayRun ? ', on white fabric to see whether it runs' : ''
  if (tender) return `It may shrink a lot, or change: test a marked square first${onWhite}.`
  return mayRun ? 'Its dye may run: wash a marked square on white fabric first.' : undefined
}
