import { mkdtempSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { ASKS_NOTHING, type ShelfQuery } from '@/core/stashSearch/query'
import { filterShelf, inOrder, stashRowOf } from '@/core/stashSearch/filter'
import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { openNotebook, type Notebook } from '@/server/database'
import { endHeavy } from '@/server/jobs/pool'
import { exportedJson } from '@/server/exchange/exporting'
import { importInto } from '@/server/exchange/importing'
import { askShelf } from '@/server/cache/askShelf'
import { shelfOf } from '@/server/cache/shelf'
import { fullTextSearch } from '@/server/records/fullTextSearch'
import { fillBig } from './bigNotebook'
import { benchPages } from './pages'

const SIZE = { pieces: 20_000, patterns: 200, tests: 2000, measurements: 38_000, projects: 200 }
const TODAY = '2026-05-02T12:00:00.000Z'

const QUESTIONS: Readonly<Record<string, Partial<ShelfQuery>>> = {
  'all of it': {},
  'two facets': { chosen: { family: ['plant'], weight: ['light'] } },
  'enough for 2.3 m at 140 cm, near a colour': { enough: { lengthMm: 2300, widthMm: 1400 }, colour: '#8c2f39' },
  'two words': { text: 'ballroom velvet' },
  'a word with a slip': { text: 'balroom' },
}

async function seconds(work: () => Promise<unknown>): Promise<number> {
  const since = performance.now()
  await work()
  return (performance.now() - since) / 1000
}

/** Median of thirty, the two in turn. @returns seconds of the call, and how many times those of its peer */
async function against(call: () => Promise<unknown>, peer: () => Promise<unknown>) {
  const times: number[] = []
  const ratios: number[] = []
  for (let i = 0; i < 34; i++) {
    const [own, other] = [await seconds(call), await seconds(peer)]
    if (i < 4) continue
    times.push(own)
    ratios.push(own / other)
  }
  const middle = (list: number[]) => list.sort((a, b) => a - b)[15]!
  return { median: middle(times), ratio: middle(ratios) }
}

/** The best plain way without a memory of its own: every gist read, parsed, put in order and filtered each time. */
async function plainly(db: Notebook, query: ShelfQuery): Promise<unknown> {
  const rows = await db.selectFrom('remembered').select('gist').execute()
  const shelf = rows.map(({ gist }) => stashRowOf(JSON.parse(gist) as PieceSummary, TODAY))
  return filterShelf(inOrder(shelf, query.sort), query, await fullTextSearch(db, query.text))
}

/** The big notebook: `npm run bench -- --big`. */
export async function benchBig(): Promise<void> {
  const file = join(mkdtempSync(join(tmpdir(), 'rough-swatch-big-')), 'notebook.sqlite')
  console.log(`\nThe big notebook (${SIZE.pieces} pieces, ${SIZE.tests + SIZE.measurements} rows of evidence)`)
  const filled = await seconds(() => fillBig(file, SIZE))
  const db = await openNotebook(file)
  const lookedOver = await seconds(async () => {
    await shelfOf(db, 'uk')
    await (await shelfOf(db, 'uk')).settled()
    await shelfOf(db, 'uk')
  })
  console.log(`filled in ${filled.toFixed(0)} s, ${(statSync(file).size / 1e6).toFixed(0)} MB; looked over in`)
  console.log(`${lookedOver.toFixed(0)} s in a worker thread`)
  for (const [what, asked] of Object.entries(QUESTIONS)) {
    const query = { ...ASKS_NOTHING, ...asked }
    const { median, ratio } = await against(
      () => askShelf(db, query, 'uk'),
      () => plainly(db, query),
    )
    const share = (1 / ratio).toFixed(0)
    console.log(
      `  ${what}: ${(median * 1000).toFixed(1)} ms, ${share} times quicker than reading every gist each time`,
    )
  }
  await benchExchange()
  await db.destroy()
  await endHeavy()
  await benchPages(dirname(file))
}

/** Five thousand pieces out and in again. */
async function benchExchange(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'rough-swatch-exchange-'))
  const file = join(folder, 'five.sqlite')
  await fillBig(file, { pieces: 5000, patterns: 20, tests: 500, measurements: 9500, projects: 0 })
  const db = await openNotebook(file)
  let text = ''
  const out = await seconds(async () => {
    for await (const part of exportedJson(db, TODAY)) text += part
  })
  const other = await openNotebook(join(folder, 'other.sqlite'))
  const bytes = new TextEncoder().encode(text)
  const parse = await seconds(() => Promise.resolve(JSON.parse(text)))
  const taken = await seconds(() => importInto(other, bytes, { at: TODAY, isTrial: false }))
  console.log(
    `5000 pieces with their evidence (${(bytes.length / 1e6).toFixed(1)} MB): out in ${out.toFixed(1)} s, ` +
      `in in ${taken.toFixed(1)} s; parsing it alone takes ${parse.toFixed(2)} s`,
  )
  await db.destroy()
  await other.destroy()
}
