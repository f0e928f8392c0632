import { GUESS_STEPS, type Guessed } from '../vocabulary/guessing'
import { mustHave } from '../lists/items'

/** One guess beside what was measured: amounts in the core's own units, steps by their place in their order. */
export interface JudgedGuess {
  what: Guessed
  said: number
  truth: number
}

/** What a row of guesses comes to. */
export interface Guessing {
  count: number
  /** Which way they are off: a factor, 1 where neither; of steps, how many and which way. */
  bias: number
  /** How far off they are, whichever way: a factor of at least 1; of steps, how many. */
  off: number
  /** The same of the first and of the last half; null where they are too few to part. */
  halves: { first: number; last: number } | null
}

/** Fewer in each half say nothing of a trend. */
const FEWEST = 4

const areSteps = (what: Guessed) => GUESS_STEPS[what] !== undefined
const mean = (all: readonly number[]) => all.reduce((sum, one) => sum + one, 0) / Math.max(1, all.length)

/** How far off a guess is: the logarithm of guessed to measured; of steps, their difference. */
export function errorOf({ what, said, truth }: JudgedGuess): number {
  return areSteps(what) ? said - truth : Math.log(said / truth)
}

/** What guesses of one kind come to, in the order in which they were made. */
export function guessingOf(what: Guessed, guesses: readonly JudgedGuess[]): Guessing {
  const errors = guesses.map(errorOf)
  const off = (some: readonly number[]) => told(mean(some.map(Math.abs)))
  const told = (value: number) => (areSteps(what) ? value : Math.exp(value))
  const half = Math.floor(errors.length / 2)
  return {
    count: errors.length,
    bias: told(mean(errors)),
    off: off(errors),
    halves: half < FEWEST ? null : { first: off(errors.slice(0, half)), last: off(errors.slice(-half)) },
  }
}

/** Less than that way or the other is not said: per cent, and steps. */
const [SAID_PERCENT, SAID_STEPS] = [4, 0.25]

/** The same in words. */
export function guessingWords(what: Guessed, { count, bias, off, halves }: Guessing): string {
  if (count === 0) return 'Take a fabric off its shelf, guess, and see how close you get.'
  if (areSteps(what)) {
    const way = Math.abs(bias) < SAID_STEPS ? 'as often too high as too low' : wayOfSteps(what, bias)
    const steps = (value: number) => `${value.toFixed(1)} steps`
    return `You are off by ${steps(off)}, ${way}.${trendWords(halves, steps)}`
  }
  const percent = Math.round((bias - 1) * 100)
  const way =
    Math.abs(percent) < SAID_PERCENT
      ? 'neither too much nor too little'
      : `${Math.abs(percent)} % too ${percent > 0 ? 'much' : 'little'}`
  const share = (value: number) => `${Math.round((value - 1) * 100)} %`
  return `You guess ${way}, and are off by ${share(off)}.${trendWords(halves, share)}`
}

function wayOfSteps(what: Guessed, bias: number): string {
  const steps = mustHave(GUESS_STEPS[what])
  return `towards ${bias > 0 ? steps.at(-1) : steps[0]}`
}

function trendWords(halves: Guessing['halves'], words: (value: number) => string): string {
  if (!halves) return ''
  const { first, last } = halves
  return ` At first you were off by ${words(first)}, later by ${words(last)}.`
}
