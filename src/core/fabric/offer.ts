import { clothCalled } from '../cloths/catalogue'
import { type NamedCloth } from '../cloths/types'
import { type Body, type ColouredHow, type Construction, type Handling, type Opacity } from '../vocabulary/cloth'
import { fibreByWord } from '../fibres/catalogue'
import { type FibreId } from '../vocabulary/fibres'
import { idOf, mixOf, mixOfUsual } from './mix'
import { type KnownValue, type Offer, type SharedFibre } from './types'

/** A cloth as somebody describes it, every part optional. */
export interface Described {
  /** Free text, UK or US words. */
  called?: string
  gsm?: number
  /** Standard uncertainty of `gsm`; 3 % where none is given. */
  gsmUncertainty?: number
  /** With their shares, where a label gave them. */
  fibres?: readonly (FibreId | SharedFibre)[]
  construction?: Construction
  stretchPercent?: { length?: number; width?: number }
  body?: Body
  opacity?: Opacity
  washed?: boolean
  widthMm?: number
  lengthMm?: number
  /** Still to come, per cent. */
  shrinkPercent?: { length?: number; width?: number }
  nap?: boolean
  /** Per cent of a stretch that comes back, across. */
  recoveryPercent?: number
  coloured?: ColouredHow
  /** Of its print or stripe; 0 where there is none. */
  repeatMm?: number
  /** By how much its print leans from the threads, degrees anticlockwise. */
  printLeanDeg?: number
  handling?: readonly Handling[]
  colour?: string
}

/**
 * Standard uncertainty of a weight that somebody states, as a share of it; and of a stretch, in per cent points. From
 * memory.
 */
const STATED_WEIGHT_DOUBT = 0.03
const STATED_STRETCH_DOUBT = 1.5
/** Of a shrinkage that somebody states, per cent points. */
const STATED_SHRINK_DOUBT = 0.7
/** Of how much of a stretch comes back, per cent points. */
const STATED_RECOVERY_DOUBT = 4

/**
 * What a description offers; what it leaves out is estimated, with doubt, from what the cloth is called.
 * @param named the cloth that its name means, where that was found out already
 */
export function offerFrom(described: Described, named = clothCalled(described.called ?? '')): Offer {
  const offer: Offer = {}
  if (described.called) {
    if (named) offer.called = named.id
    // “Wool” and “cashmere” name a fibre: that much is understood.
    else if (!fibresNamedIn(described.called)?.length) offer.unknownName = described.called
  }
  if (described.gsm !== undefined) {
    const sd = described.gsmUncertainty ?? described.gsm * STATED_WEIGHT_DOUBT
    offer.gsm = {
      value: { value: described.gsm, sd },
      how: described.gsmUncertainty === undefined ? 'said' : 'measured',
    }
  } else if (named) offer.gsm = { value: middle(named.gsm), how: 'estimated' }

  const width = described.stretchPercent?.width
  if (width !== undefined) offer.stretchWidth = { value: { value: width, sd: STATED_STRETCH_DOUBT }, how: 'measured' }
  else if (named) offer.stretchWidth = { value: middle(named.stretchWidth), how: 'estimated' }
  const length = described.stretchPercent?.length
  if (length !== undefined)
    offer.stretchLength = { value: { value: length, sd: STATED_STRETCH_DOUBT }, how: 'measured' }
  else if (named?.stretchLength) offer.stretchLength = { value: middle(named.stretchLength), how: 'estimated' }

  const fibres = known(listed(described.fibres) ?? fibresNamedIn(described.called), listed(named?.fibres))
  if (fibres) {
    offer.fibres = { value: fibres.value.map(idOf), how: fibres.how }
    offer.mix = fibres.how === 'estimated' ? mixOfUsual(fibres.value.map(idOf)) : mixOf(fibres.value)
  }
  offer.construction = known(described.construction, named?.construction)
  offer.body = known(described.body, named?.body)
  offer.opacity = known(described.opacity, named?.opacity)
  offer.washed = described.washed
  if (named) {
    offer.isRaisedOrOpen = isRaisedOrOpen(named)
    // The look that is usual stands first.
    offer.isBrushed = named.marks.surface?.[0] === 'brushed'
    offer.interlacing = named.interlacing
    if (named.material) offer.material = named.material
  }
  return { ...offer, ...ofTheLength(described) }
}

/** What is said of this very length, beside what kind of cloth it is. */
function ofTheLength(described: Described): Partial<Offer> {
  const { widthMm, lengthMm, shrinkPercent, nap, recoveryPercent, coloured, repeatMm, handling, colour } = described
  const { printLeanDeg } = described
  const doubted = (value: number) => ({ value, sd: STATED_SHRINK_DOUBT })
  return {
    ...(widthMm !== undefined && { widthMm }),
    ...(lengthMm !== undefined && { lengthMm }),
    ...(shrinkPercent && {
      shrink: {
        value: { length: doubted(shrinkPercent.length ?? 0), width: doubted(shrinkPercent.width ?? 0) },
        how: 'said' as const,
      },
    }),
    ...(nap !== undefined && { nap: { value: nap, how: 'said' as const } }),
    ...(recoveryPercent !== undefined && {
      recovery: { value: { value: recoveryPercent, sd: STATED_RECOVERY_DOUBT }, how: 'said' as const },
    }),
    ...(coloured && { coloured: { value: coloured, how: 'said' as const } }),
    ...(repeatMm !== undefined && { repeatMm }),
    ...(printLeanDeg !== undefined && { printLeanDeg }),
    ...(handling && { handling }),
    ...(colour && { colour }),
  }
}

/** Raised, piled or open cloth: a flame runs over it; common practice. */
function isRaisedOrOpen({ marks, opacity, interlacing, construction }: NamedCloth): boolean {
  const isRaised = marks.surface?.includes('brushed') || (marks.pile !== undefined && !marks.pile.includes('none'))
  return isRaised || opacity !== 'opaque' || construction === 'net' || interlacing === 'leno'
}

/** An empty list says nothing. */
function listed<T>(fibres: readonly T[] | undefined): readonly T[] | undefined {
  return fibres && fibres.length > 0 ? fibres : undefined
}

/** Fibres whose names stand in the text: "polyester georgette". */
function fibresNamedIn(text = ''): FibreId[] | undefined {
  const found = text.split(/[^\p{L}]+/u).flatMap((word) => fibreByWord(word)?.id ?? [])
  return found.length > 0 ? found : undefined
}

function known<T>(said: T | undefined, estimated: T | undefined): KnownValue<T> | undefined {
  if (said !== undefined) return { value: said, how: 'said' }
  return estimated === undefined ? undefined : { value: estimated, how: 'estimated' }
}

/** The middle of a usual span; the span is taken as four standard uncertainties wide. */
function middle([low, high]: readonly [number, number]) {
  return { value: (low + high) / 2, sd: Math.max((high - low) / 4, 0.5) }
}
