import { notebook } from '@/server/database'
import { findRecord } from '@/server/store/repository'

/** A saved view by its id: goes to the stash with its filters. */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const view = await findRecord(await notebook(), 'view', (await params).id)
  const to = new URL(view ? `/stash?${view.data.query}` : '/stash', request.url)
  return new Response(null, { status: 307, headers: { location: to.pathname + to.search } })
}
