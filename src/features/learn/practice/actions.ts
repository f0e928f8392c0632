'use server'

import { notFound } from 'next/navigation'
import { z } from 'zod'
import { identify } from '@/core/identify/identify'
import { reporterTaughtBy } from '@/core/identify/observerCalibration'
import { fibreListWords } from '@/core/identify/words'
import { listOf } from '@/core/notebook/schemas/text'
import { burnOf } from '@/core/practice/specimen'
import { unlistedFibres } from '@/core/identify/unlisted/kinds'
import { topicById, type Topic } from '@/core/practice/topics'
import { FAMILIES, FIBRE_IDS } from '@/core/vocabulary/fibres'
import { capitalise } from '@/core/units/format'
import { controlBurns } from '@/server/records/controls'
import { notebook } from '@/server/database'
import { answerTopic } from '@/server/records/practice'
import { evidenceWords } from '../../shared/burn/why'
import { readPreferences } from '../../shared/settings/readPreferences'
import { plainAction } from '../../shared/action'
import { now } from '../../shared/now'
import { specimenOf } from './token'
import { type Phrase } from '@/core/text/text'
import { textFor } from '@/core/text/render'

const AnswerSchema = z.strictObject({
  token: z.string().max(400),
  asked: listOf(z.string().max(40), 40),
  family: z.enum(FAMILIES),
  fibres: listOf(z.enum(FIBRE_IDS), 3),
  sure: z.number().min(0.5).max(1),
})

/** What it was, what told most, and what an expert would have said and done next. */
export interface PracticeAnswer {
  was: string
  /** What is worth knowing of it; empty where nothing is. */
  note: string
  familyRight: boolean
  fibreRight: boolean | null
  /** What of the stages that were asked for told most. */
  evidence: { seen: string; says: string }[]
  expert: string
  next: string
  /** When it comes again, ISO 8601. */
  due: string
}

const MOST_TOLD = 3

/** What is worth knowing of a specimen that is not as it seems; empty for all others. */
function noteOf({ finish, weft, isMisleading }: Topic): string {
  if (finish) return unlistedFibres[finish].note
  if (weft) return 'Warp and weft were different: burn each separately with woven fabric.'
  return isMisleading
    ? 'It burned in an unusual way. One burn is not enough: burn it again, and try a test without a flame.'
    : ''
}

/** Answers a specimen. The page stays as it is, with the answer on it: another specimen is asked for. */
export const answerSpecimen = plainAction(
  [AnswerSchema],
  async ({ token, asked, ...said }): Promise<PracticeAnswer> => {
    const specimen = specimenOf(token)
    const topic = specimen && topicById(specimen.topic)
    if (!topic) return notFound()
    const [db, reader] = await Promise.all([notebook(), readPreferences()])
    const { words } = reader
    const controls = await controlBurns(db)
    const burn = burnOf(topic, specimen.seed, reporterTaughtBy(controls))
    const seen = burn.filter(({ feature }) => asked.includes(feature))
    const say = (text: Phrase) => textFor(text, reader)
    const answer = identify({ observations: seen, controls }, words)
    const judged = await answerTopic(db, topic, { ...said, seed: specimen.seed, asked: seen.length }, now())
    const names = [...topic.components, ...(topic.weft ?? [])].map(({ fibre }) => fibre)
    return {
      ...judged,
      was: capitalise(topic.finish ? unlistedFibres[topic.finish].phrase : fibreListWords(names, words)),
      note: noteOf(topic),
      evidence: answer.evidence
        .map(evidenceWords)
        .toSorted((a, b) => b.strength - a.strength)
        .slice(0, MOST_TOLD)
        .map(({ seen: what, says }) => ({ seen: what, says })),
      expert: say(answer.verdict.text),
      next: say(answer.next[0]?.text ?? ''),
    }
  },
)
