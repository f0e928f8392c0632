/**
 * Which way a cloth lies: its warp, its right side, where its colour comes from, what finish it carries, how large
 * its print is and whether it runs with the threads. Signs and what they weigh are common practice; the weights are
 * ours.
 */

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

/** Signs that a direction is the warp. A is chalked along one set of threads, B along the other. */
export const warpSigns: readonly Sign[] = [
  {
    id: 'selvedge',
    question: 'Which runs with a selvedge?',
    how: 'A firm finished edge, often with pinholes, runs with the warp.',
    odds: 1000,
  },
  {
    id: 'give',
    question: 'Which gives less?',
    how: 'Pull along the threads, not across the corner: the warp gives less.',
    odds: 6,
  },
  {
    id: 'snap',
    question: 'Which rings higher when it is snapped taut?',
    how: 'Hold it by two hands’ breadth, slack, and jerk it taut: the warp rings, the weft thuds.',
    odds: 4,
  },
  {
    id: 'reed',
    question: 'Which has fine straight lines between its threads?',
    how: 'Against the light: marks of the reed run with the warp.',
    odds: 5,
  },
  {
    id: 'count',
    question: 'Which has more threads to the centimetre?',
    how: 'Count both, or use the loupe: most cloths have more ends than picks.',
    odds: 2.5,
  },
  {
    id: 'yarn',
    question: 'Which has the smoother, stronger yarn?',
    how: 'Pull a thread of each and break it: the warp had to stand the loom.',
    odds: 2,
  },
  {
    id: 'stripe',
    question: 'Which do woven stripes run along?',
    how: 'Stripes and cords mostly run with the warp.',
    odds: 2.5,
  },
]

/** Signs that a side is the right one. A is the side that lies up. */
export const rightSigns: readonly Sign[] = [
  { id: 'print', question: 'Which side is the print stronger on?', how: 'Look at both in daylight.', odds: 50 },
  {
    id: 'pile',
    question: 'Which side has the pile, the raised figure or the clearer line?',
    how: 'Velvet, cord, figured cloth, a twill’s line.',
    odds: 20,
  },
  {
    id: 'bright',
    question: 'Which side is smoother or brighter?',
    how: 'Turn a corner over and tilt it to the light.',
    odds: 5,
  },
  {
    id: 'clean',
    question: 'Which side is cleaner of slubs, knots and loose floats?',
    how: 'Faults are mended towards the back.',
    odds: 4,
  },
  {
    id: 'holes',
    question: 'From which side are the selvedge’s pinholes pushed out?',
    how: 'Feel the edge: mostly they stand out on the right side, but mills differ.',
    odds: 1.5,
  },
]

export interface Leaning {
  which: 'a' | 'b' | null
  /** Probability of A, 0 … 1. */
  a: number
  /** Whether anything spoke at all. */
  spoken: boolean
}

/** From here on a side is called found; ours. */
const FOUND = 0.9

/** Weighs what was seen: independent signs, odds multiplied (Bayes’ rule), an even start. */
export function weighSigns(signs: readonly Sign[], said: Signs): Leaning {
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

export const NAPS = ['none', 'down', 'up', 'unknown'] as const
export type Nap = (typeof NAPS)[number]

/** What a nap means for laying out. */
export const napWords: Record<Nap, string> = {
  none: 'It strokes the same both ways: pieces may be turned head to foot.',
  down: 'Smooth towards the hem: cut every piece the same way up. It wears well, and looks lighter.',
  up: 'Smooth towards the head: cut every piece the same way up. It looks deeper, and rubs sooner.',
  unknown: 'Not looked at: stroke it both ways, and cut all pieces one way until you know.',
}

export const COLOURS_FROM = ['printed', 'yarn-dyed', 'piece-dyed', 'undyed', 'unknown'] as const
export type ColourFrom = (typeof COLOURS_FROM)[number]

export const colourFromWords: Record<ColourFrom, string> = {
  printed: 'Printed: the back is paler, and a thread changes colour along its length.',
  'yarn-dyed':
    'Woven from coloured yarns: each thread keeps its colour, the pattern is on both sides. Mostly the ' +
    'fastest to light and washing.',
  'piece-dyed': 'Dyed in the piece: both sides alike, every thread one colour, sometimes paler where threads cross.',
  undyed: 'Not dyed: grey, cream or bleached, and it may shrink more.',
  unknown: 'Not looked at: pull out a coloured thread, and look along it and at the back.',
}

export const FINISHES = ['none', 'washed-soft', 'mercerised', 'brushed', 'coated', 'pleated'] as const
export type Finish = (typeof FINISHES)[number]

/** How a finish is known, and what it means for the sewing. */
export const finishes: Record<Finish, { label: string; signs: string; means: string }> = {
  none: {
    label: 'none that shows',
    signs: 'Neither soft from washing nor stiff, no shine that wipes off.',
    means: 'Wash it before you cut.',
  },
  'washed-soft': {
    label: 'washed soft',
    signs: 'Soft and a little crumpled, edges of folds paler.',
    means: 'Most of its shrinkage is gone; measure a square to be sure.',
  },
  mercerised: {
    label: 'mercerised',
    signs: 'A cotton with a lasting silky shine, round smooth yarns under a lens.',
    means: 'It takes dye deeply and keeps its shine in the wash.',
  },
  brushed: {
    label: 'brushed',
    signs: 'Fibres stand up on one or both sides.',
    means:
      'Mind the nap; it sheds, pills, and catches fire sooner than smooth cloth: keep it from flame and from ' +
      'night clothes of children.',
  },
  coated: {
    label: 'coated or waxed',
    signs: 'One side rubbery, papery or waxy; water stands on it.',
    means:
      'No hot iron on the coating; clips in place of pins, for holes stay; its weight and burn test are of ' +
      'cloth and coating together.',
  },
  pleated: {
    label: 'pleated or crinkled',
    signs: 'Folds or crinkles that come back after stretching.',
    means: 'Measure it at rest and pulled flat; steam may take the pleats out for good.',
  },
}

/** A print’s size, by its repeat. Common practice. */
export function printScale(repeatMm: number): { scale: 'small' | 'medium' | 'large'; words: string } {
  if (!(repeatMm > 0)) throw new RangeError('printScale: a repeat is longer than nothing')
  if (repeatMm < 25) return { scale: 'small', words: 'A small print: it hides joins, and needs no matching.' }
  if (repeatMm < 150)
    return { scale: 'medium', words: 'A middling print: match it at the centre front and where the eye falls.' }
  return { scale: 'large', words: 'A large print: place its figures on purpose, and keep pieces few and large.' }
}

/**
 * Extra length to match a print, mm: up to one repeat for each length of pattern laid under another. @throws
 * RangeError on less than one length
 */
export function lengthToMatch(repeatMm: number, lengths: number): number {
  if (!(repeatMm > 0) || !(lengths >= 1))
    throw new RangeError('lengthToMatch: needs a repeat and at least one length')
  return repeatMm * lengths
}

/** Off by less than this share of the width, no eye sees it. Common practice. */
const UNSEEN = 0.01
/** Beyond this share, leaning shows on any garment. */
const GLARING = 0.03

/**
 * What can be done about a print that does not run with the threads. @throws RangeError where the width is not
 * positive
 */
export function offGrainPrint(
  offMm: number,
  widthMm: number,
): { degrees: number; verdict: 'fine' | 'place' | 'reject'; words: string } {
  if (!(widthMm > 0)) throw new RangeError('offGrainPrint: needs a width')
  const share = Math.abs(offMm) / widthMm
  const degrees = (Math.atan(share) * 180) / Math.PI
  if (share <= UNSEEN) return { degrees, verdict: 'fine', words: 'So little does not show: cut by the threads.' }
  if (share <= GLARING)
    return {
      degrees,
      verdict: 'place',
      words:
        'It cannot be pulled straight, ever. Use it in small pieces, gathered, or on the bias, or where no ' +
        'straight line lies beside it; cut by the threads if it has to hang.',
    }
  return {
    degrees,
    verdict: 'reject',
    words:
      'It cannot be pulled straight, ever: cut by the threads and the print leans, cut by the print and the ' +
      'garment twists. Send it back, line with it, or cut it small.',
  }
}
