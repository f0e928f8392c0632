import { randomInt } from 'node:crypto'
import { reporterTaughtBy } from '@/core/identify/observerCalibration'
import { burnOf } from '@/core/practice/specimen'
import { foretoldAndCame } from '@/core/practice/foretold'
import { isDue, nextTopic } from '@/core/practice/schedule'
import { beforeAndAfter, calibrationWords, confusions, reliability, practiceScoreOf } from '@/core/practice/scoring'
import { FAMILY_WORDS } from '@/core/vocabulary/fibres'
import { type Vocabulary } from '@/core/vocabulary/words'
import { controlBurns } from '@/server/records/controls'
import { notebook } from '@/server/database'
import { begunOf, foretoldIn, givenBlind, givenIn, listPractice } from '@/server/records/practice'
import { allRecords } from '@/server/store/repository'
import { choicesIn } from './choices'
import { stagesOf } from './stages'
import { tokenOf } from './token'

/** Specimens differ by so many seeds. */
const SEEDS = 1_000_000_000

/** A specimen to practise on: what it shows at each stage, and not what it is. @param now ISO 8601 */
export async function loadPractice(words: Vocabulary, now: string) {
  const seed = randomInt(SEEDS)
  const db = await notebook()
  const [kept, controls] = await Promise.all([listPractice(db), controlBurns(db)])
  const begun = begunOf(kept)
  const topic = nextTopic(begun, now, seed)
  const burn = burnOf(topic, seed, reporterTaughtBy(controls))
  return {
    token: tokenOf({ topic: topic.id, seed }),
    isOwnNose: controls.length > 0,
    due: begun.filter((one) => isDue(one, now)).length,
    answered: givenIn(kept).length,
    stages: stagesOf(burn),
    ...choicesIn(words),
  }
}
export type PracticeData = Awaited<ReturnType<typeof loadPractice>>

/** How practice went: shares, sureness beside what came, what is taken for what, before and after. */
export async function loadScore() {
  const db = await notebook()
  const [kept, boxes] = await Promise.all([listPractice(db), allRecords(db, 'blind-box')])
  const given = [...givenIn(kept), ...givenBlind(boxes.kept)]
  return {
    score: practiceScoreOf(given),
    words: calibrationWords(given),
    reliability: reliability(given),
    confusions: confusions(given).map(({ was, said, count }) => ({
      was: FAMILY_WORDS[was].name,
      said: FAMILY_WORDS[said].name,
      count,
    })),
    ...beforeAndAfter(given),
    foretold: foretoldAndCame(foretoldIn(kept)),
  }
}
export type ScoreData = Awaited<ReturnType<typeof loadScore>>
