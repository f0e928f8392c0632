import { type SewAdvice } from './advice'
import { usOf } from './needle'
import { needleSizes } from './needleSizes'
import { itemAt } from '../lists/items'
import { stitchLengthMm } from '../text/amounts'
import { type Phrase, phrase } from '../text/text'

/** A seam that the person tried, on this cloth or on one like it. */
export interface Sample {
  needleNm: number
  lengthMm: number
  tension: 'looser' | 'usual' | 'firmer'
  came: 'good' | 'puckered' | 'skipped' | 'holes' | 'wavy' | 'marks'
  /** Of this very piece. */
  isOwn: boolean
}

/** No sample moves a needle by more sizes, nor a stitch by more mm, than these from what the rules say. */
const [MOST_SIZES, MOST_MM] = [1, 0.5]
const NMS = needleSizes.map(({ nm }) => nm)

/**
 * Advice moved by what worked for this person: a good seam on this cloth counts most; one that came out badly says
 * which way to go. Bounded, and said so.
 * @param samples the latest last
 */
export function withSamples(advice: SewAdvice, samples: readonly Sample[]): SewAdvice {
  const good = samples.findLast(({ came, isOwn }) => came === 'good' && isOwn) ?? samples.findLast(isGood)
  if (good) return byGood(advice, good)
  const bad = samples.findLast(({ isOwn }) => isOwn)
  return bad ? byBad(advice, bad) : advice
}

const isGood = ({ came }: Sample) => came === 'good'

function byGood(advice: SewAdvice, { needleNm, lengthMm, tension, isOwn }: Sample): SewAdvice {
  const { needle, stitch } = advice
  const nm = nearest(needle.nm, needleNm)
  const mm = Math.min(Math.max(lengthMm, stitch.mm[0] - MOST_MM), stitch.mm[1] + MOST_MM)
  const where = isOwn ? 'on this fabric' : 'on similar fabric'
  const far =
    nm !== needleNm || mm !== lengthMm
      ? ' It was farther off than our rules go, so we follow it only part of the way.'
      : ''
  const text = phrase`This worked for you ${where}: NM ${needleNm}, ${stitchLengthMm(lengthMm)}.${far}`
  return moved(advice, { nm: [nm, nm], mm: [mm, mm], tension, text, id: isOwn ? 'sample-good' : 'sample-good-alike' })
}

/** What to try next, by how the last seam came out. Common practice. */
const NEXT: Readonly<Record<Exclude<Sample['came'], 'good'>, { sizes: number; mm: number; text: string }>> = {
  puckered: {
    sizes: -1,
    mm: -0.5,
    text: 'Your seam puckered: use a finer needle, a shorter stitch, less upper tension.',
  },
  skipped: {
    sizes: 0,
    mm: 0,
    text: 'Your seam skipped stitches: use a new needle of this point, straight from its box.',
  },
  holes: {
    sizes: -1,
    mm: 0,
    text: 'Your seam left holes: use one size finer, and a sharp or rounded point as recommended.',
  },
  wavy: { sizes: 0, mm: 0.5, text: 'Your seam went wavy: use less presser foot pressure, a longer stitch.' },
  marks: { sizes: 0, mm: 0, text: 'The fabric was marked: use a softer foot, or paper between.' },
}

function byBad(advice: SewAdvice, { needleNm, lengthMm, came }: Sample): SewAdvice {
  const { sizes, mm, text } = NEXT[came as Exclude<Sample['came'], 'good'>]
  const { needle, stitch } = advice
  const tried = nearest(needle.nm, needleNm)
  const nm = nearest(needle.nm, itemAt(NMS, Math.max(0, NMS.indexOf(tried) + sizes)))
  const length = Math.min(Math.max(lengthMm + mm, stitch.mm[0] - MOST_MM), stitch.mm[1] + MOST_MM)
  const tension = came === 'puckered' ? 'looser' : undefined
  return moved(advice, { nm: [nm, nm], mm: [length, length], tension, text, id: `sample-${came}` })
}

/** The size that was tried, no farther from the advised span than one size. */
function nearest([low, high]: readonly [number, number], tried: number): number {
  const [first, last] = [NMS.findIndex((nm) => nm >= low), NMS.findLastIndex((nm) => nm <= high)]
  const at = NMS.findIndex((nm) => nm >= tried)
  return itemAt(NMS, Math.min(Math.max(at, first - MOST_SIZES, 0), Math.min(last + MOST_SIZES, NMS.length - 1)))
}

interface Move {
  nm: readonly [number, number]
  mm: readonly [number, number]
  tension: string | undefined
  text: Phrase
  id: string
}

function moved(advice: SewAdvice, { nm, mm, tension, text, id }: Move): SewAdvice {
  const { needle, stitch } = advice
  const because = (list: string[]) => [id, ...list]
  return {
    ...advice,
    needle: {
      ...needle,
      nm,
      us: [usOf(nm[0]), usOf(nm[1])],
      text: phrase`${text} Our rules say: ${needle.nm.join(' to ')}. ${needle.text}`,
      because: because(needle.because),
    },
    stitch: { ...stitch, mm, text: phrase`${text} ${stitch.text}`, because: because(stitch.because) },
    ...(tension &&
      tension !== 'usual' && {
        tension: { ...advice.tension, id: tension, text, because: because(advice.tension.because) },
      }),
  }
}
