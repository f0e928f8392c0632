'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { z } from 'zod'
import { PatternSchema } from '@/core/notebook/need'
import { notebook } from '@/server/database'
import { addPattern, removePattern } from '@/server/patterns'
import { refused, type Outcome } from '../outcome'

export async function keepPattern(input: unknown): Promise<Outcome> {
  const parsed = PatternSchema.safeParse(input)
  if (!parsed.success) return refused(parsed.error)
  const id = await addPattern(await notebook(), parsed.data, new Date().toISOString())
  revalidatePath('/', 'layout')
  return { ok: true, id }
}

export async function dropPattern(patternId: number): Promise<void> {
  await removePattern(await notebook(), z.number().int().positive().parse(patternId))
  revalidatePath('/', 'layout')
  redirect('/patterns')
}
