import {
  FATAL_FIT,
  FATAL_IMPORTANCE,
  GOOD_FIT,
  NEAR_FIT,
  RISKY,
  SUITS,
  UNSUITABLE,
  WORTH_CHANGING,
  statusOf,
  matchVerdictOf,
} from './steps'

const just = 1e-9
const fine = [{ fit: 1, importance: 0.9 }]

it.each([
  [null, 'unknown'],
  [1, 'good'],
  [GOOD_FIT, 'good'],
  [GOOD_FIT - just, 'near'],
  [NEAR_FIT, 'near'],
  [NEAR_FIT - just, 'bad'],
  [0, 'bad'],
] as const)('a fit of %p is %s', (fit, status) => {
  expect(statusOf({ fit })).toBe(status)
})

describe('a match with no change that helps', () => {
  it.each([
    [1, 'suits'],
    [SUITS, 'suits'],
    [SUITS - just, 'risky'],
    [UNSUITABLE, 'risky'],
    [UNSUITABLE - just, 'unsuitable'],
  ] as const)('at a score of %d: %s', (score, verdict) => {
    expect(matchVerdictOf(score, fine, score)).toBe(verdict)
  })
})

describe('a match that a change helps', () => {
  it('suits with changes where it then suits', () => {
    expect(matchVerdictOf(UNSUITABLE, fine, SUITS)).toBe('suits-with-changes')
    expect(matchVerdictOf(UNSUITABLE, fine, SUITS - just)).toBe('risky')
  })

  it('or where it was only risky and is clearly better then', () => {
    expect(matchVerdictOf(RISKY, fine, RISKY + WORTH_CHANGING)).toBe('suits-with-changes')
    expect(matchVerdictOf(RISKY, fine, RISKY + WORTH_CHANGING - just)).toBe('risky')
    expect(matchVerdictOf(RISKY - just, fine, RISKY + WORTH_CHANGING)).toBe('risky')
  })
})

describe('what the pattern is drafted on', () => {
  const with_ = (fit: number | null, importance: number) => matchVerdictOf(1, [...fine, { fit, importance }], 1)

  it('cannot be made good by the rest', () => {
    expect(with_(FATAL_FIT - just, FATAL_IMPORTANCE)).toBe('unsuitable')
    expect(with_(FATAL_FIT, FATAL_IMPORTANCE)).toBe('suits')
    expect(with_(FATAL_FIT - just, FATAL_IMPORTANCE - just)).toBe('suits')
    expect(with_(null, 1)).toBe('suits')
  })
})
