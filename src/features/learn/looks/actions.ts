'use server'

import { notFound } from 'next/navigation'
import { z } from 'zod'
import { lookById, partedBy, type Parting } from '@/core/practice/looks'
import { capitalise } from '@/core/units/format'
import { notebook } from '@/server/database'
import { answerLook } from '@/server/records/practice'
import { readPreferences } from '../../shared/settings/readPreferences'
import { plainAction } from '../../shared/action'
import { now } from '../../shared/now'
import { specimenOf } from '../practice/token'
import { type Phrase } from '@/core/text/text'

const SaidSchema = z.strictObject({
  token: z.string().max(400),
  said: z.string().max(60),
  sure: z.number().min(0.25).max(1),
})

/** What it was, and the looks that part it from what it was taken for. */
export interface LookTold {
  right: boolean
  was: { id: string; name: string; makes: Phrase }
  /** What it was taken for, where that is another. */
  taken: { id: string; name: string; makes: Phrase } | null
  parted: Parting[]
  due: string
}

/** Names a fabric. */
export const sayLook = plainAction([SaidSchema], async ({ token, said, sure }): Promise<LookTold> => {
  const specimen = specimenOf(token)
  const cloth = specimen && lookById(specimen.topic)
  const chosen = lookById(said)
  if (!cloth || !chosen) return notFound()
  const { words } = await readPreferences()
  const answer = await answerLook(await notebook(), cloth.id, { said, sure, right: cloth.id }, now())
  const tell = ({ id, name, makes }: typeof cloth) => ({ id, name: capitalise(name[words]), makes })
  return {
    ...answer,
    was: tell(cloth),
    taken: answer.right ? null : tell(chosen),
    parted: answer.right ? [] : partedBy(cloth, chosen),
  }
})
