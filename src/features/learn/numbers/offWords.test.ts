import { offWords } from './offWords'

test.each([
  ['gsm', 204, 200, 'As accurate as a kitchen scale.'],
  ['gsm', 150, 200, 'You guessed 25 % too little.'],
  ['length', 3000, 2000, 'You guessed 50 % too much.'],
  ['stretch', 0, 0, 'Right.'],
  ['stretch', 15, 0, 'It does not stretch at all.'],
  ['body', 2, 2, 'Right.'],
  ['body', 4, 1, 'You said stiff: 3 steps off.'],
  ['opacity', 1, 0, 'You said semi-sheer: 1 step off.'],
] as const)('%s: %d for %d', (what, said, truth, words) => expect(offWords(what, said, truth)).toBe(words))
