/** A print’s size, by its repeat. Common practice. */
export function printScale(repeatMm: number): { scale: 'small' | 'medium' | 'large'; words: string } {
  if (!(repeatMm > 0)) throw new RangeError('printScale: a repeat is longer than nothing')
  if (repeatMm < 25) return { scale: 'small', words: 'A small print: it hides joins, and needs no matching.' }
  if (repeatMm < 150)
    return { scale: 'medium', words: 'A medium print: match it at the centre front and wherever people look.' }
  return { scale: 'large', words: 'A large print: place its motifs on purpose, and use few large pieces.' }
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

/** By how much a print leans from a crosswise thread, degrees; positive where its line rises to the right. */
export function printLean(offMm: number, widthMm: number): number {
  return (Math.atan(offMm / widthMm) * 180) / Math.PI
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
  const degrees = printLean(Math.abs(offMm), widthMm)
  if (share <= UNSEEN) return { degrees, verdict: 'fine', words: 'This is too little to show: cut by the threads.' }
  if (share <= GLARING)
    return {
      degrees,
      verdict: 'place',
      words:
        'You can never pull it straight. Use it in small pieces, gathered, or on the bias, or where no ' +
        'straight line is beside it; cut by the threads if it has to hang.',
    }
  return {
    degrees,
    verdict: 'reject',
    words:
      'You can never pull it straight: if you cut by the threads, the print leans; if you cut by the ' +
      'print, the garment twists. Return it, use it as lining, or cut it small.',
  }
}
