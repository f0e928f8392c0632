import { PracticeSchema, MOST_ANSWERS, type Practice } from '../core/notebook/kinds/practice'
import { familyOf, judgedBlind } from '../core/practice/blind'
import { judged, type Judged, type Said } from '../core/practice/judge'
import { gradeOf, isDue, reviewed, type Begun } from '../core/practice/schedule'
import { type Given } from '../core/practice/scoring'
import { topicById, type Topic } from '../core/practice/topics'
import { type Notebook } from './database'
import { allRecords, changeRecord, createRecord, within, type Kept } from './store/repository'

/** Every topic that was begun. */
export async function practised(db: Notebook): Promise<Kept<'practice'>[]> {
  return (await allRecords(db, 'practice')).kept
}

export function begunOf(kept: readonly Kept<'practice'>[]): Begun[] {
  return kept.map(({ data: { topic, card, answers } }) => ({
    topic,
    card,
    right: answers.map(({ familyRight, fibreRight }) => familyRight && fibreRight !== false),
  }))
}

/** Every answer, for scoring. */
export function givenIn(kept: readonly Kept<'practice'>[]): Given[] {
  return kept.flatMap(({ data: { topic, answers } }) => {
    const known = topicById(topic)
    return answers.map(({ at, sure, familyRight, fibreRight, family }) => ({
      at,
      sure,
      familyRight,
      fibreRight,
      was: known?.families[0] ?? family,
      said: family,
    }))
  })
}

/** Answers to blind boxes that are open again, for scoring: until the last is given, none of them tells anything. */
export function givenBlind(boxes: readonly Kept<'blind-box'>[]): Given[] {
  return boxes.flatMap(({ data: { begun, entries } }) => {
    if (entries.some(({ answer }) => answer === null)) return []
    return entries.flatMap(({ fibres, answer }) =>
      answer === null
        ? []
        : [
            {
              at: begun,
              sure: answer.sure,
              ...judgedBlind({ fibres }, answer),
              was: familyOf(fibres),
              said: answer.family,
            },
          ],
    )
  })
}

/** How many topics are due. @param at ISO 8601 */
export async function dueCount(db: Notebook, at: string): Promise<number> {
  return (await practised(db)).filter(({ data }) => isDue(data, at)).length
}

/** Writes an answer down: its topic comes again by how it went. @param at ISO 8601 */
export async function answerTopic(
  db: Notebook,
  topic: Topic,
  { seed, asked, ...said }: Said & { seed: number; asked: number },
  at: string,
): Promise<Judged & { due: string }> {
  return within(db, async (open) => {
    const before = (await practised(open)).find(({ data }) => data.topic === topic.id)
    const right = judged(topic, said)
    const card = reviewed(before?.data.card ?? null, gradeOf(right, said.sure), at)
    const answer: Practice['answers'][number] = { at, seed, asked, ...said, fibres: [...said.fibres], ...right }
    const answers = [...(before?.data.answers ?? []), answer].slice(-MOST_ANSWERS)
    const data = PracticeSchema.parse({ topic: topic.id, card, answers })
    if (before) await changeRecord(open, 'practice', before, data, at)
    else await createRecord(open, 'practice', data, at)
    return { ...right, due: card.due }
  })
}
