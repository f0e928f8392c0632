import { issuesOf, problem } from '@/server/api/problem'
import { TileSchema } from '@/ui/cloth/query'
import { clothTile } from '@/ui/cloth/tile'

/** One repeat of a cloth as a picture; the same address is always the same picture. */
export function GET(request: Request): Response {
  const parsed = TileSchema.safeParse(Object.fromEntries(new URL(request.url).searchParams))
  if (!parsed.success) return problem(400, 'bad-input', 'We can’t draw a fabric from this.', issuesOf(parsed.error))
  return new Response(clothTile(parsed.data), {
    headers: { 'content-type': 'image/svg+xml', 'cache-control': 'public, max-age=31536000, immutable' },
  })
}
