import { deltaE } from '../colour/colour'
import { type MixPart } from '../fabric/types'
import { absorptionOf, blendReflectances, dyedReflectance, reflectanceOf, type Absorption } from './kubelkaMunk'
import { hexOfSpectrum, spectrumReflectance } from './spectrum'
import { isLike } from '../fibres/traits'
import { itemAt } from '../lists/items'

/** From so much of a full shade on, the recipe’s amounts make up for what a fibre leaves in the bath. */
const FULL_FROM = 0.7
/** How far the strength of a dyeing at home strays, each way, for four of five. From memory. */
const WEAKER = 0.72
const STRONGER = 1.3
/** Nearer than this (CIEDE2000) a dyer calls a colour reached. */
const REACHED = 6

export interface DyeOutcome {
  /** What will come. #rrggbb */
  expected: string
  /** The lighter and the darker end of where four of five dyeings come out. */
  interval: [lighter: string, darker: string]
  /** Whether some dye brings this cloth to the colour that is wanted; and how near the nearest comes. */
  reachable: boolean
  nearest: string
  nearestDeltaE: number
  /** Each fibre’s own colour then, the first the most of it. */
  byFibre: { fibre: MixPart['fibre']; colour: string }[]
}

/**
 * How deep a fibre comes out beside one that takes all: what takes little also lets go of some in the rinse, so that it
 * falls faster than the share taken. Ours.
 */
const strengthOf = (uptake: number) => Math.min(1, (uptake / FULL_FROM) ** 2)

/**
 * The colour that a dyeing brings. Each fibre is reckoned by itself (Kubelka and Munk, single constant) and seen
 * beside the others, which is what a heathered cloth is.
 * @param from the colour that the cloth has, #rrggbb
 * @param to the colour that the dye makes on white cloth, #rrggbb
 * @param parts the fibres by share, each with the share of a full shade that it takes, 0 … 1
 */
export function dyeOutcome(from: string, to: string, parts: readonly (MixPart & { uptake: number })[]): DyeOutcome {
  const [cloth, dye] = [absorptionOf(spectrumReflectance(from)), absorptionOf(spectrumReflectance(to))]
  /** @param sign of the doubt of each share: 1 for the darker end, where more of it is what takes the dye */
  const seen = (of: (strength: number) => Absorption, sign = 0) =>
    hexOfSpectrum(
      blendReflectances(
        parts.map((part) => ({
          spectrum: reflectanceOf(of(strengthOf(part.uptake))),
          share: shareSeen(part, sign),
        })),
      ),
    )
  const nearest = seen((strength) => towards(cloth, dye, strength))
  const nearestDeltaE = deltaE(nearest, to)
  return {
    expected: seen((strength) => dyedReflectance(cloth, dye, strength)),
    interval: [
      seen((strength) => dyedReflectance(cloth, dye, strength * WEAKER), -1),
      seen((strength) => dyedReflectance(cloth, dye, strength * STRONGER), 1),
    ],
    reachable: nearestDeltaE <= REACHED,
    nearest,
    nearestDeltaE,
    byFibre: parts.map(({ fibre, uptake }) => ({
      fibre,
      colour: hexOfSpectrum(reflectanceOf(dyedReflectance(cloth, dye, strengthOf(uptake)))),
    })),
  }
}

/** Elastane runs inside other yarns: so little of it is seen. From memory. */
const SEEN_OF_ELASTANE = 0.1

function shareSeen({ fibre, fraction: { value, sd }, uptake }: MixPart & { uptake: number }, sign: number): number {
  const share = value + sign * Math.sign(uptake - FULL_FROM / 2) * sd
  return Math.max(0.001, share) * (isLike(fibre, 'elastic') ? SEEN_OF_ELASTANE : 1)
}

/** The nearest that any dye brings a cloth to a colour: a dye takes light away and gives none back. */
function towards(cloth: Absorption, wanted: Absorption, strength: number): Absorption {
  return cloth.map((one, i) => one + strength * Math.max(0, itemAt(wanted, i) - one))
}
