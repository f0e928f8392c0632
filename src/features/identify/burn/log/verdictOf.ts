import { identify } from '@/core/identify/identify'
import { type ControlBurn } from '@/core/identify/observerCalibration'
import { type Verdict } from '@/core/identify/types'
import { questionOf, type TestAnswer } from '@/core/notebook/answers'
import { type TestSetup } from '@/core/notebook/kinds/burnTest'
import { type Vocabulary } from '@/core/vocabulary/words'

/** What the answers of one test come to. */
export function logVerdictOf(
  answers: readonly TestAnswer[],
  setup: TestSetup,
  controls: readonly ControlBurn[],
  words: Vocabulary,
): Verdict {
  return identify(questionOf(answers, setup, controls), words).verdict
}
