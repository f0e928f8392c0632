'use server'

import { notFound } from 'next/navigation'
import { z } from 'zod'
import { sideQuestion, sideTopicById } from '@/core/practice/sides'
import { CHOICES_OF, SIDE_CHOICE_WORDS, SIDE_CHOICES } from '@/core/vocabulary/sides'
import { notebook } from '@/server/database'
import { answerLook } from '@/server/records/practice'
import { plainAction } from '../../shared/action'
import { now } from '../../shared/now'
import { specimenOf } from '../practice/token'

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

/** Says what was seen of a fabric. */
export const saySide = plainAction([SaidSchema], async ({ token, said, sure }): Promise<SideTold> => {
  const specimen = specimenOf(token)
  const topic = specimen && sideTopicById(specimen.topic)
  if (!topic || !CHOICES_OF[topic.ask].includes(said)) return notFound()
  const { answer } = sideQuestion(topic, specimen.seed)
  const kept = await answerLook(await notebook(), topic.id, { said, sure, right: answer }, now())
  return { ...kept, answer: SIDE_CHOICE_WORDS[answer], because: topic.because }
})
