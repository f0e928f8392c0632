import { z } from 'zod'
import { SHEET_IDS } from '@/core/cards/sheets'
import { bookPdf, cardsPdf, piecesAsked } from '@/features/stash/cards/load'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { originForPhones } from '@/server/auth/shared'
import { issuesOf, problem, problemOfHeavy } from '@/server/api/problem'

const Asked = z.object({
  sheet: z.enum([...SHEET_IDS, 'book', 'list']).default('a4'),
  /** Stickers that are used up on the first sheet. */
  skip: z.coerce.number().int().min(0).max(64).default(0),
  labels: z.enum(['pieces', 'places']).default('pieces'),
})

/** Swatch cards, stickers or the book of the pieces that the address asks for, as a PDF. */
export async function GET(request: Request): Promise<Response> {
  const { searchParams } = new URL(request.url)
  const asked = Asked.safeParse(Object.fromEntries(searchParams))
  if (!asked.success) return problem(400, 'bad-input', 'There is no sheet with this name.', issuesOf(asked.error))
  const preferences = await readPreferences()
  const gists = await piecesAsked(searchParams, preferences.words)
  if (gists.length === 0)
    return problem(404, 'bad-input', 'There is nothing to print.', [
      { path: 'id', message: 'there is no such fabric' },
    ])
  const { sheet, skip, labels } = asked.data
  const origin = originForPhones(request.headers.get('host'))
  try {
    const bytes =
      sheet === 'book' || sheet === 'list'
        ? await bookPdf(gists, preferences, { isList: sheet === 'list', signal: request.signal })
        : await cardsPdf(gists, preferences, { sheet, skip, origin, labels, signal: request.signal })
    return new Response(new Uint8Array(bytes), {
      headers: {
        'content-type': 'application/pdf',
        'content-disposition': `inline; filename="rough-swatch-${sheet}.pdf"`,
        'cache-control': 'no-store',
      },
    })
  } catch (error) {
    const refused = problemOfHeavy(error)
    if (refused) return refused
    throw error
  }
}
