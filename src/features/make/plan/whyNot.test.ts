import { minutesOf } from '@/core/prepare/minutes'
import { DATES } from '../../shared/dates'
import { whyNot, whyNotThen } from './whyNot'

const at = (written: string) => minutesOf(written)!
const free = [{ start: at('2026-05-02T10:00'), end: at('2026-05-02T13:00') }]
const asked = (written: string, rest: object = {}) => ({
  step: { hands: 40, use: null, kind: 'cut' } as const,
  at: at(written),
  now: at('2026-05-01T08:00'),
  free,
  before: [],
  ...rest,
})

test.each([
  ['2026-05-01T07:50', 'That time is over.'],
  ['2026-05-02T09:50', 'You have no free time then.'],
  ['2026-05-02T13:00', 'You have no free time then.'],
  ['2026-05-02T12:30', 'It takes 40 min, and only 30 min are free then.'],
  ['2026-05-02T12:20', undefined],
])('at %s: %s', (written, words) => expect(whyNotThen(asked(written))).toBe(words))

test('what takes no hands needs no free time', () =>
  expect(whyNotThen(asked('2026-05-02T03:00', { step: { hands: 0, use: null, kind: 'rest' } }))).toBeUndefined())

test('what comes first is named, the last of them, with when it is over', () => {
  const before = [
    { kind: 'dry', end: '2026-05-02T18:30' },
    { kind: 'buy', end: '2026-05-02T11:30' },
    { kind: 'mark', end: null },
  ] as const
  expect(whyNot(asked('2026-05-02T11:00', { before }), DATES.uk)).toBe(
    '“Dry” comes first, and is over on Saturday 2 May at 18:30 at the earliest.',
  )
})

test('else the machine is in use, or something was put there before', () => {
  const use = { of: 'washer', much: 1 } as const
  expect(whyNot(asked('2026-05-02T11:00', { step: { hands: 10, use, kind: 'wash' } }), DATES.uk)).toBe(
    'The washer is in use then.',
  )
  expect(whyNot(asked('2026-05-02T11:00'), DATES.uk)).toBe('Something else that you put there needs this time.')
})
