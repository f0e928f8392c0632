import { type Offer } from '../../fabric/types'
import { fibreById } from '../../fibres/catalogue'
import { type FibreId } from '../../vocabulary/fibres'
import { type Ramp } from '../fit/fit'
import { type FullNeed } from '../need/need'
import { type Assessment } from '../fit/types'
import { CERTAINTY, IMPORTANCE, unknownAssessment } from '../fit/weights'
import { knownKey, worstSide, type Criterion, type NumberScore } from './criterion'

/** Regain at and above which cloth feels dry on hot skin, and below which it feels clammy; per cent, from memory. */
const DRY_REGAIN = 7
const CLAMMY_REGAIN = 1.5
/** g/m² above which cloth is hot in summer, and below which it is cold in winter; common practice. */
const HOT_OVER = 200
const COLD_UNDER = 160
/** How dry cloth of these fibres feels on the skin, 0 … 1, by their mean regain. */
function drynessOf(fibres: readonly FibreId[]): number {
  const regains = fibres.flatMap((id) => fibreById(id).regain?.percent ?? [])
  const regain = regains.length > 0 ? regains.reduce((a, b) => a + b, 0) / regains.length : DRY_REGAIN
  return Math.min(1, Math.max(0, (regain - CLAMMY_REGAIN) / (DRY_REGAIN - CLAMMY_REGAIN)))
}

/** Whether heat and cold count at all: what swims is judged by the water, and what is inside by its role. */
export function hasSeason({ purposes, anyConstruction, anyWeather = false }: FullNeed): boolean {
  return !anyConstruction && !anyWeather && !purposes.includes('swims')
}

/** How it feels in the heat, in the cold and on mild days. */
export const SEASON: Criterion = {
  id: 'season',
  reads: ({ fibres }) => knownKey(fibres),
  judge: judgeSeason,
  score: scoreSeason,
}

/** On bare skin in the heat it counts for more. */
function importanceOf({ season: when, nextToSkin }: FullNeed): number {
  return when === 'hot' && nextToSkin ? IMPORTANCE.seasonOnHotSkin : IMPORTANCE.season
}

/** How light a cloth is for the heat, and how warm for the cold, by g/m². */
const HOT: Ramp = { low: 0, high: HOT_OVER, zeroBelow: -1, zeroAbove: HOT_OVER * 1.8 }
const COLD: Ramp = { low: COLD_UNDER, high: 10_000, zeroBelow: COLD_UNDER * 0.3, zeroAbove: 20_000 }

function scoreSeason(need: FullNeed, { fibres }: Offer): NumberScore {
  if (!fibres) return { importance: IMPORTANCE.season, isAlwaysAsked: true }
  return {
    importance: importanceOf(need),
    ...sideOf(need, drynessOf(fibres.value), CERTAINTY[fibres.how]),
    isAlwaysAsked: true,
  }
}

function sideOf(
  { season: when, nextToSkin }: FullNeed,
  dry: number,
  certainty: number,
): Pick<NumberScore, 'gsm' | 'fixed'> {
  if (when === 'hot') return { gsm: { ramp: HOT, slope: nextToSkin ? 0.3 + 0.7 * dry : 0.6 + 0.4 * dry, certainty } }
  if (when === 'cold') return { gsm: { ramp: COLD, base: 0.5, slope: 0.5, certainty } }
  return { fixed: { fit: nextToSkin ? 0.75 + 0.25 * dry : 1, miss: null, certainty } }
}

function judgeSeason(need: FullNeed, offer: Offer): Assessment {
  const score = scoreSeason(need, offer)
  const { importance } = score
  if (!offer.fibres)
    return unknownAssessment(
      'season',
      importance,
      'How it feels in the heat depends on its fibre, which is not known.',
    )
  const worst = worstSide(score, offer)
  if (!worst)
    return unknownAssessment('season', importance, 'How warm it is depends on its weight, which is not known.')
  const { fit, certainty, on } = worst
  const text = seasonText(need, drynessOf(offer.fibres.value), offer.gsm !== undefined, on)
  return { property: 'season', importance, fit, certainty, miss: null, text }
}

/** @param on how light it is for the heat, or how warm for the cold, 0 to 1 */
function seasonText({ season: when, nextToSkin }: FullNeed, dry: number, isWeighed: boolean, on: number): string {
  if (when === 'hot') {
    if (dry <= 0.6) return 'Takes up little moisture: clammy in hot weather.'
    return on > 0.6
      ? 'Light, and takes up moisture: good in hot weather.'
      : 'Takes up moisture, but is heavy for hot days.'
  }
  if (when === 'cold') return on > 0.6 ? 'Warm enough for cold days.' : 'Thin for cold days: a lining would help.'
  if (dry < 0.4 && nextToSkin) return 'Takes up little moisture: closer to the skin it may feel clammy.'
  return isWeighed ? 'Fibre and weight suit mild days.' : 'Its fibre suits mild days.'
}
