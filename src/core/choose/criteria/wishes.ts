import { clothCalled } from '../../cloths/catalogue'
import { isCloth } from '../../cloths/traits'
import { careOf } from '../../fabric/care'
import { handlingOf, hasPile, isOneWay } from '../../fabric/handling'
import { meanOver } from '../../fabric/mix'
import { type Offer } from '../../fabric/types'
import { fibreById } from '../../fibres/catalogue'
import { printScale } from '../../measure/lie/print'
import { AVOID_WORDS, FASTNESS_WORDS, PRINT_WISH_WORDS, type Avoid, type Fastness } from '../../vocabulary/choosing'
import { type ColouredHow } from '../../vocabulary/cloth'
import { wordFor } from '../../vocabulary/words'
import { fitOfNumber } from '../fit/fit'
import { type FullNeed } from '../need/need'
import { GOOD_FIT } from '../fit/steps'
import { type Assessment, type OfferProperty } from '../fit/types'
import { isLike } from '../../fibres/traits'
import { CERTAINTY } from '../fit/weights'
import { calledKey, type Criterion } from './criterion'

/** How much each wish can take off a score. Ours. */
const IMPORTANCE = {
  pile: 0.5,
  named: 0.05,
  fibre: 0.2,
  care: 0.4,
  creasing: 0.25,
  looks: 0.4,
  recovery: 0.4,
  print: 0.3,
  fastness: 0.25,
} as const

type Wishes = FullNeed['wishes']
type Asked<W extends keyof Wishes> = NonNullable<Wishes[W]>

const keyOf = (...parts: unknown[]) => JSON.stringify(parts)
const pileKey = ({ called, interlacing, nap, handling }: Offer) => keyOf(called, interlacing, nap?.value, handling)

/** Every wish that a pattern may have beyond its garment. */
const WISHES = [
  wish('pile', 'pile', pileKey, pile),
  wish('called', 'named', calledKey, named),
  wish('fibres', 'fibre', ({ mix, fibres }) => keyOf(mix, fibres?.how), fibre),
  wish('care', 'care', ({ fibres, called, handling }) => keyOf(fibres, called, handling), care),
  wish(
    'creases',
    'creasing',
    ({ mix, fibres, construction, interlacing }) => keyOf(mix, fibres?.how, construction?.value, interlacing),
    creasing,
  ),
  wish('avoid', 'looks', looksKey, looks),
  wish('recoveryPercent', 'recovery', ({ recovery: known }) => keyOf(known), recovery),
  wish('print', 'print', ({ repeatMm, coloured }) => keyOf(repeatMm, coloured), print),
  wish('fastness', 'fastness', ({ coloured, fibres, called }) => keyOf(coloured, fibres, called), fastness),
]

/** One wish, by which a fabric is judged where a pattern has it. @param judge with the certainty of its fibres */
function wish<W extends keyof Wishes>(
  asked: W,
  id: OfferProperty,
  reads: Criterion['reads'],
  judge: (wanted: Asked<W>, offer: Offer, certainty: number) => Assessment | undefined,
): { asked: keyof Wishes; criterion: Criterion } {
  const criterion: Criterion = {
    id,
    reads,
    judge: ({ wishes }, offer) => {
      const wanted = wishes[asked]
      return wanted === undefined ? undefined : judge(wanted, offer, CERTAINTY[offer.fibres?.how ?? 'estimated'])
    },
  }
  return { asked, criterion }
}

/** What a pattern says beyond its garment; nothing where it says nothing. */
export function wishCriteria({ wishes }: FullNeed): Criterion[] {
  return WISHES.flatMap(({ asked, criterion }) => (wishes[asked] === undefined ? [] : [criterion]))
}

function told(property: OfferProperty, fit: number | null, certainty: number, text: string): Assessment {
  return { property, importance: IMPORTANCE[property as keyof typeof IMPORTANCE], fit, certainty, miss: null, text }
}

function pile(wish: Asked<'pile'>, offer: Offer): Assessment | undefined {
  if (!(hasPile(offer) || isOneWay(offer))) return undefined
  if (wish === 'yes') return told('pile', 1, 0.9, 'It has a pile, and the pattern is designed for pile.')
  return wish === 'no'
    ? told('pile', 0.15, 0.9, 'It has a pile, and the pattern is not suitable for pile.')
    : told('pile', 0.85, 0.9, 'It has a pile: use the lengths with nap, and lay all pieces one way.')
}

function named(called: readonly string[], offer: Offer): Assessment | undefined {
  if (called.length === 0 || !offer.called) return undefined
  const wanted = called.map((word) => clothCalled(word)?.id)
  return wanted.includes(offer.called)
    ? told('named', 1, 1, 'The pattern recommends this fabric by name.')
    : undefined
}

/** Share below which what is wished for is hardly in it. */
const MOSTLY_OTHER = 0.2

function fibre(wanted: Asked<'fibres'>, { mix }: Offer, certainty: number): Assessment | undefined {
  if (wanted.length === 0) return undefined
  if (!mix) return told('fibre', null, 0, 'The pattern asks for a fibre; the fibre of this one is not known.')
  const share = mix.reduce((sum, part) => sum + (wanted.includes(part.fibre) ? part.fraction.value : 0), 0)
  const fit = 0.4 + 0.6 * share
  const partly = share >= MOSTLY_OTHER ? 'Part of it is the fibre' : 'It is another fibre than the one'
  const text = fit >= GOOD_FIT ? 'It is the fibre' : partly
  return told('fibre', fit, certainty, `${text} that the pattern asks for.`)
}

function care(wish: Asked<'care'>, offer: Offer, certainty: number): Assessment | undefined {
  if (wish === 'any') return undefined
  if (!offer.fibres) return told('care', null, 0, 'Whether you can wash it depends on its fibre.')
  const { washCelsius, isGentle } = careOf(offer)
  if (washCelsius === null) return told('care', 0.1, certainty, 'It needs dry cleaning, and this will be washed.')
  if (wish === 'machine' && isGentle)
    return told('care', 0.55, certainty, 'It needs a gentle wash, and this will be machine-washed.')
  return told('care', 1, certainty, 'You can wash it as needed.')
}

/** How much the cloth of a fibre creases, 0 … 1; common practice. */
const CREASES = { plant: 0.75, regenerated: 0.75, acetate: 0.4, protein: 0.3, synthetic: 0.1, mineral: 0.5 } as const

function creasing(wish: Asked<'creases'>, offer: Offer, certainty: number): Assessment | undefined {
  if (wish !== 'few') return undefined
  const creases = meanOver(offer.mix ?? [], ({ id }) => CREASES[fibreById(id).family])?.value
  if (creases === undefined)
    return told('creasing', null, 0, 'Whether it creases is not known: crush it in your fist.')
  const isKnit = offer.construction?.value === 'knit' || offer.interlacing === 'crepe-weave'
  const fit = 1 - Math.max(0, creases - 0.2) * (isKnit ? 0.4 : 1.3)
  const text = fit >= GOOD_FIT ? 'It hardly creases.' : 'It creases, and this should not.'
  return told('creasing', Math.max(0.1, fit), certainty, text)
}

function recovery(least: number, { recovery: known }: Offer): Assessment | undefined {
  if (!known) return told('recovery', null, 0, `Its recovery is not measured; it needs at least ${least} %.`)
  const { value, sd } = known.value
  const fit = fitOfNumber(value, sd, least, 200, least - RECOVERY_RUNS_OUT, 400)
  const shown = `${Math.round(value)} % recovery`
  const text = fit >= GOOD_FIT ? `${shown}: enough.` : `${shown}, and the pattern needs ${least} %: it would bag.`
  return told('recovery', fit, 1, text)
}
/** Per cent points below what is asked at which nothing of it is left. */
const RECOVERY_RUNS_OUT = 25

function print(wish: Asked<'print'>, { repeatMm, coloured }: Offer): Assessment | undefined {
  if (wish === 'any') return undefined
  const isPlain = repeatMm === 0 || (repeatMm === undefined && coloured !== undefined && coloured.value !== 'printed')
  if (isPlain) return told('print', 1, 0.9, 'It has no print.')
  if (repeatMm === undefined)
    return told(
      'print',
      null,
      0,
      `The pattern needs ${PRINT_WISH_WORDS[wish]}; whether this fabric has a print is not known.`,
    )
  const { scale } = printScale(repeatMm)
  const fit = wish === 'none' ? 0.2 : { small: 1, medium: 0.6, large: 0.2 }[scale]
  const text =
    fit === 1
      ? 'Its print is small.'
      : `Its print is ${scale === 'medium' ? 'middling' : scale}; the pattern needs ` + `${PRINT_WISH_WORDS[wish]}.`
  return told('print', fit, 0.9, text)
}

/** How well a colour lasts by how it came there, 0 … 1; common practice. */
const LASTS: Readonly<Record<ColouredHow, Readonly<Record<Fastness, number>>>> = {
  'yarn-dyed': { light: 0.95, washing: 0.95 },
  'piece-dyed': { light: 0.8, washing: 0.8 },
  printed: { light: 0.65, washing: 0.7 },
  undyed: { light: 1, washing: 1 },
}

function fastness(wish: Asked<'fastness'>, { coloured, fibres }: Offer): Assessment | undefined {
  if (wish.length === 0) return undefined
  const outlasts = wish.map((one) => FASTNESS_WORDS[one]).join(' and ')
  if (!coloured)
    return told('fastness', null, 0, `Its colour must survive ${outlasts}; how it was coloured is not known.`)
  // Silk and acetate fade in the sun whatever was done to them, and wool yellows; common practice.
  const fades = wish.includes('light') && (fibres?.value ?? []).some((id) => isLike(id, 'fades'))
  const fit = Math.min(...wish.map((one) => LASTS[coloured.value][one])) * (fades ? 0.6 : 1)
  const text =
    fit >= GOOD_FIT
      ? `Its colour should survive ${outlasts}.`
      : `Its colour may not survive ${outlasts}: test a snip first.`
  return told('fastness', fit, coloured.how === 'measured' ? 1 : 0.9, text)
}

const HEAVY_GSM = 300
const FLIMSY_GSM = 70
/** Per cent across above which a cloth is called stretchy. */
const STRETCHY = 10

const SHOWS: Readonly<Record<Avoid, (offer: Offer) => boolean>> = {
  diagonals: ({ called }) => isCloth(called, 'diagonal-lines'),
  stripes: ({ called }) => isCloth(called, 'striped'),
  plaids: ({ called }) => isCloth(called, 'checked'),
  'one-way': (offer) => isOneWay(offer),
  'large-print': ({ repeatMm = 0 }) => repeatMm > 0 && printScale(repeatMm).scale === 'large',
  'border-print': () => false,
  pile: (offer) => hasPile(offer),
  stretch: ({ stretchWidth }) => (stretchWidth?.value.value ?? 0) > STRETCHY,
  knits: ({ construction }) => construction?.value === 'knit',
  wovens: ({ construction }) => construction?.value === 'woven',
  sheers: ({ opacity }) => opacity !== undefined && opacity.value !== 'opaque',
  heavy: ({ gsm }) => (gsm?.value.value ?? 0) > HEAVY_GSM,
  light: ({ gsm }) => (gsm?.value.value ?? FLIMSY_GSM) < FLIMSY_GSM,
  slippery: (offer) => handlingOf(offer).includes('slippery'),
  stiff: ({ body }) => body?.value === 'stiff' || body?.value === 'crisp',
}

function looks(avoid: Asked<'avoid'>, offer: Offer): Assessment | undefined {
  const shown = avoid.filter((one) => SHOWS[one](offer))
  if (shown.length === 0) return undefined
  const words = shown.map((one) => wordFor(AVOID_WORDS[one], 'uk')).join(', ')
  const text = `The pattern is not suitable for ${words}, and this fabric is.`
  return { ...told('looks', 0.3, 0.8, text), avoided: shown }
}

/** Weights at which something that is worked out of a cloth turns over, g/m². */
const TURNS_AT_GSM = [60, FLIMSY_GSM, 90, 180, 260, HEAVY_GSM] as const

/** What the looks of a cloth depend on: everything but its numbers, and on which side of a turn those lie. */
function looksKey(offer: Offer): string {
  const { mix, construction, body, opacity, gsm, stretchWidth, repeatMm } = offer
  const value = gsm?.value.value
  const turn = value === undefined ? 'unknown' : TURNS_AT_GSM.map((at) => Math.sign(value - at)).join('')
  const stretches = (stretchWidth?.value.value ?? 0) > STRETCHY
  return keyOf(pileKey(offer), repeatMm, mix, construction?.value, body?.value, opacity?.value, turn, stretches)
}
