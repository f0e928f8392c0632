import { type UnitSystem } from '@/core/units/format'
import { type Vocabulary } from '@/core/vocabulary/words'
import { pieceWords } from '@/features/shared/stash/describe'
import { notebook } from '@/server/database'
import { findPattern, listPatterns } from '@/server/patterns'
import { readStash, readStashEntry } from '@/server/stash'
import { tileOf } from '@/ui/cloth/spec'
import { bodyOf, byMatch, matchOf } from './matching'
import { needWords } from './needWords'

interface Preferences {
  units: UnitSystem
  words: Vocabulary
}

/** Pieces of the stash that stand beside a pattern in the list. */
const BEST_SHOWN = 3

/** Every pattern with the pieces that suit it best. */
export async function loadPatterns({ units, words }: Preferences) {
  const db = await notebook()
  const [patterns, stash] = await Promise.all([listPatterns(db), readStash(db, words)])
  return patterns.map((pattern) => ({
    id: pattern.id,
    name: pattern.name,
    need: needWords(pattern.need, units, words),
    best: stash
      .map((entry) => ({ entry, match: matchOf(pattern.need, entry, units) }))
      .sort(byMatch)
      .slice(0, BEST_SHOWN)
      .map(({ entry: { piece }, match }) => ({
        id: piece.id,
        name: piece.name,
        tile: tileOf(piece),
        verdict: match.verdict,
      })),
  }))
}

/** One pattern with the whole stash, the best first. @returns undefined where there is no such pattern */
export async function loadPattern(id: string, { units, words }: Preferences) {
  const db = await notebook()
  const pattern = await findPattern(db, id)
  if (!pattern) return undefined
  const rows = (await readStash(db, words))
    .map((entry) => ({ entry, match: matchOf(pattern.need, entry, units) }))
    .sort(byMatch)
    .map(({ entry, match }) => ({
      id: entry.piece.id,
      title: entry.piece.name,
      href: `/stash/${entry.piece.id}`,
      under: pieceWords(entry, units, words),
      match,
      tile: tileOf(entry.piece),
      body: bodyOf(entry),
      clothName: entry.piece.name,
    }))
  return { id, name: pattern.name, notes: pattern.notes, need: needWords(pattern.need, units, words), rows }
}

/** One piece with every pattern, the best first. @returns undefined where there is no such piece */
export async function loadPatternsFor(pieceId: string, { units, words }: Preferences) {
  const db = await notebook()
  const entry = await readStashEntry(db, pieceId, words)
  if (!entry) return undefined
  const rows = (await listPatterns(db))
    .map((pattern) => ({ pattern, match: matchOf(pattern.need, entry, units) }))
    .sort(byMatch)
    .map(({ pattern, match }) => ({
      id: pattern.id,
      title: pattern.name,
      href: `/patterns/${pattern.id}`,
      under: needWords(pattern.need, units, words),
      match,
      tile: tileOf(entry.piece),
      body: bodyOf(entry),
      clothName: entry.piece.name,
    }))
  return { piece: { id: pieceId, name: entry.piece.name, words: pieceWords(entry, units, words) }, rows }
}

/** What a loader gives where there is something. */
export type Loaded<L extends (...given: never[]) => Promise<unknown>> = NonNullable<Awaited<ReturnType<L>>>
