import { notebookTrouble } from '@/server/database'
import { notebookFile } from '@/server/store/home'
import { rescue } from '@/server/recovery/rescue'

/** What can still be read of a damaged notebook, a record a line; there is nothing to rescue of a sound one. */
export async function GET(): Promise<Response> {
  if ((await notebookTrouble())?.kind !== 'damaged')
    return new Response('This notebook is not damaged.', { status: 404 })
  return new Response(rescue(notebookFile()).join('\n'), {
    headers: {
      'content-type': 'application/x-ndjson',
      'content-disposition': 'attachment; filename="rough-swatch-rescued.jsonl"',
    },
  })
}
