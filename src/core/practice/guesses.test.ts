import { errorOf, guessingOf, guessingWords, type JudgedGuess } from './guesses'

const gsm = (said: number, truth: number): JudgedGuess => ({ what: 'gsm', said, truth })
const body = (said: number, truth: number): JudgedGuess => ({ what: 'body', said, truth })
const times = (guess: JudgedGuess, count: number) => Array.from({ length: count }, () => guess)

test('half as much and twice as much are equally far off', () => {
  expect(errorOf(gsm(100, 200))).toBeCloseTo(-errorOf(gsm(200, 100)), 12)
  expect(errorOf(gsm(150, 150))).toBe(0)
  expect(errorOf(body(4, 1))).toBe(3)
})

test('guesses that are off both ways have no bias, but are off', () => {
  const { bias, off } = guessingOf('gsm', [gsm(100, 200), gsm(200, 100)])
  expect(bias).toBeCloseTo(1, 12)
  expect(off).toBeCloseTo(2, 12)
})

test('who always guesses too light is told so', () => {
  const told = guessingWords('gsm', guessingOf('gsm', times(gsm(160, 200), 3)))
  expect(told).toBe('You guess 20 % too little, and are off by 25 %.')
})

test('a trend is told once there are enough on both sides, and not before', () => {
  const rough = times(gsm(260, 200), 4)
  const fine = times(gsm(210, 200), 4)
  expect(guessingOf('gsm', [...rough, ...fine].slice(1)).halves).toBeNull()
  const { halves } = guessingOf('gsm', [...rough, ...fine])
  expect(halves!.first).toBeCloseTo(1.3, 6)
  expect(halves!.last).toBeCloseTo(1.05, 6)
  expect(guessingWords('gsm', guessingOf('gsm', [...rough, ...fine]))).toMatch(
    /At first you were off by 30 %, later by 5 %\.$/,
  )
})

test('steps are told in steps, and which way', () => {
  expect(guessingWords('body', guessingOf('body', [body(3, 1), body(2, 1)]))).toBe(
    'You are off by 1.5 steps, towards stiff.',
  )
  expect(guessingWords('body', guessingOf('body', [body(0, 1), body(2, 1)]))).toMatch(/as often too high as too low/)
})

test('who has guessed nothing yet is told how it goes', () =>
  expect(guessingWords('gsm', guessingOf('gsm', []))).toMatch(/^Take a fabric/))
