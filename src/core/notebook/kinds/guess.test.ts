import { GuessSchema } from './guess'

const guess = (what: string, said: number) =>
  GuessSchema.safeParse({ pieceId: 'p1', what, said, at: '2026-05-02T10:00:00.000Z' })

test.each([
  ['gsm', 180, true],
  ['gsm', -1, false],
  ['body', 4, true],
  ['body', 5, false],
  ['body', 1.5, false],
  ['opacity', 2, true],
  ['opacity', 3, false],
  ['taste', 1, false],
])('%s guessed as %d: %s', (what, said, isOne) => expect(guess(what, said).success).toBe(isOne))
