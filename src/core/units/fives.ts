/** A share as a number of 100, in fives: no score is known better. */
export function inFives(share: number): number {
  return Math.round(share * 20) * 5
}

/** `60 to 90 of 100`: an interval of shares, in fives. */
export function formatFives([low, high]: readonly [number, number]): string {
  return `${inFives(low)} to ${inFives(high)} out of 100`
}
