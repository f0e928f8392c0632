import { randomInt } from 'node:crypto'
import { burnFeatures, featureById } from '@/core/identify/features'
import { reporterTaughtBy } from '@/core/identify/nose'
import { burnOf } from '@/core/practice/specimen'
import { isDue, nextTopic } from '@/core/practice/schedule'
import { beforeAndAfter, calibrationWords, confusions, reliability, scoreOf } from '@/core/practice/scoring'
import { FAMILY_WORDS, FIBRE_IDS, FIBRE_WORDS, FAMILIES } from '@/core/vocabulary/fibres'
import { type Vocabulary } from '@/core/vocabulary/words'
import { controlBurns } from '@/server/controls'
import { notebook } from '@/server/database'
import { begunOf, givenBlind, givenIn, practised } from '@/server/practice'
import { allRecords } from '@/server/store/repository'
import { tokenOf } from './token'

/** Specimens differ by so many seeds. */
const SEEDS = 1_000_000_000

/** A specimen to practise on: what it shows at each stage, and not what it is. @param now ISO 8601 */
export async function loadPractice(words: Vocabulary, now: string) {
  const seed = randomInt(SEEDS)
  const db = await notebook()
  const [kept, controls] = await Promise.all([practised(db), controlBurns(db)])
  const begun = begunOf(kept)
  const topic = nextTopic(begun, now, seed)
  const burn = burnOf(topic, seed, reporterTaughtBy(controls))
  return {
    token: tokenOf({ topic: topic.id, seed }),
    isOwnNose: controls.length > 0,
    due: begun.filter((one) => isDue(one, now)).length,
    answered: givenIn(kept).length,
    stages: burnFeatures.map(({ id }) => ({
      feature: id,
      title: stageWords(id),
      states: burn.find(({ feature }) => feature === id)!.states,
      says: statesWords(id, burn.find(({ feature }) => feature === id)!.states),
    })),
    families: FAMILIES.filter((id) => id !== 'mineral').map((id) => [id, FAMILY_WORDS[id].name] as const),
    fibres: FIBRE_IDS.map((id) => [id, FIBRE_WORDS[id][words]] as const),
  }
}
export type PracticeData = Awaited<ReturnType<typeof loadPractice>>

/** What is asked at a stage, in the words of the bench. */
const stageWords = (feature: string) => featureById(feature).title

function statesWords(feature: string, states: readonly string[]): string {
  const known = featureById(feature).states
  return states.map((state) => known.find(({ id }) => id === state)?.label ?? state).join(' and ')
}

/** How practice went: shares, sureness beside what came, what is taken for what, before and after. */
export async function loadScore() {
  const db = await notebook()
  const [kept, boxes] = await Promise.all([practised(db), allRecords(db, 'blind-box')])
  const given = [...givenIn(kept), ...givenBlind(boxes.kept)]
  return {
    score: scoreOf(given),
    words: calibrationWords(given),
    reliability: reliability(given),
    confusions: confusions(given).map(({ was, said, count }) => ({
      was: FAMILY_WORDS[was].name,
      said: FAMILY_WORDS[said].name,
      count,
    })),
    ...beforeAndAfter(given),
  }
}
export type ScoreData = Awaited<ReturnType<typeof loadScore>>
