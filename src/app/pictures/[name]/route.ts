import { notebookHome } from '@/server/home'
import { readPicture } from '@/server/pictures'

export async function GET(_: Request, { params }: { params: Promise<{ name: string }> }): Promise<Response> {
  const picture = await readPicture(notebookHome(), (await params).name)
  if (!picture) return new Response('No such picture.', { status: 404 })
  return new Response(picture.bytes, {
    headers: {
      'content-type': picture.type,
      'cache-control': 'private, max-age=31536000, immutable',
      'x-content-type-options': 'nosniff',
    },
  })
}
