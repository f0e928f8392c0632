import { BODIES, type Body } from '../../vocabulary/cloth'
import { fitOfStep } from '../fit/fit'
import { CERTAINTY, IMPORTANCE, unknownAssessment } from '../fit/weights'
import { bodyKey, type Criterion } from './criterion'
import { estimateWords } from './estimateWords'

const BODY_WORDS: Readonly<Record<Body, string>> = {
  fluid: 'flows like water',
  soft: 'falls softly',
  moderate: 'has some body',
  crisp: 'stands away crisply',
  stiff: 'is stiff',
}

/** How it falls. */
export const BODY: Criterion = {
  id: 'body',
  reads: bodyKey,
  judge: ({ body: wanted }, { body: known }) => {
    const importance = IMPORTANCE.body
    const want = wanted.join(' or ')
    if (!known)
      return unknownAssessment(
        'body',
        importance,
        `The pattern wants a ${want} cloth; how this one falls is not written down.`,
      )
    const { fit, miss } = fitOfStep(BODIES, known.value, wanted, [1, 0.6, 0.2, 0])
    const is = `It ${BODY_WORDS[known.value]}`
    const text =
      miss === null
        ? `${is}, as the pattern wants${estimateWords(known.how)}.`
        : `${is}${estimateWords(known.how)}; the pattern wants a ${want} cloth.`
    return { property: 'body', importance, fit, certainty: CERTAINTY[known.how], miss, text }
  },
}
