import { doerOf } from './act'
import { FORMATS, hostileFile, type Format } from './hostileFiles'
import { type Random } from './random'

/** What came of one hostile file. */
export interface Hit {
  format: Format
  turn: number
  /** Where it was sent. */
  to: string
  /** 0 where there was no answer. */
  status: number
  ms: number
  /** The first words of the answer. */
  says: string
}

const PATIENCE_MS = 120_000
const ID = '01890a5d-ac96-7000-8000-0000000000aa'

type Sent = (url: string, bytes: Uint8Array<ArrayBuffer>) => Promise<Response>

const asFile = (path: string, field: string, name: string, more: Record<string, string> = {}): Sent => {
  return (url, bytes) => {
    const form = new FormData()
    form.set(field, new Blob([bytes]), name)
    for (const [key, value] of Object.entries(more)) form.set(key, value)
    return fetch(url + path, { method: 'POST', body: form, signal: AbortSignal.timeout(PATIENCE_MS) })
  }
}
const asBody: Sent = (url, bytes) =>
  fetch(`${url}/api/v1/import?trial=1`, { method: 'POST', body: bytes, signal: AbortSignal.timeout(PATIENCE_MS) })
const asText: Sent = (url, bytes) =>
  fetch(`${url}/api/v1/table`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ text: new TextDecoder().decode(bytes).slice(0, 890_000) }),
    signal: AbortSignal.timeout(PATIENCE_MS),
  })

/** An action of a page, with the file in its form. */
const byAction =
  (
    build: string,
    name: string,
    field: string,
    before: readonly unknown[] = [],
    after: readonly unknown[] = [],
  ): Sent =>
  (url, bytes) => {
    const form = new FormData()
    form.set(field, new Blob([bytes]), 'file')
    form.set('kind', 'taken')
    return doerOf(url, build, PATIENCE_MS).answer(name, ...before, form, ...after)
  }

/** Every way by which a file of a format comes in. */
const waysIn = (build: string): Readonly<Record<Format, Readonly<Record<string, Sent>>>> => ({
  dxf: {
    outlines: asFile('/api/v1/outlines', 'file', 'a.dxf'),
    addFromFile: byAction(build, 'addFromFile', 'file', [ID]),
  },
  svg: {
    outlines: asFile('/api/v1/outlines', 'file', 'a.svg'),
    square: asFile('/api/v1/outlines', 'file', 'a.svg', { squareMm: '50' }),
  },
  csv: { table: asText, takeTable: byAction(build, 'importTable', 'table', [], [{ columns: null, isTrial: true }]) },
  ics: { takeCalendar: byAction(build, 'takeCalendar', 'calendar') },
  json: { import: asBody },
  zip: { import: asBody },
  picture: {
    count: asFile('/api/v1/count', 'image', 'a.png', { pixelsPerCm: '100' }),
    addPicture: byAction(build, 'addEnvelopePicture', 'picture', [ID]),
  },
})

/**
 * Sends hostile files of every format by every way in, several at once.
 * @param each how many of each format
 */
export async function sendHostile(
  url: string,
  { build, each, random, atOnce = 3 }: { build: string; each: number; random: Random; atOnce?: number },
): Promise<Hit[]> {
  const ways = waysIn(build)
  const shots = Array.from({ length: each }, (_, turn) =>
    FORMATS.map((format) => {
      const names = Object.keys(ways[format])
      return { format, turn, to: names[Math.floor(turn / 2) % names.length]! }
    }),
  ).flat()
  const hits: Hit[] = []
  const sender = async () => {
    for (let shot = shots.shift(); shot; shot = shots.shift()) {
      const bytes = hostileFile(shot.format, shot.turn, random)
      const since = performance.now()
      const answer = await ways[shot.format][shot.to]!(url, bytes).catch((error: unknown) => String(error))
      const ms = Math.round(performance.now() - since)
      const says = typeof answer === 'string' ? answer : (await answer.text()).slice(0, 160)
      hits.push({ ...shot, status: typeof answer === 'string' ? 0 : answer.status, ms, says })
    }
  }
  await Promise.all(Array.from({ length: atOnce }, sender))
  return hits
}

/** How long pages take while something else goes on, ms, from the shortest to the longest. */
export async function timesOf(url: string, paths: readonly string[], until: Promise<unknown>): Promise<number[]> {
  const times: number[] = []
  let isOver = false
  void until.finally(() => (isOver = true))
  for (let i = 0; !isOver; i++) {
    const since = performance.now()
    await fetch(url + paths[i % paths.length]!).then((answer) => answer.text())
    times.push(performance.now() - since)
    await new Promise((resolve) => setTimeout(resolve, 40))
  }
  return times.sort((a, b) => a - b)
}
