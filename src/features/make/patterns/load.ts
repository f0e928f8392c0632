import { match } from '@/core/choose/match'
import { byRank } from '@/core/choose/rank'
import { type UnitSystem } from '@/core/units/format'
import { type Vocabulary } from '@/core/vocabulary/words'
import { pieceWords } from '@/features/shared/stash/describe'
import { notebook } from '@/server/database'
import { findPattern, listPatterns } from '@/server/patterns'
import { bestFor, isReady } from '@/server/remember/ranks'
import { gistOfEntry } from '@/server/remember/remember'
import { shelfOf } from '@/server/remember/shelf'
import { findRecord } from '@/server/store/repository'
import { readStashEntry } from '@/server/stash'
import { drawnAs } from '@/ui/cloth/drawnAs'
import { type Gist } from '@/core/shelf/gist'
import { needWords } from './needWords'

interface Preferences {
  units: UnitSystem
  words: Vocabulary
}

/** Pieces of the stash that stand beside a pattern in the list. */
const BEST_SHOWN = 3
/** Patterns whose best pieces are worked out while the list waits; the others, where they are not known yet, later. */
const PATTERNS_AT_ONCE = 40

/** Every pattern with the pieces that suit it best; null where that is not worked out yet. */
export async function loadPatterns({ units, words }: Preferences) {
  const db = await notebook()
  const [patterns, shelf] = await Promise.all([listPatterns(db), shelfOf(db, words)])
  const ready = patterns.filter((pattern) => isReady(shelf, pattern)).slice(0, PATTERNS_AT_ONCE)
  const rows = await Promise.all(
    patterns.map(async (pattern) => ({
      id: pattern.id,
      name: pattern.name,
      need: needWords(pattern.need, units, words),
      best: ready.includes(pattern)
        ? (await bestFor(shelf, pattern)).slice(0, BEST_SHOWN).map(({ id, verdict }) => {
            const { name, weave, look, picture } = shelf.find(id)!
            return { id, name, tile: drawnAs(weave, look), picture, verdict }
          })
        : null,
    })),
  )
  return rows
}

/** So many of the best stand on the page of a pattern. */
const MOST_SHOWN = 60

/** One pattern with the best of the stash, the best first. @returns undefined where there is no such pattern */
export async function loadPattern(id: string, { units, words }: Preferences) {
  const db = await notebook()
  const pattern = await findPattern(db, id)
  if (!pattern) return undefined
  const shelf = await shelfOf(db, words)
  const best = (await bestFor(shelf, pattern)).slice(0, MOST_SHOWN)
  const rows = best.map(({ id: pieceId }) => {
    const gist = shelf.find(pieceId)!
    return {
      id: pieceId,
      title: gist.name,
      href: `/stash/${pieceId}`,
      under: pieceWords(gist, units, words),
      match: match(pattern.need, gist.offer, units),
      ...clothOf(gist),
    }
  })
  return {
    id,
    name: pattern.name,
    notes: pattern.notes,
    need: needWords(pattern.need, units, words),
    rows,
    others: shelf.size - rows.length,
  }
}

/** A pattern as its form needs it. @returns undefined where there is no such pattern */
export async function loadPatternForm(id: string) {
  const found = await findRecord(await notebook(), 'pattern', id)
  return found && { id, revision: found.revision, pattern: found.data }
}

/** One piece with every pattern, the best first. @returns undefined where there is no such piece */
export async function loadPatternsFor(pieceId: string, { units, words }: Preferences) {
  const db = await notebook()
  const entry = await readStashEntry(db, pieceId, words)
  if (!entry) return undefined
  const gist = gistOfEntry(entry)
  const rows = (await listPatterns(db))
    .map((pattern) => ({ pattern, match: match(pattern.need, gist.offer, units) }))
    .sort((a, b) => byRank({ id: a.pattern.id, ...a.match }, { id: b.pattern.id, ...b.match }))
    .map(({ pattern, match: held }) => ({
      id: pattern.id,
      title: pattern.name,
      href: `/patterns/${pattern.id}`,
      under: needWords(pattern.need, units, words),
      match: held,
      ...clothOf(gist),
    }))
  return { piece: { id: pieceId, name: gist.name, words: pieceWords(gist, units, words) }, rows }
}

/** How a piece looks and falls, as said or as its name suggests. */
function clothOf(gist: Gist) {
  return {
    tile: drawnAs(gist.weave, gist.look),
    body: gist.offer.body?.value ?? ('moderate' as const),
    clothName: gist.name,
  }
}

/** What a loader gives where there is something. */
export type Loaded<L extends (...given: never[]) => Promise<unknown>> = NonNullable<Awaited<ReturnType<L>>>
