import { shownHome } from '@/server/sample/sampleNotebook'
import { readPicture, readSmallPicture } from '@/server/pictures/pictures'

export async function GET(request: Request, { params }: { params: Promise<{ name: string }> }): Promise<Response> {
  const { name } = await params
  const isSmall = new URL(request.url).searchParams.has('small')
  const picture = await (isSmall ? readSmallPicture : readPicture)(await shownHome(), name)
  if (!picture) return new Response('There is no picture with this name.', { status: 404 })
  return new Response(picture.bytes, {
    headers: {
      'content-type': picture.type,
      'cache-control': 'private, max-age=31536000, immutable',
      'x-content-type-options': 'nosniff',
    },
  })
}
