/** What a sign was seen to say: for the first choice, for the second, for neither; or nobody looked. */
export type Said = 'a' | 'b' | 'neither'
export type Signs = Readonly<Record<string, Said | undefined>>

export interface Sign {
  id: string
  question: string
  /** How to look. */
  how: string
  /** What it weighs where it speaks, as odds. */
  odds: number
}

export interface SideLeaning {
  which: 'a' | 'b' | null
  /** Probability of A, 0 … 1. */
  a: number
  /** Whether anything spoke at all. */
  spoken: boolean
}

/** From here on a side is called found; ours. */
const FOUND = 0.9

/** Weighs what was seen: independent signs, odds multiplied (Bayes’ rule), an even start. */
export function weighSigns(signs: readonly Sign[], said: Signs): SideLeaning {
  const logOdds = signs.reduce(
    (sum, { id, odds }) => sum + (said[id] === 'a' ? Math.log(odds) : said[id] === 'b' ? -Math.log(odds) : 0),
    0,
  )
  const a = 1 / (1 + Math.exp(-logOdds))
  const spoken = signs.some(({ id }) => said[id] === 'a' || said[id] === 'b')
  return { which: a >= FOUND ? 'a' : a <= 1 - FOUND ? 'b' : null, a, spoken }
}

/** The sign that was not looked at and weighs most; undefined where all were. */
export function nextSign(signs: readonly Sign[], said: Signs): Sign | undefined {
  return signs.filter(({ id }) => said[id] === undefined).toSorted((one, other) => other.odds - one.odds)[0]
}
