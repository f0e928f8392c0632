import { type JudgedGuess as Guessing } from '../../core/practice/guesses'
import { type PieceSummary, type Summaries } from '../../core/stashSearch/pieceSummary'
import { BODIES, OPACITIES } from '../../core/vocabulary/cloth'
import { type Guessed } from '../../core/vocabulary/guessing'
import { type Notebook } from '../store/openNotebook'
import { allRecords } from '../store/repository'
import { type Kept } from '../store/kept'
import { itemAt } from '@/core/lists/items'

/**
 * What of a piece was measured or looked at, in the core's own units or by its place in the order of steps; null where
 * it is only said or usual.
 */
export function truthOf({ gsm, widthMm, lengthMm, offer }: PieceSummary, what: Guessed): number | null {
  switch (what) {
    case 'gsm':
      return gsm?.value ?? null
    case 'width':
      return widthMm
    case 'length':
      return lengthMm
    case 'stretch':
      return offer.stretchWidth?.how === 'measured' ? Math.max(0, offer.stretchWidth.value.value) : null
    case 'body':
      return offer.body?.how === 'measured' ? BODIES.indexOf(offer.body.value) : null
    case 'opacity':
      return offer.opacity?.how === 'measured' ? OPACITIES.indexOf(offer.opacity.value) : null
  }
}

/** Every guess of a kind, the first first. */
export async function guessesOf(db: Notebook, what: Guessed): Promise<Kept<'guess'>[]> {
  return (await allRecords(db, 'guess')).kept
    .filter(({ data }) => data.what === what)
    .toSorted((a, b) => (a.data.at < b.data.at ? -1 : 1))
}

/** What is guessed in amounts of which none are nothing. */
const AMOUNTS: readonly Guessed[] = ['gsm', 'width', 'length']

/** Guesses beside what was measured by now; those of what still is not are left out. */
export function besideTruth(guesses: readonly Kept<'guess'>[], shelf: Summaries): Guessing[] {
  return guesses.flatMap(({ data: { what, said, truth, pieceId } }) => {
    const gist = shelf.find(pieceId)
    const known = truth ?? (gist ? truthOf(gist, what) : null)
    const isNoAmount = AMOUNTS.includes(what) && (said <= 0 || (known ?? 0) <= 0)
    return known === null || isNoAmount ? [] : [{ what, said, truth: known }]
  })
}

/** So many pieces are looked at for one to guess; more is not worth the wait. */
const MOST_TRIED = 400

/**
 * A piece to guess: one that was not guessed lately, measured before others.
 * @param turn from 0 up, another each time
 */
export function pieceToGuess(
  shelf: Summaries,
  guesses: readonly Kept<'guess'>[],
  what: Guessed,
  turn: number,
): PieceSummary | undefined {
  const all = shelf.all()
  const lately = new Set(guesses.slice(-Math.ceil(all.length / 2)).map(({ data }) => data.pieceId))
  const from = all.length > 0 ? turn % all.length : 0
  const tried = Array.from({ length: Math.min(MOST_TRIED, all.length) }, (_, i) =>
    itemAt(all, (from + i) % all.length),
  )
  const fresh = tried.filter(({ id, inHand }) => !inHand && !lately.has(id))
  return fresh.find((gist) => truthOf(gist, what) !== null) ?? fresh[0] ?? tried[0]
}
