/** Bell-shaped chance, mean 0 and standard deviation 1 (Box & Muller, 1958). */
export function bell(chance: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance())
}

/** Somebody at the bench, with a nose and habits of their own. */
export interface Person {
  /** Standard deviation of judging a property that runs from 0 to 1. */
  blur: number
  /** Shifts of their thresholds: quick or slow, dark or pale, hard or soft. Shared by all that they judge. */
  bias: { speed: number; colour: number; hardness: number; shine: number }
  /** For each smell word, which other word they say instead, and how often. */
  says: readonly { instead: number; howOften: number }[]
  mistakes: number
  misses: number
  /** How readily they name a second smell or residue. */
  second: number
}

/** Which smells get mixed up, by index in the vocabulary. */
const NEIGHBOURS: readonly (readonly number[])[] = [
  [1, 2],
  [0, 2],
  [1, 0],
  [7, 1],
  [7, 6],
  [7, 6],
  [7, 8],
  [6, 9],
  [6, 9],
  [7, 8],
  [0, 7],
]

export function drawPerson(chance: () => number): Person {
  const own = () => bell(chance) * 0.06
  return {
    blur: 0.09 + chance() * 0.09,
    bias: { speed: own(), colour: own(), hardness: own(), shine: own() },
    says: NEIGHBOURS.map((near) => ({
      instead: near[Math.floor(chance() * near.length)]!,
      howOften: chance() < 0.35 ? chance() * 0.5 : chance() * 0.08,
    })),
    mistakes: 0.01 + chance() * 0.08,
    misses: chance() * 0.35,
    second: 0.15 + chance() * 0.5,
  }
}

/** What this bit of cloth is like besides its fibre, and how this burn went. All answers of one specimen share it. */
export interface Circumstance {
  dye: number
  finish: number
  tightness: number
  heat: number
  /** Parts of a mixture lie unevenly: how much the specimen leans to its second fibre. */
  lean: number
}

export function drawCircumstance(chance: () => number): Circumstance {
  return {
    dye: bell(chance) * 0.13,
    finish: Math.max(0, bell(chance) * 0.3),
    tightness: bell(chance) * 0.12,
    heat: bell(chance) * 0.1,
    lean: bell(chance) * 0.08,
  }
}
