import { airinessOf, type Airiness } from '../../fabric/openness'
import { type Offer } from '../../fabric/types'
import { drawnInterval80, normalDraws } from '../../units/draws'
import { type Season } from '../../vocabulary/choosing'
import { ANY_REGAIN, cluesOf } from './clues'
import { comfortReasons, type ComfortReason } from './reasons'
import { schoolsFor, type School } from './schools'
import { type Quantity } from '../../units/quantity'
import { itemAt } from '../../lists/items'

export interface Likely {
  score: number
  interval80: [number, number]
}

/** How a cloth wears in each weather, with its doubt. */
export interface Comfort extends Record<Season, Likely> {
  /** Of the cloth itself, without the air under it. */
  warmthClo: { value: number; interval80: [number, number] }
  airPermeability: { word: Airiness }
  regainPercent: number | null
  reasons: ComfortReason[]
  schools: School[]
}

/** clo of one cm of cloth at rest, about 4 an inch: Burton & Edholm, Man in a Cold Environment, 1955, from memory. */
export const CLO_PER_CM = 1.57
/** How far cloths of one thickness differ in warmth, as a share. */
const CLO_SPREAD = 0.12
/** Error of the rule itself, in points of the score; ours. */
const RULE_SPREAD = 0.05
const DRAWS = 256

/**
 * How a cloth wears in hot, mild and cold weather: breathing from regain and openness, warmth from thickness, by the
 * shares of its fibres. The weights are ours; regain is ASTM D1909, clo as above.
 * @param nextToSkin whether it lies on the skin, where moisture and softness count for more
 */
export function comfortOf(offer: Offer, nextToSkin: boolean): Comfort {
  const clues = cluesOf(offer)
  const regain = clues.regain ?? ANY_REGAIN
  // One for each clue, one for how warm a thickness is, one for the rules themselves.
  const draws = normalDraws(DRAWS, 8)
  const scores: Record<Season, number[]> = { hot: [], mild: [], cold: [] }
  const clo: number[] = []
  for (const z of draws) {
    const drawn = ({ value, sd }: Quantity, index: number) => value + itemAt(z, index) * sd
    const warmth = (Math.max(0.02, drawn(clues.thickness, 2)) / 10) * CLO_PER_CM * (1 + itemAt(z, 6) * CLO_SPREAD)
    clo.push(warmth)
    const one = scoresAt(
      {
        regain: drawn(regain, 0),
        openness: clamp(drawn(clues.openness, 1)),
        clo: warmth,
        gsm: Math.max(5, drawn(clues.gsm, 3)),
        softness: clamp(drawn(clues.softness, 4)),
        slide: clamp(drawn(clues.slide, 5)),
      },
      nextToSkin,
    )
    for (const season of ['hot', 'mild', 'cold'] as const)
      scores[season].push(clamp(one[season] + itemAt(z, 7) * RULE_SPREAD))
  }
  const told = (season: Season): Likely => ({
    score: mean(scores[season]),
    interval80: drawnInterval80(scores[season]),
  })
  const value = mean(clo)
  return {
    hot: told('hot'),
    mild: told('mild'),
    cold: told('cold'),
    warmthClo: { value, interval80: drawnInterval80(clo) },
    airPermeability: { word: airinessOf(clues.openness.value) },
    regainPercent: clues.regain?.value ?? null,
    reasons: comfortReasons(offer, clues, value, nextToSkin),
    schools: schoolsFor(offer, clues),
  }
}

interface At {
  regain: number
  openness: number
  clo: number
  gsm: number
  softness: number
  slide: number
}

/** Regain from which skin stays dry under a cloth, per cent. */
const DRY_REGAIN = 9
/** Warmth at which a cloth is fully warm in the cold, and at which it is too warm in the heat, clo. */
const WARM_CLO = 0.45
const TOO_WARM_CLO = 0.16
/** Regain at which it is warm by what it takes up: wool gives off heat as it gets damp. */
const WARMING_REGAIN = 13

function scoresAt({ regain, openness, clo, softness, slide }: At, nextToSkin: boolean): Record<Season, number> {
  const dry = clamp(regain / DRY_REGAIN)
  const breathes = clamp(openness / 0.75)
  const thin = clamp(1 - clo / TOO_WARM_CLO)
  const warm = clamp(clo / WARM_CLO)
  // Smooth filament that takes up nothing lies wet on the skin.
  const clings = slide * (1 - dry) * (nextToSkin ? 0.25 : 0.1)
  const onSkin = nextToSkin ? 0.12 : 0.03
  const moisture = nextToSkin ? 0.36 : 0.2
  const air = nextToSkin ? 0.3 : 0.4
  // What the fibres take up has to leave on the other side.
  const takesAway = 0.3 + 0.7 * clamp(openness / 0.4)
  const hot =
    moisture * dry * takesAway + air * breathes + (1 - moisture - air - onSkin) * thin + onSkin * softness - clings
  const shelters = clamp(1 - openness)
  const cold =
    0.58 * Math.sqrt(warm) +
    0.18 * shelters +
    0.12 * clamp(regain / WARMING_REGAIN) +
    0.12 * (nextToSkin ? softness : 0.8)
  const middling = clamp(1 - Math.abs(Math.log((clo + 0.02) / 0.08)) / 2.6)
  const mild =
    0.42 * middling + 0.24 * dry + 0.16 * clamp(breathes * 1.4) + 0.18 * (nextToSkin ? softness : 0.85) - clings / 2
  return { hot: clamp(hot), mild: clamp(mild), cold: clamp(cold) }
}

function clamp(value: number): number {
  return Math.min(1, Math.max(0, value))
}

function mean(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length
}
