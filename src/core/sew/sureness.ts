import { interval80, type Quantity } from '../units/quantity'
import { type KnownValue, type Offer } from '../fabric/types'
import { sewAdvice, type SewAdvice } from './advice'
import { type Body, type Opacity } from '../vocabulary/cloth'
import { type SewAsked } from './sewCase'

/** A line of the advice that is one choice. */
export const SURE_LINES = [
  'needle',
  'thread',
  'stitch',
  'foot',
  'tension',
  'cutting',
  'marking',
  'pinning',
  'pressing',
  'interfacing',
  'seams',
  'hems',
] as const
export type SureLine = (typeof SURE_LINES)[number]

/** A property of a cloth whose doubt may turn a line, and how it is settled. */
interface Doubt {
  id: string
  /** What to do about it. */
  settle: string
  /** The same cloth as it may be just as well. */
  others: (offer: Offer) => Offer[]
}

export interface Sureness {
  line: SureLine
  /** Share of the cloths that this may be for which the line stays, 0 … 1. */
  share: number
  word: 'sure' | 'likely' | 'open'
  /** What would settle it, where something would. */
  settle: string | null
}

/** At this share and more a line is sure, and likely. */
const SURE_FROM = 0.95
const LIKELY_FROM = 0.7

/** The low and the high end of where four of five fall. */
const ends = (known: Quantity) => interval80(known).map((value) => ({ value, sd: known.sd }))

/** The same property as it may be at either end; nothing where it is unknown. */
function atEnds(known: KnownValue<Quantity> | undefined): KnownValue<Quantity>[] {
  return known ? ends(known.value).map((value) => ({ ...known, value })) : []
}

/** Another value of something that was only estimated from the cloth's name, or is not known at all. */
function unlessKnown<T>(known: KnownValue<T> | undefined, values: readonly T[]): KnownValue<T>[] {
  if (known && known.how !== 'estimated') return []
  return values.filter((value) => value !== known?.value).map((value) => ({ value, how: 'estimated' }))
}

/** Where a weight is unknown it may be any of these, g/m². */
const UNKNOWN_WEIGHTS = [80, 150, 260]

const DOUBTS: readonly Doubt[] = [
  {
    id: 'gsm',
    settle: 'weigh it',
    others: (offer) =>
      (offer.gsm ? atEnds(offer.gsm) : UNKNOWN_WEIGHTS.map((value) => said({ value, sd: 1 }))).map((gsm) => ({
        ...offer,
        gsm,
      })),
  },
  {
    id: 'fibres',
    settle: 'identify its fibre',
    // Each of the usual fibres of such a cloth alone, where nobody tested it.
    others: (offer) =>
      offer.fibres && offer.fibres.how !== 'estimated'
        ? []
        : (offer.mix ?? UNKNOWN_FIBRES).map(({ fibre }) => ({
            ...offer,
            fibres: said([fibre]),
            mix: [{ fibre, fraction: { value: 1, sd: 0 } }],
          })),
  },
  {
    id: 'stretch',
    settle: 'measure its stretch',
    others: (offer) => atEnds(offer.stretchWidth).map((stretchWidth) => ({ ...offer, stretchWidth })),
  },
  {
    id: 'body',
    settle: 'look at its drape',
    others: (offer) =>
      unlessKnown<Body>(offer.body, offer.body ? NEXT_BODY[offer.body.value] : ['fluid', 'moderate', 'crisp']).map(
        (body) => ({ ...offer, body }),
      ),
  },
  {
    id: 'opacity',
    settle: 'check its opacity',
    others: (offer) =>
      unlessKnown<Opacity>(offer.opacity, offer.opacity ? [] : ['sheer']).map((opacity) => ({ ...offer, opacity })),
  },
]
const UNKNOWN_FIBRES = (['cotton', 'viscose', 'polyester', 'wool'] as const).map((fibre) => ({ fibre }))
/** What lies beside a body, so that a look at it may say either. */
const NEXT_BODY = {
  fluid: ['soft'],
  soft: ['fluid', 'moderate'],
  moderate: ['soft', 'crisp'],
  crisp: ['moderate', 'stiff'],
  stiff: ['crisp'],
} as const

function said<T>(value: T): KnownValue<T> {
  return { value, how: 'estimated' }
}

/** What of a line has to stay for it to count as the same. */
const GIST: Readonly<Record<SureLine, (advice: SewAdvice) => unknown>> = {
  needle: ({ needle }) => [needle.point, needle.nm[0]],
  thread: ({ thread }) => thread.choices[0]?.fibre,
  stitch: ({ stitch }) => [stitch.kind, stitch.mm[0]],
  foot: ({ foot }) => foot.id,
  tension: ({ tension }) => tension.id,
  cutting: ({ cutting }) => [cutting.layers, cutting.tool, cutting.under],
  marking: ({ marking }) => marking.id,
  pinning: ({ pinning }) => pinning.id,
  pressing: ({ pressing }) => [pressing.ironDots, pressing.steam, pressing.pressCloth],
  interfacing: ({ interfacing }) => [interfacing.construction, interfacing.attach],
  seams: ({ seams }) => seams[0]?.id,
  hems: ({ hems }) => hems[0]?.id,
}

/**
 * How sure each line of the advice is: the advice is asked again for each cloth that this may be just as well, one
 * property moved at a time within its doubt; a line is as sure as the share of them for which it stays. What was
 * measured has little doubt, so that a line grows surer as the cloth is measured.
 */
export function surenessOf(asked: SewAsked): Sureness[] {
  const own = sewAdvice(asked)
  const moved = DOUBTS.flatMap(({ id, settle, others }) => {
    const cloths = others(asked.offer)
    // Each property counts alike, however many ends it has.
    return cloths.map((offer) => ({ id, settle, weight: 1 / cloths.length, advice: sewAdvice({ ...asked, offer }) }))
  })
  // The cloth as it is taken to be counts for one property more.
  const whole = 1 + moved.reduce((sum, { weight }) => sum + weight, 0)
  return SURE_LINES.map((line) => {
    const same = JSON.stringify(GIST[line](own))
    const turned = moved.filter(({ advice }) => JSON.stringify(GIST[line](advice)) !== same)
    const share = 1 - turned.reduce((sum, { weight }) => sum + weight, 0) / whole
    const word = share >= SURE_FROM ? 'sure' : share >= LIKELY_FROM ? 'likely' : 'open'
    return { line, share, word, settle: mostOf(turned) }
  })
}

/** The property that turns a line most. */
function mostOf(turned: readonly { settle: string; weight: number }[]): string | null {
  const sums = new Map<string, number>()
  for (const { settle, weight } of turned) sums.set(settle, (sums.get(settle) ?? 0) + weight)
  return [...sums].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null
}
