'use server'

import { redirect } from 'next/navigation'
import { z } from 'zod'
import { AnswerSchema } from '@/core/notebook/records'
import { findFeature } from '@/core/identify/features'
import { PARTS } from '@/core/identify/types'
import { removeBurnTest, setAnswers, startBurnTest } from '@/server/burnTests'
import { notebook } from '@/server/database'

/** An answer, or a blank where nothing was seen. */
const Saved = z.union([
  AnswerSchema,
  z.strictObject({
    specimen: z.number().int().min(1).max(20),
    part: z.enum(PARTS),
    feature: z.string().refine((id) => findFeature(id) !== undefined, 'unknown feature'),
    states: z.array(z.string()).max(0),
  }),
])

const now = () => new Date().toISOString()

/** Begins a test and goes to it. */
export async function beginTest(pieceId: number | null): Promise<void> {
  const id = await startBurnTest(await notebook(), z.number().int().positive().nullable().parse(pieceId), now())
  redirect(`/bench/${id}`)
}

/** Keeps all answers of a test as they stand. Says false where the test is gone; throws on nonsense. */
export async function saveAnswers(testId: number, answers: unknown): Promise<boolean> {
  return setAnswers(await notebook(), z.number().int().positive().parse(testId), z.array(Saved).max(500).parse(answers), now())
}

export async function discardTest(testId: number): Promise<void> {
  await removeBurnTest(await notebook(), z.number().int().positive().parse(testId))
  redirect('/bench')
}
