import { randomInt } from 'node:crypto'
import { guessingOf, guessingWords, errorOf } from '@/core/practice/guesses'
import { type UnitSystem } from '@/core/units/format'
import { GUESS_STEPS, GUESS_WORDS, GUESSED } from '@/core/vocabulary/guessing'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { besideTruth, guessesOf, pieceToGuess, truthOf } from '@/server/records/guesses'
import { shelfOf } from '@/server/cache/shelf'
import { drawnAs } from '@/ui/cloth/drawnAs'
import { type AddressState } from '../../shared/address/address'
import { type numbersAddress } from './numbersAddress'

/** More points than these no eye follows. */
const MOST_SHOWN = 60

/** A piece to guess, and how it went so far. What was measured of it stays on the server. */
export async function loadNumbers(
  { what }: AddressState<typeof numbersAddress>,
  { words }: { units: UnitSystem; words: Vocabulary },
) {
  const db = await notebook()
  const [shelf, guesses] = await Promise.all([shelfOf(db, words), guessesOf(db, what)])
  const turn = randomInt(1_000_000)
  const gist = pieceToGuess(shelf, guesses, what, turn)
  const known = besideTruth(guesses, shelf)
  return {
    turn,
    what,
    kinds: GUESSED.map((id) => [id, GUESS_WORDS[id].title] as const),
    steps: GUESS_STEPS[what] ?? null,
    piece: gist && {
      id: gist.id,
      name: gist.name,
      place: gist.place,
      tile: drawnAs(gist.weave, gist.look),
      isMeasured: truthOf(gist, what) !== null,
    },
    words: guessingWords(what, guessingOf(what, known)),
    errors: known.slice(-MOST_SHOWN).map(errorOf),
  }
}
export type NumbersData = Awaited<ReturnType<typeof loadNumbers>>
