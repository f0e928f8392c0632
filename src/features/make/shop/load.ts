import { wouldDo } from '@/core/choose/steps'
import { sizesIn } from '@/core/choose/envelope/lengths'
import { fullNeed } from '@/core/choose/need'
import { type Need } from '@/core/notebook/schemas/need'
import { formatWeightRange, type UnitSystem } from '@/core/units/format'
import { AVOID_WORDS, ROLE_WORDS } from '@/core/vocabulary/choosing'
import { type Vocabulary, wordFor } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { listPatterns, type KeptPattern } from '@/server/patterns'
import { bestFor, isReady } from '@/server/remember/ranks'
import { shelfOf, type Shelf } from '@/server/remember/shelf'
import { toBuy } from '../holding/enoughFor'
import { needWords, partnerWords } from '../patterns/needWords'

interface Preferences {
  units: UnitSystem
  words: Vocabulary
}

/** Pieces that one has already, for each pattern. */
const HAVE = 3

/** The patterns on the list, as one needs them before a shelf of cloth. */
export async function loadShop(preferences: Preferences) {
  const db = await notebook()
  const [patterns, shelf] = await Promise.all([listPatterns(db), shelfOf(db, preferences.words)])
  const onList = patterns.filter((pattern) => pattern.onList)
  return {
    others: patterns.filter((pattern) => !pattern.onList).map(({ id, name }) => ({ id, name })),
    patterns: await Promise.all(onList.map((pattern) => shopSheet(pattern, shelf, preferences))),
  }
}

async function shopSheet(pattern: KeptPattern, shelf: Shelf, { units, words }: Preferences) {
  const best = isReady(shelf, pattern) ? await bestFor(shelf, pattern) : []
  const sizes = sizesIn(pattern.lengths)
  return {
    id: pattern.id,
    name: pattern.name,
    need: needWords(pattern.need, units, words),
    called: pattern.need.called ?? [],
    asks: numbersToAsk(pattern.need, units),
    avoid: (pattern.need.avoid ?? []).map((id) => wordFor(AVOID_WORDS[id], words)),
    lengths: (sizes.length > 0 ? sizes : ['']).map((size) => ({
      size,
      rows: toBuy(pattern.lengths, { size, view: pattern.views[0] ?? '', copies: 1, pieces: pattern.pieces }),
    })),
    partners: pattern.partners.map((partner) => ({
      title: partner.label || ROLE_WORDS[partner.role],
      asks: partnerWords(partner, units),
    })),
    notions: pattern.notions.map(({ text }) => text),
    have: best
      .filter(({ verdict }) => wouldDo(verdict))
      .slice(0, HAVE)
      .map(({ id }) => ({ id, name: shelf.find(id)!.name })),
  }
}

/** What to ask the seller for a need, in numbers. */
function numbersToAsk(need: Need, units: UnitSystem): string[] {
  const { gsm, stretchWidth, opacity, structure } = fullNeed(need)
  const other = units === 'metric' ? 'imperial' : 'metric'
  return [
    `Weight: ${formatWeightRange(gsm, units)} (${formatWeightRange(gsm, other)})`,
    ...(stretchWidth[0] > 0
      ? [`10 cm must stretch to at least ${(10 * (1 + stretchWidth[0] / 100)).toFixed(1)} cm`]
      : []),
    ...(structure === 'either' ? [] : [`It has to be ${structure === 'knit' ? 'a knit' : 'woven'}`]),
    ...(opacity.length === 1 && opacity[0] === 'opaque' ? ['No hand may show through one layer'] : []),
    'Width, edge to edge; and whether it was washed',
  ]
}
