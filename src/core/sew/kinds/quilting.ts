import { type Points, type Rule } from '../rule'
import { type HemId, type SeamId } from '../seamWords'
import { type Thread } from '../../vocabulary/threads'
import { type SewCase } from '../sewCase'
import { inCm, stitchLengthMm } from '../../text/amounts'
import { phrase } from '../../text/text'

const isQuilt = (c: SewCase) => c.makes('quilt')
const isPieced = (c: SewCase) => isQuilt(c) && c.isWoven && c.isMostly('plant') && !c.is('pile', 'coated')

/** Quilts. Common practice. */
export const quiltingOrder: readonly Rule<null>[] = [
  {
    id: 'quarter-inch-seams',
    when: isQuilt,
    gives: null,
    text: 'Sew 6 mm (¼ in) seams, all alike, and press them to the darker side; check the first block with a ruler.',
    safety: 1,
  },
  {
    id: 'quilt-sandwich',
    when: isQuilt,
    gives: null,
    text: phrase`Cut backing and wadding ${inCm(10)} larger all round, tack or pin the three layers from the
      middle, then quilt outwards.`,
    safety: 1,
  },
  {
    id: 'quilt-binding',
    when: isQuilt,
    gives: null,
    text: phrase`Bind the edges double (strips of ${inCm(6)}), mitred at the corners, after the quilting.`,
    safety: 1,
  },
]
export const quiltingThreads: readonly Rule<Points<Thread>>[] = [
  {
    id: 'thread-cotton-quilt',
    when: isPieced,
    gives: { cotton: 4 },
    text: 'cotton of weight 50 for piecing, 40 to 30 for quilting: it beds into the fabric.',
    safety: 1,
  },
]
export const quiltingLengths: readonly Rule<readonly [number, number]>[] = [
  {
    id: 'length-piecing',
    when: isPieced,
    gives: [2, 2.5],
    text: phrase`${stitchLengthMm(2)} for piecing, since seams are cut across; ${stitchLengthMm(2.5, 3)} for the
      quilting.`,
    safety: 2,
  },
]
export const quiltingSeams: readonly Rule<Points<SeamId>>[] = [
  {
    id: 'seam-piecing',
    when: (c) => isQuilt(c) && !c.isFilm,
    gives: { plain: 14, overlocked: -20, french: -20, zigzag: -8 },
    text: 'pressed to one side; the quilting through all layers holds the edges.',
    safety: 3,
  },
]
export const quiltingHems: readonly Rule<Points<HemId>>[] = [
  {
    id: 'hem-quilt-binding',
    when: isQuilt,
    gives: { banded: 16 },
    text: 'a double binding all round, mitred at the corners.',
    safety: 3,
  },
]
