import { rawOf } from '@/features/shared/damaged/load'
import { problem } from '@/server/api/problem'

/** All that a record holds which cannot be read, as it lies in the notebook. */
export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params
  const raw = await rawOf(id)
  if (raw === undefined)
    return problem(404, 'bad-input', 'There is no record with this id.', [{ path: 'id', message: 'no such record' }])
  return new Response(raw, {
    headers: {
      'content-type': 'text/plain; charset=utf-8',
      'content-disposition': `attachment; filename="rough-swatch-${id}.json"`,
      'cache-control': 'no-store',
    },
  })
}
