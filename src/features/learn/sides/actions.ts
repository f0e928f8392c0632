'use server'

import { notFound } from 'next/navigation'
import { z } from 'zod'
import { sideQuestion, sideTopicById } from '@/core/practice/sides'
import { CHOICES_OF, SIDE_CHOICE_WORDS, SIDE_CHOICES } from '@/core/vocabulary/sides'
import { notebook } from '@/server/database'
import { answerLook } from '@/server/practice'
import { now } from '../../shared/now'
import { parseOr404 } from '../../shared/parseOr404'
import { specimenOf } from '../practice/token'
import { type ActionInput } from '../../shared/actionInput'

const SaidSchema = z.strictObject({
  token: z.string().max(400),
  said: z.enum(SIDE_CHOICES),
  sure: z.number().min(0.25).max(1),
})

/** Whether it was right, what would have been, and what tells it. */
export interface SideTold {
  right: boolean
  answer: string
  because: string
  due: string
}

/** Says what was seen of a cloth. */
export async function saySide(input: ActionInput<typeof SaidSchema>): Promise<SideTold> {
  const { token, said, sure } = parseOr404(SaidSchema, input)
  const specimen = specimenOf(token)
  const topic = specimen && sideTopicById(specimen.topic)
  if (!topic || !CHOICES_OF[topic.ask].includes(said)) return notFound()
  const { answer } = sideQuestion(topic, specimen.seed)
  const kept = await answerLook(await notebook(), topic.id, { said, sure, right: answer }, now())
  return { ...kept, answer: SIDE_CHOICE_WORDS[answer], because: topic.because }
}
