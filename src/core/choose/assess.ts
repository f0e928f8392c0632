import { isWithoutThreads, materialOf } from '../fabric/materialOf'
import { wordFor } from '../vocabulary/words'
import { type Detail } from '../vocabulary/choosing'
import { clothCalled } from '../cloths/catalogue'
import { type NamedCloth } from '../cloths/types'
import { BODIES, OPACITIES } from '../vocabulary/cloth'
import { careOf } from '../fabric/care'
import { formatWeight, formatWeightRange, type UnitSystem } from '../units/format'
import { type Quantity } from '../units/quantity'
import { assessDetails } from './details'
import { fitOfStep, RELIES_ON_STRETCH, stretchFit, weightFit } from './fit'
import { type FullNeed } from './need'
import { assessPurposes } from './purpose/purposes'
import { GOOD_FIT } from './steps'
import { hasSeason, assessSeason } from './season'
import { CERTAINTY, IMPORTANCE, NAMED_STRUCTURE, unknownAssessment } from './weights'
import { assessWishes } from './wishes'
import { type HowKnown, type Offer } from '../fabric/types'
import { type Assessment, type OfferProperty } from './types'

/** Every property of the need against the offer. */
export function assess(asked: FullNeed, offer: Offer, system: UnitSystem = 'metric'): Assessment[] {
  const need = adaptedTo(kindOf(offer), asked)
  return [
    assessStructure(need, offer),
    weight(need, offer, asked.gsm, system),
    stretch('stretch-width', 'across', need.stretchWidth, offer.stretchWidth),
    ...(offer.stretchLength
      ? [stretch('stretch-length', 'along the length', need.stretchLength, offer.stretchLength)]
      : []),
    assessBody(need, offer),
    assessOpacity(need, offer),
    ...(hasSeason(need) ? [assessSeason(need, offer)] : []),
    ...assessPurposes(need.purposes, offer, CERTAINTY),
    ...assessDetails(need, offer, CERTAINTY),
    ...assessWishes(asked, offer, CERTAINTY),
    ...assessWashing(offer),
    ...name(offer),
  ]
}

function hedge(how: HowKnown): string {
  return how === 'estimated' ? ' (a guess from its name)' : ''
}

/** Per cent that a net may give across, and g/m² from which there is any. */
const NET_GIVES = 60
const NET_FROM_GSM = 8

/** What is asked of a net whose lining or layers do the rest: no weight, no body and no cover of its own. */
export function layeredNeed(need: FullNeed): FullNeed {
  const { gsm, stretchWidth } = need
  return {
    ...need,
    gsm: [NET_FROM_GSM, gsm[1]],
    stretchWidth: [stretchWidth[0], Math.max(stretchWidth[1], NET_GIVES)],
    body: BODIES,
    opacity: OPACITIES,
  }
}

/** What of a fabric changes what is asked of it. */
export type OfferKind = 'cloth' | 'net' | 'material'

export function kindOf(offer: Offer): OfferKind {
  if (isWithoutThreads(offer)) return 'material'
  return offer.construction?.value === 'net' ? 'net' : 'cloth'
}

/** The need as it is asked of such a fabric. */
export function adaptedTo(kind: OfferKind, need: FullNeed): FullNeed {
  if (kind === 'material') return materialNeed(need)
  return kind === 'net' && isLaidOver(need) ? layeredNeed(need) : need
}

/** g/m² that any skin or sheet has. */
const ANY_MATERIAL_GSM = [20, 3500] as const

/** A skin or a sheet is judged by what it is good for: spans that were written for cloth say nothing of it. */
function materialNeed(need: FullNeed): FullNeed {
  return { ...need, gsm: ANY_MATERIAL_GSM, body: BODIES, opacity: OPACITIES, anyWeather: true }
}

export function isLayered({ details }: FullNeed, { construction }: Offer): boolean {
  return construction?.value === 'net' && isLaidOver({ details })
}

/** Whether a net would be laid over something here, or gathered in layers. */
export function isLaidOver({ details }: Pick<FullNeed, 'details'>): boolean {
  return details.some((detail) => NET_BELONGS.includes(detail))
}

/** Details over which a net or a lace is laid, or in whose layers it is gathered. */
const NET_BELONGS: readonly Detail[] = ['lined', 'gathers', 'tiers', 'ruffles']

export function assessStructure(need: FullNeed, offer: Offer): Assessment {
  const { structure: wanted, anyConstruction } = need
  const { construction } = offer
  const importance = IMPORTANCE.structure
  const want = wanted === 'either' ? 'woven or knit' : wanted
  if (!construction)
    return unknownAssessment(
      'structure',
      importance,
      `The pattern wants a ${want}; whether this is one is not written down.`,
    )
  const { value, how } = construction
  const certainty = how === 'estimated' ? NAMED_STRUCTURE : CERTAINTY[how]
  if (isWithoutThreads(offer)) return ofMaterial(need, offer, certainty)
  const layered = isLayered(need, offer)
  if (anyConstruction || layered) {
    const text = layered
      ? 'Net or lace, over a lining or in gathered layers.'
      : 'Judged by what it does, not by how it is made.'
    return { property: 'structure', importance, fit: layered ? 0.9 : 1, certainty, miss: null, text }
  }
  const fits = value === wanted || (wanted === 'either' && (value === 'woven' || value === 'knit'))
  // A felt has no give and no threads, but cuts and sews as a firm woven does.
  const fit = fits ? 1 : value === 'felted' && wanted !== 'knit' ? 0.85 : 0.05
  const text = fits
    ? `A ${value} cloth, as the pattern wants.`
    : `The pattern is drafted for a ${want} cloth; this one is ${value}.`
  return {
    property: 'structure',
    importance,
    fit,
    certainty,
    miss: null,
    text,
  }
}

/** A skin or a sheet suits what it is made into by custom, and hardly anything else. */
function ofMaterial({ garment, anyConstruction }: FullNeed, offer: Offer, certainty: number): Assessment {
  const material = materialOf(offer)
  const rule = { property: 'structure' as const, importance: IMPORTANCE.structure, certainty, miss: null }
  if (anyConstruction) return { ...rule, fit: 1, text: 'Judged by what it does, not by how it is made.' }
  if (!material || garment === undefined)
    return { ...rule, fit: 0.3, text: 'It has no threads: a pattern for fabric has to be adapted to it.' }
  const name = wordFor(material.name, 'uk')
  return material.suits.includes(garment)
    ? { ...rule, fit: 0.95, text: `Such things are made of ${name}; sew a test seam first, since holes stay.` }
    : { ...rule, fit: 0.05, text: `This is not made of ${name}: it neither falls nor washes as the pattern wants.` }
}

/** @param asked weights that the pattern asks for: the one range that every sentence names */
function weight(
  need: FullNeed,
  { gsm, called }: Offer,
  asked: readonly [number, number],
  system: UnitSystem,
): Assessment {
  const [low, high] = withNamed(need, called)
  const wanted = formatWeightRange(asked, system)
  if (!gsm)
    return unknownAssessment(
      'weight',
      IMPORTANCE.weight,
      `The pattern wants ${wanted}; this cloth has not been weighed.`,
    )
  const { value, how } = gsm
  const fit = weightFit(value.value, value.sd, low, high)
  const miss = value.value < low ? 'under' : value.value > high ? 'over' : null
  const is = `${formatWeight(value, system)}${hedge(how)}`
  const isAsked = value.value >= asked[0] && value.value <= asked[1]
  const text =
    miss === null
      ? isAsked
        ? `${is}, within the ${wanted} that the pattern wants.`
        : `${is}: ${allowedWords(need, called)}, whatever the ${wanted} that the pattern wants else.`
      : fit >= GOOD_FIT
        ? `${is}, near enough to the ${wanted} that the pattern wants.`
        : `${is} is ${miss === 'under' ? 'lighter' : 'heavier'} than the ${wanted} that the pattern wants.`
  return { property: 'weight', importance: IMPORTANCE.weight, fit, certainty: CERTAINTY[how], miss, text }
}

/** Why a weight beside those that are asked for does. */
function allowedWords({ wishes }: FullNeed, called: string | undefined): string {
  const named = wishes.called && called !== undefined && namedIn(wishes.called, called)
  if (clothCalled(called ?? '')?.material) return 'its thickness counts more than its weight'
  return named ? 'the usual weight of a fabric that the pattern names' : 'net, laid over a lining or in layers'
}

/** A cloth that the pattern names is as heavy as that cloth is: its usual weights count as asked for. */
export function withNamed(
  { gsm: [low, high], wishes }: FullNeed,
  called: string | undefined,
): readonly [number, number] {
  if (called === undefined || !wishes.called) return [low, high]
  const named = namedIn(wishes.called, called)
  return named ? [Math.min(low, named.gsm[0]), Math.max(high, named.gsm[1])] : [low, high]
}

function namedIn(words: readonly string[], called: string): NamedCloth | undefined {
  return words.map((word) => clothCalled(word)).find((cloth) => cloth?.id === called)
}

function stretch(
  property: OfferProperty,
  where: string,
  [least, most]: readonly [number, number],
  known: { value: Quantity; how: HowKnown } | undefined,
): Assessment {
  const relied = least >= RELIES_ON_STRETCH
  const importance = relied ? IMPORTANCE.stretchRelied : IMPORTANCE.stretch
  if (!known)
    return unknownAssessment(
      property,
      importance,
      relied
        ? `The pattern needs at least ${least} % stretch ${where}; it has not been measured.`
        : `Stretch ${where} has not been measured.`,
    )
  const { value, how } = known
  const fit = stretchFit(value.value, value.sd, least, most)
  const miss = value.value < least ? 'under' : value.value > most ? 'over' : null
  const shown = `${Math.round(value.value)} % stretch ${where}${hedge(how)}`
  const text =
    miss === null || fit >= GOOD_FIT
      ? `${shown}: what the pattern wants.`
      : miss === 'under'
        ? `${shown}, but the pattern needs at least ${least} %.`
        : `${shown} is more than the ${most} % that the pattern is drafted for: it will grow in wear.`
  return { property, importance, fit, certainty: CERTAINTY[how], miss, text }
}

const bodyWords = {
  fluid: 'flows like water',
  soft: 'falls softly',
  moderate: 'has some body',
  crisp: 'stands away crisply',
  stiff: 'is stiff',
} as const

export function assessBody({ body: wanted }: FullNeed, { body: known }: Offer): Assessment {
  const want = wanted.join(' or ')
  if (!known)
    return unknownAssessment(
      'body',
      IMPORTANCE.body,
      `The pattern wants a ${want} cloth; how this one falls is not written down.`,
    )
  const { fit, miss } = fitOfStep(BODIES, known.value, wanted, [1, 0.6, 0.2, 0])
  const text =
    miss === null
      ? `It ${bodyWords[known.value]}, as the pattern wants${hedge(known.how)}.`
      : `It ${bodyWords[known.value]}${hedge(known.how)}; the pattern wants a ${want} cloth.`
  return { property: 'body', importance: IMPORTANCE.body, fit, certainty: CERTAINTY[known.how], miss, text }
}

export function assessOpacity({ opacity: wanted }: FullNeed, { opacity: known }: Offer): Assessment {
  if (!known)
    return unknownAssessment(
      'opacity',
      IMPORTANCE.opacity,
      'Whether it shows through is not written down: hold a hand behind it.',
    )
  const { fit, miss } = fitOfStep(OPACITIES, known.value, wanted, [1, 0.4, 0.05])
  const is =
    known.value === 'opaque'
      ? 'Nothing shows through'
      : known.value === 'semi-sheer'
        ? 'A hand shows through'
        : 'You can see through it'
  const text =
    miss === null
      ? `${is}${hedge(known.how)}: fine here.`
      : miss === 'under'
        ? `${is}${hedge(known.how)}, and the pattern wants it opaque.`
        : `${is}${hedge(known.how)}; the pattern wants it sheerer.`
  return { property: 'opacity', importance: IMPORTANCE.opacity, fit, certainty: CERTAINTY[known.how], miss, text }
}

export function assessWashing(offer: Offer): Assessment[] {
  // A skin or a sheet is never washed before it is cut.
  if (offer.washed !== false || materialOf(offer)?.washCelsius === null) return []
  const isDryCleaned = offer.fibres !== undefined && careOf(offer).washCelsius === null
  return [
    {
      property: 'washing',
      importance: IMPORTANCE.washing,
      fit: 0.4,
      certainty: 1,
      miss: null,
      text: isDryCleaned
        ? 'Not shrunk yet: have it steamed, as the dry-cleaner would, before cutting.'
        : 'Not washed yet: wash and dry it as the garment will be, before cutting.',
    },
  ]
}

function name({ unknownName }: Offer): Assessment[] {
  return unknownName === undefined
    ? []
    : [
        unknownAssessment(
          'called',
          IMPORTANCE.name,
          `“${unknownName}” is no cloth that is known here, so nothing was guessed from it.`,
        ),
      ]
}
