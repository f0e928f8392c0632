import { OPACITIES, type Opacity } from '../../vocabulary/cloth'
import { fitOfStep } from '../fit/fit'
import { CERTAINTY, IMPORTANCE, unknownAssessment } from '../fit/weights'
import { knownKey, type Criterion } from './criterion'
import { estimateWords } from './estimateWords'

const OPACITY_WORDS: Readonly<Record<Opacity, string>> = {
  opaque: 'It is opaque',
  'semi-sheer': 'It is semi-sheer',
  sheer: 'It is see-through',
}

/** What shows through it. */
export const OPACITY: Criterion = {
  id: 'opacity',
  reads: ({ opacity }) => knownKey(opacity),
  judge: ({ opacity: wanted }, { opacity: known }) => {
    const importance = IMPORTANCE.opacity
    if (!known) return unknownAssessment('opacity', importance, 'Its opacity is not known: hold your hand behind it.')
    const { fit, miss } = fitOfStep(OPACITIES, known.value, wanted, [1, 0.4, 0.05])
    const is = `${OPACITY_WORDS[known.value]}${estimateWords(known.how)}`
    const text =
      miss === null
        ? `${is}: fine here.`
        : miss === 'under'
          ? `${is}, and the pattern needs it opaque.`
          : `${is}; the pattern needs it sheerer.`
    return { property: 'opacity', importance, fit, certainty: CERTAINTY[known.how], miss, text }
  },
}
