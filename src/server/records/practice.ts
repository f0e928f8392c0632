import { LookPracticeSchema } from '../../core/notebook/kinds/look'
import { PracticeSchema, MOST_ANSWERS, type Practice } from '../../core/notebook/kinds/practice'
import { familyOf, judgedBlind } from '../../core/practice/blind'
import { replayPractice, type Foretold } from '../../core/practice/foretold'
import { judgeAnswer, type JudgedAnswer, type SaidAnswer } from '../../core/practice/judge'
import { gradeOf, isDue, reviewCard, type Begun } from '../../core/practice/schedule'
import { type Given } from '../../core/practice/scoring'
import { sideTopicById } from '../../core/practice/sides'
import { topicById, type Topic } from '../../core/practice/topics'
import { type Notebook } from '../store/openNotebook'
import { allRecords, changeRecord, createRecord, inTransaction } from '../store/repository'
import { type Kept } from '../store/kept'

/** Every topic that was begun. */
export async function listPractice(db: Notebook): Promise<Kept<'practice'>[]> {
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

/** What was known before each answer but a topic’s first, in the order in which they came. */
export function foretoldIn(kept: readonly Kept<'practice'>[]): Foretold[] {
  const rated = ({ at, familyRight, fibreRight, sure }: Practice['answers'][number]) => ({
    at,
    grade: gradeOf({ familyRight, fibreRight }, sure),
    right: familyRight && fibreRight !== false,
  })
  return kept
    .flatMap(({ data: { answers } }) => replayPractice(answers.map(rated)))
    .sort((a, b) => (a.at < b.at ? -1 : 1))
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

/** Every cloth that was practised by looking. */
export async function listLooks(db: Notebook): Promise<Kept<'look'>[]> {
  return (await seen(db)).filter(({ data }) => sideTopicById(data.topic) === undefined)
}

/** Everything of warp, face, pile, grain and light that was practised. */
export async function sidesTried(db: Notebook): Promise<Kept<'look'>[]> {
  return (await seen(db)).filter(({ data }) => sideTopicById(data.topic) !== undefined)
}

async function seen(db: Notebook): Promise<Kept<'look'>[]> {
  return (await allRecords(db, 'look')).kept
}

export function begunLooks(kept: readonly Kept<'look'>[]): Begun[] {
  return kept.map(({ data: { topic, card, answers } }) => ({ topic, card, right: answers.map(({ right }) => right) }))
}

/** How many topics are due, of burns and of looks. @param at ISO 8601 */
export async function dueCount(db: Notebook, at: string): Promise<number> {
  const [burns, looks] = await Promise.all([listPractice(db), seen(db)])
  return [...burns, ...looks].filter(({ data }) => isDue(data, at)).length
}

/**
 * Writes down what was said of a cloth that was looked at.
 * @param right what would have been right; @param at ISO 8601
 * @returns whether it was, and when it comes again
 */
export async function answerLook(
  db: Notebook,
  topic: string,
  { said, sure, right: answer }: { said: string; sure: number; right: string },
  at: string,
): Promise<{ right: boolean; due: string }> {
  return inTransaction(db, async (open) => {
    const before = (await seen(open)).find(({ data }) => data.topic === topic)
    const right = said === answer
    const card = reviewCard(before?.data.card ?? null, gradeOf({ familyRight: right, fibreRight: right }, sure), at)
    const answers = [...(before?.data.answers ?? []), { at, said, sure, right }].slice(-MOST_ANSWERS)
    const data = LookPracticeSchema.parse({ topic, card, answers })
    if (before) await changeRecord(open, 'look', before, data, at)
    else await createRecord(open, 'look', data, at)
    return { right, due: card.due }
  })
}

/** Writes an answer down: its topic comes again by how it went. @param at ISO 8601 */
export async function answerTopic(
  db: Notebook,
  topic: Topic,
  { seed, asked, ...said }: SaidAnswer & { seed: number; asked: number },
  at: string,
): Promise<JudgedAnswer & { due: string }> {
  return inTransaction(db, async (open) => {
    const before = (await listPractice(open)).find(({ data }) => data.topic === topic.id)
    const right = judgeAnswer(topic, said)
    const card = reviewCard(before?.data.card ?? null, gradeOf(right, said.sure), at)
    const answer: Practice['answers'][number] = { at, seed, asked, ...said, fibres: [...said.fibres], ...right }
    const answers = [...(before?.data.answers ?? []), answer].slice(-MOST_ANSWERS)
    const data = PracticeSchema.parse({ topic: topic.id, card, answers })
    if (before) await changeRecord(open, 'practice', before, data, at)
    else await createRecord(open, 'practice', data, at)
    return { ...right, due: card.due }
  })
}
