import { GuessSchema } from '../../core/notebook/kinds/guess'
import { type PieceSummary } from '../../core/stashSearch/pieceSummary'
import { besideTruth, pieceToGuess, truthOf } from './guesses'
import { type Shelf } from '../cache/shelf'
import { type Kept } from '../store/kept'

const gist = (id: string, rest: Partial<PieceSummary> = {}): PieceSummary =>
  ({ id, gsm: null, widthMm: null, lengthMm: null, inHand: false, offer: {}, ...rest }) as PieceSummary
const weighed = (id: string, value: number) => gist(id, { gsm: { value, sd: 3 } as PieceSummary['gsm'] })
const shelfOf = (...gists: PieceSummary[]): Shelf =>
  ({ all: () => gists, find: (id: string) => gists.find((one) => one.id === id) }) as unknown as Shelf
const guess = (pieceId: string, said: number, truth: number | null = null): Kept<'guess'> =>
  ({
    data: GuessSchema.parse({ pieceId, what: 'gsm', said, truth, at: '2026-05-02T10:00:00.000Z' }),
  }) as Kept<'guess'>

test('what is only said or usual is no truth to guess', () => {
  const stretch = (how: 'measured' | 'said') =>
    gist('a', { offer: { stretchWidth: { how, value: { value: 12, sd: 1 } as never } } })
  expect(truthOf(stretch('said'), 'stretch')).toBeNull()
  expect(truthOf(stretch('measured'), 'stretch')).toBe(12)
  expect(truthOf(gist('a'), 'gsm')).toBeNull()
  expect(truthOf(gist('a', { offer: { body: { how: 'measured', value: 'crisp' } } }), 'body')).toBe(3)
})

test('a guess made before the piece was weighed is held against what it was weighed to', () => {
  const shelf = shelfOf(weighed('a', 210), gist('b'))
  expect(besideTruth([guess('a', 180), guess('b', 90), guess('gone', 50)], shelf)).toEqual([
    { what: 'gsm', said: 180, truth: 210 },
  ])
})

test('what was known at the time counts, also when it was weighed anew', () => {
  expect(besideTruth([guess('a', 180, 200)], shelfOf(weighed('a', 260)))[0]!.truth).toBe(200)
})

test('no amount can be set beside none', () => {
  expect(besideTruth([guess('a', 0, 200)], shelfOf(weighed('a', 200)))).toEqual([])
})

test('a piece that was measured comes before one that was not, and none that was guessed lately', () => {
  const shelf = shelfOf(gist('a'), weighed('b', 100), weighed('c', 200), weighed('d', 300))
  expect(pieceToGuess(shelf, [], 'gsm', 0)?.id).toBe('b')
  expect(pieceToGuess(shelf, [], 'gsm', 3)?.id).toBe('d')
  expect(pieceToGuess(shelf, [guess('b', 90)], 'gsm', 0)?.id).toBe('c')
  expect(pieceToGuess(shelfOf(), [], 'gsm', 5)).toBeUndefined()
  expect(pieceToGuess(shelfOf(gist('a')), [], 'gsm', 5)?.id).toBe('a')
})

test('a cloth that is only in the hand has no place on a shelf to be taken from', () => {
  const shelf = shelfOf(gist('a', { inHand: true }), weighed('b', 100))
  for (const turn of [0, 1, 2]) expect(pieceToGuess(shelf, [], 'gsm', turn)?.id).toBe('b')
})
