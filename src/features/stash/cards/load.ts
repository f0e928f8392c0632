import { byPlace, NOWHERE, type Card, type BookLine, type SheetId } from '@/core/cards/sheets'
import { fibreById } from '@/core/fibres/catalogue'
import { type Piece } from '@/core/notebook/kinds/piece'
import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { readQuery } from '@/core/stashSearch/readQuery'
import { type UnitSystem } from '@/core/units/format'
import { shortNumberOf } from '@/core/pieces/shortNumber'
import { tallyOf } from '@/core/pieces/tally'
import { ASKS_NOTHING, writeQuery } from '@/core/stashSearch/query'
import { SORTING_WORDS } from '@/core/vocabulary/stash'
import { WASH_STATE_WORDS } from '@/core/vocabulary/cloth'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { runJob } from '@/server/jobs/pool'
import { askShelf } from '@/server/cache/askShelf'
import { shelfOf } from '@/server/cache/shelf'
import { recordsByIds } from '@/server/store/repository'
import { drawnAs } from '@/ui/cloth/drawnAs'
import { clothTile } from '@/ui/cloth/tile'
import { capitalise } from '@/core/units/format'
import { tallyWords } from '../heap/tallyWords'
import { fibreWords, pieceWords, sizeWords, thingWords, weightWords } from '../../shared/stash/describe'
import { mustHave } from '@/core/lists/items'

/** What a label is for. */
export type Labels = 'pieces' | 'places'

interface Preferences {
  units: UnitSystem
  words: Vocabulary
}

/** More are not printed at once. */
export const MOST_CARDS = 240
const MOST_LINES = 5000

/** The pieces that an address asks for: those named by `id`, else what answers to the filters. */
export async function piecesAsked(params: URLSearchParams, words: Vocabulary): Promise<readonly PieceSummary[]> {
  const db = await notebook()
  const ids = params.getAll('id')
  if (ids.length === 0) return (await askShelf(db, readQuery(params), words)).found
  const shelf = await shelfOf(db, words)
  return ids.flatMap((id) => shelf.find(id) ?? [])
}

/**
 * Cards of these pieces as a PDF.
 * @param origin where a phone reaches this program: the codes lead there; null: nowhere, and there are none
 * @param signal of a client that may go away
 */
export async function cardsPdf(
  gists: readonly PieceSummary[],
  { units, words }: Preferences,
  how: { sheet: SheetId; skip: number; origin: string | null; labels: Labels; signal?: AbortSignal },
): Promise<Uint8Array> {
  const { sheet, skip, origin, labels, signal } = how
  if (labels === 'places') {
    const places = byPlace(gists).slice(0, MOST_CARDS)
    return runJob('printCards', { cards: places.map((one) => placeCard(one, origin)), sheet, skip }, signal)
  }
  const some = gists.slice(0, MOST_CARDS)
  const records = await recordsByIds(
    await notebook(),
    'piece',
    some.map(({ id }) => id),
  )
  const pieces = new Map(records.map(({ id, data }) => [id, data]))
  const cards = some.map((gist) => cardOf(gist, pieces.get(gist.id), units, words, origin))
  return runJob('printCards', { cards, sheet, skip }, signal)
}

function cardOf(
  gist: PieceSummary,
  piece: Piece | undefined,
  units: UnitSystem,
  words: Vocabulary,
  origin: string | null,
): Card {
  const lines = [
    weightWords(gist, units),
    sizeWords(gist, units),
    [thingWords(gist, words), gist.called].filter(Boolean).join(', '),
    gist.washed === 'unknown' ? '' : WASH_STATE_WORDS[gist.washed],
    gist.place ? `lies: ${gist.place}` : '',
    piece?.ideas ?? '',
  ]
  return {
    name: gist.name,
    fibre: capitalise(fibreWords(gist, words)),
    lines: lines.filter(Boolean),
    care: piece?.care ?? [],
    url: origin && `${origin}/stash/${gist.id}`,
    number: shortNumberOf(gist.id),
    drawing: clothTile(drawnAs(gist.weave, gist.look)),
    hasSnip: true,
  }
}

/** A shelf or a box: what it comes to, and what lies in it; its code opens the stash there. */
function placeCard(
  { place, pieces }: { place: string; pieces: readonly PieceSummary[] },
  origin: string | null,
): Card {
  const query = writeQuery({ ...ASKS_NOTHING, chosen: place ? { place: [place] } : {} })
  return {
    name: place || NOWHERE,
    fibre: tallyWords(tallyOf(pieces)),
    lines: pieces.map(({ name }) => name),
    care: [],
    url: origin && `${origin}/stash?${query.toString()}`,
    number: '',
    drawing: '',
    hasSnip: false,
  }
}

/** These pieces as a book with an index, or as a list to tick off. */
export function bookPdf(
  gists: readonly PieceSummary[],
  { units, words }: Preferences,
  { isList, signal }: { isList: boolean; signal?: AbortSignal },
): Promise<Uint8Array> {
  const lines = gists.slice(0, MOST_LINES).map((gist): BookLine => ({
    name: gist.name,
    place: gist.place,
    says: pieceWords(gist, units, words),
    words: [gist.called, ...gist.fibres.map((id) => fibreById(id).name[words]), ...gist.tags].filter(Boolean),
  }))
  const task = { lines, title: titleOf(gists), lead: tallyWords(tallyOf(gists)), isList }
  return runJob('printBook', task, signal)
}

/** What pieces of one sorting are printed for; else they are the stash. */
function titleOf(gists: readonly PieceSummary[]): string {
  const [first] = gists
  const isOne = first?.sorting && gists.every(({ sorting }) => sorting === first.sorting)
  return isOne ? `To ${SORTING_WORDS[mustHave(first.sorting)]}` : 'Stash'
}
