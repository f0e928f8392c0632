import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { ASKS_NOTHING, type ShelfQuery } from '@/core/stashSearch/query'
import { askShelf } from '@/server/cache/askShelf'
import { shelfOf } from '@/server/cache/shelf'
import { openNotebook } from '@/server/database'
import { endHeavy } from '@/server/jobs/pool'
import { fullTextSearch } from '@/server/records/fullTextSearch'
import { compare } from './tools/processor'
import { type Figure } from './tools/report'
import { ratioFigure } from './tools/words'

const QUESTIONS: Readonly<Record<string, Partial<ShelfQuery>>> = {
  'all of it, by location': {},
  'two facets': { chosen: { family: ['plant'], weight: ['light'] } },
  'enough for 2.3 m at 140 cm, near a colour': { enough: { lengthMm: 2300, widthMm: 1400 }, colour: '#8c2f39' },
  'two words': { text: 'ballroom velvet' },
}

/**
 * What a question to the whole stash takes, against the fewest steps that could answer it: one pass over three typed
 * columns that stand ready, and the same search for words.
 */
export async function benchSearch(file: string): Promise<Figure[]> {
  const db = await openNotebook(file)
  try {
    const shelf = await shelfOf(db, 'uk')
    await shelf.settled()
    const columns = columnsOf((await shelfOf(db, 'uk')).inOrder('place'))
    const figures: Figure[] = []
    for (const [what, asked] of Object.entries(QUESTIONS)) {
      const query = { ...ASKS_NOTHING, ...asked }
      const bare = async () => {
        const worded = await fullTextSearch(db, query.text)
        return bareCount(columns, worded)
      }
      const compared = await compare(() => askShelf(db, query, 'uk'), bare)
      figures.push(ratioFigure(what, 'a bare pass over three columns', compared))
    }
    return figures
  } finally {
    await db.destroy()
    await endHeavy()
  }
}

interface Columns {
  ids: readonly string[]
  gsm: Float64Array
  lengthMm: Float64Array
  family: Uint8Array
}

function columnsOf(pieces: readonly PieceSummary[]): Columns {
  return {
    ids: pieces.map(({ id }) => id),
    gsm: Float64Array.from(pieces, ({ gsmAbout }) => gsmAbout ?? Number.NaN),
    lengthMm: Float64Array.from(pieces, ({ lengthMm }) => lengthMm ?? Number.NaN),
    family: Uint8Array.from(pieces, ({ families }) => families.length),
  }
}

/** Passes over the columns, keeps what answers, and counts by one of them. */
function bareCount({ ids, gsm, lengthMm, family }: Columns, worded: ReadonlySet<string> | null) {
  const counts = new Int32Array(256)
  const found: number[] = []
  for (let i = 0; i < ids.length; i++) {
    if (worded && !worded.has(ids[i] as string)) continue
    const isLight = (gsm[i] as number) < 200 && (lengthMm[i] as number) > 100
    counts[family[i] as number] = (counts[family[i] as number] as number) + 1
    if (isLight) found.push(i)
  }
  return { found, counts }
}
