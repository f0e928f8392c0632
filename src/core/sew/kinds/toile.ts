import { type SeamId } from '../seamWords'
import { type Points, type Rule } from '../rule'
import { stitchLengthMm } from '../../text/amounts'
import { phrase } from '../../text/text'

/** A test garment is sewn to be taken apart again. Common practice. */
export const toileSeams: readonly Rule<Points<SeamId>>[] = [
  {
    id: 'seam-toile',
    when: (c) => c.makes('toile'),
    gives: { plain: 20, overlocked: -20, french: -20, 'flat-felled': -20, zigzag: -10 },
    text: 'left raw: it is ripped open where the fit changes.',
    safety: 3,
  },
]
export const toileLengths: readonly Rule<readonly [number, number]>[] = [
  {
    id: 'length-toile',
    when: (c) => c.makes('toile') && !c.isFilm,
    gives: [4, 5],
    text: phrase`${stitchLengthMm(4, 5)}: a test garment is taken apart again.`,
    safety: 4,
  },
]
