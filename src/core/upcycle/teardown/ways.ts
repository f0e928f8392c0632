import { type Phrase, phrase } from '../../text/text'
import { handlingOf } from '../../fabric/handling'
import { shareOf } from '../../fabric/mix'
import { type Offer } from '../../fabric/types'
import { isWithoutThreads } from '../../fabric/materialOf'
import { type BlockSeam, type SeamMake, type SeamWay, type WornPlace } from './types'
import { fibresOf } from '../../fibres/traits'

/** What of a cloth says how its seams come apart. */
export interface Tearing {
  isDelicate: boolean
  /** So firm that stitches give before threads do. */
  isStrong: boolean
  isKnit: boolean
  /** Leather, fur, film: a stitch leaves its hole for good. */
  isSkin: boolean
}

/** g/m² from which a close, plain cloth of a strong fibre bears being pulled apart. From memory. */
const STRONG_FROM = 125
const DELICATE_UNDER = 75

export function tearingOf(offer: Offer): Tearing {
  const gsm = offer.gsm?.value.value ?? 150
  const handling = handlingOf(offer)
  const isKnit = offer.construction?.value === 'knit' || offer.construction?.value === 'net'
  const isDelicate = handling.includes('delicate') || handling.includes('sheer') || gsm < DELICATE_UNDER
  const isSkin = isWithoutThreads(offer)
  const isWeak = shareOf(offer, fibresOf('weak-when-wet', 'silken')) >= 0.5
  const isStrong =
    !isDelicate &&
    !isKnit &&
    !isWeak &&
    gsm >= STRONG_FROM &&
    !handling.includes('pile') &&
    !handling.includes('coated')
  return { isDelicate, isStrong, isKnit, isSkin }
}

export interface SeamPlan {
  seam: string
  way: SeamWay
  /** How the seam was made, as far as was said or is usual. */
  make: SeamMake
  minutes: number
  /** Of the cloth’s allowance, on each side, mm. */
  loses: number
  tool: 'hands' | 'seam ripper' | 'shears'
  text: Phrase
  because: string
}

/** Minutes: to begin each seam, and for a metre of it. From memory of doing it. */
const BEGIN = 1
const PER_METRE: Readonly<Record<SeamWay, Partial<Record<SeamMake, number>> & { usual: number }>> = {
  leave: { usual: 0 },
  rip: { usual: 2 },
  'cut-close': { usual: 1.5, 'flat-felled': 2.5 },
  unpick: { usual: 9, linked: 4, coverstitched: 3, overlocked: 14, 'flat-felled': 22 },
}
/** mm of the allowance on each side that is lost. Common practice. */
const OVERLOCKED_EATS = 7
const CUT_EATS = 10
const FELLED_EATS = 14
const SKIN_EATS = 12
const SKIN_HEM_EATS = 25
const HOLES_EAT = 2
const HEM_EATS = 30

interface Choice {
  way: SeamWay
  loses: number
  because: string
  text: Phrase
}

/** What is done with a seam: each rule of common practice, the first that fits. */
function choose(
  seam: BlockSeam,
  make: SeamMake,
  { isDelicate, isStrong, isKnit, isSkin }: Tearing,
  isWorn: boolean,
): Choice {
  if (seam.kind === 'fitting' && !isWorn)
    return { way: 'leave', loses: 0, because: 'use-as-it-is', text: 'Leave it whole: you can use it again as it is.' }
  if (isWorn && (seam.kind === 'fitting' || seam.kind === 'hem'))
    return cut(
      seam.kind === 'hem' ? HEM_EATS : CUT_EATS,
      'worn-through',
      'It is worn through: cut it off, and lose it.',
    )
  if (isSkin)
    return cut(
      seam.kind === 'hem' ? SKIN_HEM_EATS : SKIN_EATS,
      'holes-stay',
      'Holes stay in it: cut just inside the stitching, and lose the allowance. Warm old glue with a ' +
        'hair dryer, and peel it off.',
    )
  if (isDelicate)
    return cut(
      seam.kind === 'hem' ? HEM_EATS : CUT_EATS,
      'delicate-shreds',
      'A seam ripper shreds delicate fabric: cut beside the stitching, and lose the allowance.',
    )
  if (make === 'linked')
    return {
      way: 'unpick',
      loses: 0,
      because: 'linked-runs',
      text: 'A chain: snip one loop at its end, and pull it out.',
    }
  if (make === 'coverstitched')
    return {
      way: 'unpick',
      loses: HOLES_EAT,
      because: 'chain-pulls',
      text: 'A chain on the wrong side: open it at its end, and pull; its holes close in the wash.',
    }
  if (make === 'overlocked')
    return cut(
      OVERLOCKED_EATS,
      'overlock-eats',
      'Cut beside the overlocking: unpicking takes ages, and you lose its width anyway.',
    )
  if (make === 'flat-felled')
    return cut(FELLED_EATS, 'felled-is-cut', 'Sewn down twice: cut along its edge; unpicked, it is a row of holes.')
  if (isStrong && seam.kind === 'long' && !seam.isTopstitched)
    return {
      way: 'rip',
      loses: HOLES_EAT,
      because: 'strong-rips',
      text: 'Strong fabric: snip every third or fourth stitch on one side, then pull the other thread out whole.',
    }
  const holes = seam.isTopstitched ? ' Its stitching shows: holes stay.' : ''
  const gentle = isKnit ? ' Don’t pull: loops run.' : ''
  return {
    way: 'unpick',
    loses: seam.isTopstitched ? HOLES_EAT : 0,
    because: seam.isTopstitched ? 'topstitching-holes' : 'unpick-plain',
    text: `Unpick it, stitch by stitch from the wrong side.${holes}${gentle}`,
  }
}

const cut = (loses: number, because: string, text: string): Choice => ({ way: 'cut-close', loses, because, text })

const TOOLS: Readonly<Record<SeamWay, SeamPlan['tool']>> = {
  leave: 'hands',
  rip: 'hands',
  unpick: 'seam ripper',
  'cut-close': 'shears',
}

/** How one seam comes apart, with its minutes. */
export function seamPlan(seam: BlockSeam, said: SeamMake, tearing: Tearing, worn: readonly WornPlace[]): SeamPlan {
  const make = makeOf(seam, said, tearing)
  const { way, loses, because, text } = choose(
    seam,
    make,
    tearing,
    seam.worn !== undefined && worn.includes(seam.worn),
  )
  const metres = (seam.lengthMm * seam.count) / 1000
  const perMetre = PER_METRE[way][make] ?? PER_METRE[way].usual
  const minutes = way === 'leave' ? 0 : Math.max(1, Math.round(BEGIN * seam.count + metres * perMetre))
  const unknown =
    said === 'unknown' && seam.kind === 'long' ? ' Turn it inside out first, and see how it is sewn.' : ''
  return {
    seam: seam.id,
    way,
    make,
    minutes,
    loses: way === 'leave' ? 0 : loses,
    tool: TOOLS[way],
    text: phrase`${text}${way === 'leave' ? '' : unknown}`,
    because,
  }
}

/** How a seam is made: as somebody saw, else as is usual for such a seam of such a cloth. */
function makeOf(seam: BlockSeam, said: SeamMake, { isKnit }: Tearing): SeamMake {
  if (seam.make && said !== 'linked') return seam.make
  if (seam.kind === 'hem') return isKnit && said !== 'linked' ? 'coverstitched' : 'plain'
  if (seam.kind === 'fixing') return 'plain'
  if (said === 'unknown') return isKnit ? 'overlocked' : 'plain'
  return said
}
