import { type Peak } from './peaks'
import { prominence, type FrequencySpectrum } from './spectrum'
import { mustHave } from '../lists/items'

/** A regular weave: it repeats over `repeat` ends and picks, each pick the one before moved by `move` ends. */
interface Weave {
  hint: string
  repeat: number
  move: number
}

/** Textbook drafts. Plain weave is the twill of two. */
const WEAVES: readonly Weave[] = [
  { hint: 'plain', repeat: 2, move: 1 },
  ...[3, 4, 5, 6].flatMap((repeat): Weave[] => [
    { hint: 'twill', repeat, move: 1 },
    { hint: 'twill', repeat, move: -1 },
  ]),
  ...[
    [5, 2],
    [5, -2],
    [7, 2],
    [7, -2],
    [7, 3],
    [7, -3],
    [8, 3],
    [8, -3],
  ].map(([repeat, move]): Weave => ({ hint: 'satin', repeat: mustHave(repeat), move: mustHave(move) })),
]

/**
 * Which weave a pair of thread frequencies would make of the spectrum, and how clearly: natural log of power over
 * background.
 */
export interface Harmonics {
  hint: string | null
  clearness: number
}

/** Below this a mark is no mark. */
const CLEAR = Math.log(25)

/**
 * The regular weave whose first harmonics stand out most. A weave that repeats over n and moves by m puts its power
 * on the points (i/n, j/n) of the two thread frequencies with i ≡ −m · j (mod n); the ones nearest to nothing must
 * all be there.
 */
export function firstHarmonics(spectrum: FrequencySpectrum, ends: Peak, picks: Peak): Harmonics {
  let best: Harmonics = { hint: null, clearness: 0 }
  for (const { hint, points } of MARKS) {
    const clearness = Math.min(
      ...points.map(([a, b]) =>
        Math.log(Math.max(1, prominence(spectrum, a * ends.u + b * picks.u, a * ends.v + b * picks.v))),
      ),
    )
    if (clearness > best.clearness) best = { hint: clearness >= CLEAR ? hint : null, clearness }
  }
  return best
}

/**
 * The marks of each weave, in shares of the two thread frequencies. A twill has one line; plain weave and satin have
 * two.
 */
const MARKS = WEAVES.map(({ hint, repeat, move }) => ({
  hint,
  points: (hint === 'plain'
    ? [
        [1, 1],
        [1, -1],
      ]
    : hint === 'twill'
      ? [[-move, 1]]
      : [
          [-move, 1],
          [-2 * move, 2],
        ]
  ).map(([i, j]) => [nearest(mustHave(i), repeat) / repeat, nearest(mustHave(j), repeat) / repeat] as const),
}))

/** A residue as the one nearest to nothing; half a repeat stays as it is given. */
function nearest(value: number, by: number): number {
  if (Math.abs(value) * 2 === by) return value
  const positive = ((value % by) + by) % by
  return positive * 2 > by ? positive - by : positive
}
