import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { openNotebook, type Notebook } from '@/server/database'
import { amendRecord } from '@/server/store/amend'
import { startServer } from '../../support/ownServer'
import { compare, cost, memoryMbOf, processorMsOf, spreadOf } from '../tools/processor'
import { type Figure } from '../tools/report'
import { timeOf, timesOf } from '../tools/words'
import { pathsIn } from './paths'
import { mustHave } from '@/core/lists/items'

/** A page that reads none of the notebook. */
const BARE = '/safety'
/** What a page may take at most: times a bare page, and kB of HTML. */
const [MOST_TIMES, MOST_KB] = [12, 150]
/** Rounds of a page after a write; each is one write and one request. */
const WRITES = 10
const [MOST_FIRST_MS, MOST_MB, MOST_LOOKED_OVER_S] = [1000, 250, 60]

/** The built program over a notebook, and how its processor time is read. */
export interface Running {
  url: string
  get: (path: string) => Promise<string>
  clock: () => number
  pid: number
}

/** What each page takes of the server's processor: after a start, warm, and after one write. @param home folder */
export async function benchPages(home: string): Promise<Figure[]> {
  const db = await openNotebook(join(home, 'notebook.sqlite'))
  try {
    return [...(await served(home, lookingOver(db))), ...(await served(home, pagesOver(db)))]
  } finally {
    await db.destroy()
  }
}

/** Does something with the built program over a notebook. */
export async function served<T>(home: string, work: (running: Running) => Promise<T>): Promise<T> {
  const server = await startServer(home)
  const pid = mustHave(server.pid)
  try {
    return await work({
      url: server.url,
      pid,
      clock: () => processorMsOf(pid),
      get: async (path) => (await fetch(server.url + path)).text(),
    })
  } finally {
    await server.stop()
  }
}

/** Everything is looked over, as after a new version of the program. */
function lookingOver(db: Notebook) {
  return async ({ get, clock }: Running): Promise<Figure[]> => {
    const { pieces, ms } = await untilLookedOver(db, get, clock)
    // Looked over already, by this very version.
    if (pieces === 0) return []
    const seconds = ms / 1000
    const figure: Figure = {
      what: `looking ${pieces} fabrics over, after a new version of the program`,
      figure: timeOf(ms),
      aim: `${MOST_LOOKED_OVER_S} s`,
      isMet: seconds <= MOST_LOOKED_OVER_S,
    }
    return [figure]
  }
}

function pagesOver(db: Notebook) {
  return async ({ get, clock, pid }: Running): Promise<Figure[]> => {
    const first = await cost(() => get('/stash'), clock)
    const figures: Figure[] = [
      {
        what: 'first page after a start: the stash',
        figure: timeOf(first),
        aim: timeOf(MOST_FIRST_MS),
        isMet: first <= MOST_FIRST_MS,
      },
    ]
    const write = writerOf(db)
    for (const [name, path] of Object.entries(await pathsIn(db)))
      figures.push(...(await benchPage({ name, path, get, clock, write })))
    const mb = memoryMbOf(pid)
    return [
      ...figures,
      {
        what: 'memory of the server after all pages',
        figure: `${mb.toFixed(0)} MB`,
        aim: `${MOST_MB} MB`,
        isMet: mb <= MOST_MB,
      },
    ]
  }
}

interface Asked {
  name: string
  path: string
  get: (path: string) => Promise<string>
  clock: () => number
  write: () => Promise<void>
}

async function benchPage({ name, path, get, clock, write }: Asked): Promise<Figure[]> {
  const since = performance.now()
  const html = await get(path)
  // What takes seconds is not asked for forty times.
  const isSlow = performance.now() - since > 2000
  const warm = await compare(
    () => get(path),
    () => get(BARE),
    { clock, ...(isSlow && { rounds: 5, warm: 1 }) },
  )
  const after: number[] = []
  for (let i = 0; i < (isSlow ? 3 : WRITES); i++) {
    await write()
    after.push(await cost(() => get(path), clock))
  }
  const bare = warm.peer.median
  const written = spreadOf(after.map((ms) => ms / bare))
  const kb = html.length / 1000
  const isMet = warm.ratio.median <= MOST_TIMES && written.median <= MOST_TIMES && kb <= MOST_KB
  const size = `${kb.toFixed(0)} kB of HTML, ${(gzipSync(html).length / 1000).toFixed(0)} compressed`
  return [
    {
      what: name,
      figure: `${timesOf(warm.ratio)} warm, ${timesOf(written)} after a write, ${size}`,
      aim: `${MOST_TIMES} × and ${MOST_KB} kB`,
      isMet,
      note: `${timeOf(warm.own.median)} and ${timeOf(spreadOf(after).median)} against ${timeOf(bare)}`,
    },
  ]
}

/** Changes one fabric after another, as somebody does who works with the notebook beside. */
export function writerOf(db: Notebook): () => Promise<void> {
  let ids: string[] | undefined
  let next = 0
  return async () => {
    ids ??= (
      await db.selectFrom('reference').select('from_id').where('field', '=', 'lotId').limit(400).execute()
    ).map(({ from_id }) => from_id)
    const id = mustHave(ids[next++ % ids.length])
    await amendRecord(db, 'piece', id, new Date().toISOString(), (data) => ({
      ...data,
      notes: `Seen ${next} times.`,
    }))
  }
}

/** Asks for a page until every fabric is looked over. @returns how many there were, and what it took, ms */
export async function untilLookedOver(db: Notebook, get: (path: string) => Promise<string>, clock: () => number) {
  const left = async () =>
    (
      await db
        .selectFrom('stale')
        .select(({ fn }) => fn.countAll<number>().as('n'))
        .executeTakeFirstOrThrow()
    ).n
  const [marked, since] = [await left(), clock()]
  await get('/stash')
  // A new version marks them when it is first asked.
  const pieces = Math.max(marked, await left())
  while ((await left()) > 0) await new Promise((resolve) => setTimeout(resolve, 500))
  return { pieces, ms: clock() - since }
}
