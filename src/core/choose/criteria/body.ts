import { BODIES, drapeWords, type Body } from '../../vocabulary/cloth'
import { fitOfStep } from '../fit/fit'
import { CERTAINTY, IMPORTANCE, unknownAssessment } from '../fit/weights'
import { bodyKey, type Criterion } from './criterion'
import { estimateWords } from './estimateWords'

const BODY_WORDS: Readonly<Record<Body, string>> = {
  fluid: 'is fluid',
  soft: 'is soft',
  moderate: 'has some body',
  crisp: 'is crisp',
  stiff: 'is stiff',
}

/** How it falls. */
export const BODY: Criterion = {
  id: 'body',
  reads: bodyKey,
  judge: ({ body: wanted }, { body: known }) => {
    const importance = IMPORTANCE.body
    const want = drapeWords(wanted)
    if (!known)
      return unknownAssessment(
        'body',
        importance,
        `The pattern needs ${want}; the drape of this fabric is not known.`,
      )
    const { fit, miss } = fitOfStep(BODIES, known.value, wanted, [1, 0.6, 0.2, 0])
    const is = `It ${BODY_WORDS[known.value]}`
    const text =
      miss === null
        ? `${is}, as the pattern needs${estimateWords(known.how)}.`
        : `${is}${estimateWords(known.how)}; the pattern needs ${want}.`
    return { property: 'body', importance, fit, certainty: CERTAINTY[known.how], miss, text }
  },
}
