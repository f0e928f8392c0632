'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { z } from 'zod'
import { PatternSchema } from '@/core/notebook/need'
import { pathWords } from '@/server/api/problem'
import { notebook } from '@/server/database'
import { addPattern, removePattern } from '@/server/patterns'

export type PatternOutcome = { ok: true; id: number } | { ok: false; errors: Record<string, string> }

export async function keepPattern(input: unknown): Promise<PatternOutcome> {
  const parsed = PatternSchema.safeParse(input)
  if (!parsed.success) {
    return { ok: false, errors: Object.fromEntries(parsed.error.issues.map(({ path, message }) => [pathWords(path), message])) }
  }
  const id = await addPattern(await notebook(), parsed.data, new Date().toISOString())
  revalidatePath('/', 'layout')
  return { ok: true, id }
}

export async function dropPattern(patternId: number): Promise<void> {
  await removePattern(await notebook(), z.number().int().positive().parse(patternId))
  revalidatePath('/', 'layout')
  redirect('/patterns')
}
