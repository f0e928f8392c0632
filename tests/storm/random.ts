/** Chances from 0 to 1, one after the other. */
export type Random = () => number

export function oneOf<T>(random: Random, from: readonly T[]): T {
  return from[Math.floor(random() * from.length)]!
}
