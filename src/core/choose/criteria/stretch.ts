import { type Offer } from '../../fabric/types'
import { RELIES_ON_STRETCH, stretchRamp } from '../fit/fit'
import { type FullNeed } from '../need/need'
import { GOOD_FIT } from '../fit/steps'
import { type Assessment } from '../fit/types'
import { IMPORTANCE, unknownAssessment } from '../fit/weights'
import { numbersAloneKey, worstSide, type Criterion, type NumberScore } from './criterion'
import { estimateWords } from './estimateWords'

/** Per cent across, which a pattern may rely on. */
export const STRETCH_WIDTH = criterionOf('stretch-width', 'stretchWidth', 'across', true)
/** Along the length hardly any pattern asks for stretch: where it is not known, nothing is said. */
export const STRETCH_LENGTH = criterionOf('stretch-length', 'stretchLength', 'along the length', false)

function criterionOf(
  id: 'stretch-width' | 'stretch-length',
  by: 'stretchWidth' | 'stretchLength',
  where: string,
  isAlwaysAsked: boolean,
): Criterion {
  const score = ({ [by]: asked }: FullNeed): NumberScore => ({
    importance: asked[0] >= RELIES_ON_STRETCH ? IMPORTANCE.stretchRelied : IMPORTANCE.stretch,
    stretch: { by, ramp: stretchRamp(asked) },
    isAlwaysAsked,
  })
  const judge = (need: FullNeed, offer: Offer): Assessment | undefined => {
    const [least, most] = need[by]
    const scored = score(need)
    const { importance } = scored
    const known = offer[by]
    const worst = worstSide(scored, offer)
    if (!known || !worst) {
      const text =
        least >= RELIES_ON_STRETCH
          ? `The pattern needs at least ${least} % stretch ${where}; you have not measured it.`
          : `Stretch ${where} is not measured.`
      return isAlwaysAsked ? unknownAssessment(id, importance, text) : undefined
    }
    const { fit, miss, certainty } = worst
    const shown = `${Math.round(known.value.value)} % stretch ${where}${estimateWords(known.how)}`
    const text =
      miss === null || fit >= GOOD_FIT
        ? `${shown}: as the pattern needs.`
        : miss === 'under'
          ? `${shown}, but the pattern needs at least ${least} %.`
          : `${shown} is more than the ${most} % that the pattern is drafted for: the garment will grow in wear.`
    return { property: id, importance, fit, certainty, miss, text }
  }
  return { id, reads: numbersAloneKey, judge, score }
}
