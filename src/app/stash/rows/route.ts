import { z } from 'zod'
import { issuesOf, problem } from '@/server/api/problem'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { loadRows } from '@/features/stash/load'

const FromSchema = z.object({ from: z.coerce.number().int().min(0).max(1_000_000) })

/** Some of the stash, from the place where one has scrolled to: the same that the page asks, in the same words. */
export async function GET(request: Request): Promise<Response> {
  const { searchParams } = new URL(request.url)
  const asked = FromSchema.safeParse({ from: searchParams.get('from') ?? 0 })
  if (!asked.success) return problem(400, 'bad-input', 'There is no such place in the stash.', issuesOf(asked.error))
  return Response.json({ rows: await loadRows(searchParams, await readPreferences(), asked.data.from) })
}
