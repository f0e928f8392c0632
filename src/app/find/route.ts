import { readPreferences } from '@/features/shared/settings/readPreferences'
import { loadFound } from '@/features/frame/loadFound'

/** So many of each are offered while somebody types. */
const MOST = 5

/** What answers to words that are being typed. */
export async function GET(request: Request): Promise<Response> {
  const text = (new URL(request.url).searchParams.get('q') ?? '').slice(0, 100)
  return Response.json({ groups: await loadFound(text, await readPreferences(), MOST) })
}
