import { type Offer } from '../fabric/types'
import { fibreById } from '../fibres/catalogue'
import { type FibreId } from '../vocabulary/fibres'
import { fitOfNumber } from './fit'
import { type FullNeed } from './need'
import { type Assessment } from './types'
import { CERTAINTY, IMPORTANCE, unknownAssessment } from './weights'

/** Regain at and above which cloth feels dry on hot skin, and below which it feels clammy; per cent, from memory. */
const DRY_REGAIN = 7
const CLAMMY_REGAIN = 1.5
/** g/m² above which cloth is hot in summer, and below which it is cold in winter; common practice. */
const HOT_OVER = 200
const COLD_UNDER = 160
/** How light or warm a cloth of unknown weight is taken to be. */
const UNWEIGHED = 0.7

/** How dry cloth of these fibres feels on the skin, 0 … 1, by their mean regain. */
export function drynessOf(fibres: readonly FibreId[]): number {
  const regains = fibres.flatMap((id) => fibreById(id).regain?.percent ?? [])
  const regain = regains.length > 0 ? regains.reduce((a, b) => a + b, 0) / regains.length : DRY_REGAIN
  return Math.min(1, Math.max(0, (regain - CLAMMY_REGAIN) / (DRY_REGAIN - CLAMMY_REGAIN)))
}

/** How light a cloth is for the heat, or how warm for the cold, 0 … 1; NaN stands for a weight that nobody knows. */
function byWeight(when: FullNeed['season'], gsm: number, sd: number): number {
  if (Number.isNaN(gsm)) return UNWEIGHED
  return when === 'hot'
    ? fitOfNumber(gsm, sd, 0, HOT_OVER, -1, HOT_OVER * 1.8)
    : fitOfNumber(gsm, sd, COLD_UNDER, 10_000, COLD_UNDER * 0.3, 20_000)
}

/** How well a cloth fits a season. @param gsm with its doubt `sd`, g/m²; NaN where it is not known */
export function seasonFit({ season: when, nextToSkin }: SeasonAsked, dry: number, gsm: number, sd: number): number {
  if (when === 'hot') return (nextToSkin ? 0.3 + 0.7 * dry : 0.6 + 0.4 * dry) * byWeight(when, gsm, sd)
  if (when === 'cold') return 0.5 + 0.5 * byWeight(when, gsm, sd)
  return nextToSkin ? 0.75 + 0.25 * dry : 1
}

/** Whether heat and cold count at all: what swims is judged by the water, and what is inside by its role. */
export function hasSeason({ purposes, anyConstruction, anyWeather = false }: FullNeed): boolean {
  return !anyConstruction && !anyWeather && !purposes.includes('swims')
}

type SeasonAsked = Pick<FullNeed, 'season' | 'nextToSkin'>

/** How much the season can take off a score. */
export function seasonImportance({ season: when, nextToSkin }: SeasonAsked): number {
  return when === 'hot' && nextToSkin ? IMPORTANCE.seasonOnHotSkin : IMPORTANCE.season
}

export function assessSeason(need: FullNeed, { fibres, gsm }: Offer): Assessment {
  if (!fibres)
    return unknownAssessment(
      'season',
      IMPORTANCE.season,
      'How it feels in the heat depends on the fibre, which is not settled.',
    )
  if (!gsm && need.season !== 'mild')
    return unknownAssessment(
      'season',
      seasonImportance(need),
      'How warm it is depends on its weight, which is not known.',
    )
  const dry = drynessOf(fibres.value)
  const [value, sd] = gsm ? [gsm.value.value, gsm.value.sd] : [NaN, 0]
  return {
    property: 'season',
    importance: seasonImportance(need),
    fit: seasonFit(need, dry, value, sd),
    certainty: CERTAINTY[fibres.how],
    miss: null,
    text: seasonText(need, dry, value, byWeight(need.season, value, sd)),
  }
}

function seasonText({ season: when, nextToSkin }: FullNeed, dry: number, gsm: number, weight: number): string {
  if (when === 'hot') {
    if (dry <= 0.6) return 'Takes up little moisture: clammy in the heat.'
    return weight > 0.6
      ? 'Light, and takes up moisture: good in the heat.'
      : 'Takes up moisture, but is heavy for hot days.'
  }
  if (when === 'cold')
    return weight > 0.6 ? 'Heavy enough for cold days.' : 'Thin for cold days: a lining would help.'
  return dry < 0.4 && nextToSkin
    ? 'Takes up little moisture: closer to the skin it may feel clammy.'
    : Number.isNaN(gsm)
      ? 'Its fibre does for mild days.'
      : 'Fibre and weight do for mild days.'
}
