import {
  type MatchProperty,
  type MatchVerdict,
  type OfferProperty,
  type Status,
  type Match,
} from '@/core/choose/fit/types'
import { chosenWord } from '@/core/vocabulary/choosing'
import { type Pin } from '@/ui/garment/Pins'

export const VERDICT_WORDS: Record<MatchVerdict, string> = {
  suits: 'Suits',
  'suits-with-changes': 'Suits, with changes',
  risky: 'Risky',
  unsuitable: 'Unsuitable',
}

/** The verdict in words. Where nothing speaks against a fabric and most is not known, it is not known: not risky. */
export function verdictWords({ verdict, reasons }: Pick<Match, 'verdict' | 'reasons'>): string {
  const isUnknown = verdict === 'risky' && reasons.every(({ status }) => status === 'unknown' || status === 'good')
  return isUnknown ? 'Not known yet' : VERDICT_WORDS[verdict]
}

/** A mark beside each reason, so that colour is never the only sign. */
export const STATUS_MARKS: Record<Status, { mark: string; words: string }> = {
  good: { mark: '✓', words: 'good' },
  near: { mark: '≈', words: 'nearly' },
  bad: { mark: '✕', words: 'bad' },
  unknown: { mark: '?', words: 'not known' },
}

const PROPERTY_WORDS: Readonly<Record<OfferProperty, { words: string; at: number }>> = {
  structure: { words: 'woven or knit', at: 0 },
  weight: { words: 'weight', at: 0.35 },
  'stretch-width': { words: 'stretch', at: 0.2 },
  'stretch-length': { words: 'stretch, length', at: 0.3 },
  body: { words: 'drape', at: 0.95 },
  opacity: { words: 'opacity', at: 0.6 },
  season: { words: 'season', at: 0.75 },
  water: { words: 'how its fibre takes up water', at: 0.75 },
  absorbency: { words: 'absorbency', at: 0.5 },
  'hot-wash': { words: 'hot wash', at: 0.88 },
  rain: { words: 'keeps rain out', at: 0.1 },
  smoothness: { words: 'smooth on the skin', at: 0.55 },
  slip: { words: 'slips over clothes', at: 0.4 },
  loops: { words: 'loops', at: 0.6 },
  washing: { words: 'not washed', at: 0.85 },
  called: { words: 'fabric name', at: 0 },
  pile: { words: 'pile', at: 0.5 },
  named: { words: 'named by the pattern', at: 0.02 },
  fibre: { words: 'its fibre', at: 0.7 },
  care: { words: 'how it is washed', at: 0.88 },
  creasing: { words: 'creasing', at: 0.55 },
  looks: { words: 'its looks', at: 0.45 },
  recovery: { words: 'stretch and recovery', at: 0.25 },
  print: { words: 'its print', at: 0.5 },
  fastness: { words: 'its colour', at: 0.65 },
}

/** A property in words. */
export function propertyWords(property: MatchProperty): string {
  return isOffered(property) ? PROPERTY_WORDS[property].words : chosenWord(property)
}

function isOffered(property: MatchProperty): property is OfferProperty {
  return property in PROPERTY_WORDS
}

/** Where a detail shows on a cloth that is held up, from its top to its foot. */
const DETAIL_AT = 0.45

/** The slips to pin on a cloth held up for a pattern: what is wrong, each near where it shows, none over another. */
export function pinsOf({ reasons }: Match): Pin[] {
  const wrong = reasons.filter(({ status }) => status === 'bad' || status === 'near').slice(0, 4)
  const placed = wrong.map(({ property, status }) => ({
    label: propertyWords(property),
    at: isOffered(property) ? PROPERTY_WORDS[property].at : DETAIL_AT,
    bad: status === 'bad',
  }))
  placed.sort((a, b) => a.at - b.at)
  return placed.map((pin, index) => ({ ...pin, at: Math.max(pin.at, index * 0.22) }))
}
