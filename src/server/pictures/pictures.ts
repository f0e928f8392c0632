import { randomUUID } from 'node:crypto'
import { mkdir, open, readdir, readFile, rename, rm, stat, writeFile } from 'node:fs/promises'
import { basename, join } from 'node:path'
import { sql } from 'kysely'
import { type Notebook } from '../store/openNotebook'
import { runJob } from '../jobs/pool'
import { binFrom } from '../store/history'
import { troubleOf } from '../store/signs'
import { mustHave } from '@/core/lists/items'

/** The largest picture that is kept; a phone's own pictures are made smaller before they are sent. */
export const MOST_PICTURE_BYTES = 8 * 1024 * 1024

/** What is kept now, and what was kept before. */
const TYPES: Readonly<Record<string, string>> = { jpg: 'image/jpeg', png: 'image/png', webp: 'image/webp' }

const typeOf = (name: string) => TYPES[/^[0-9a-f-]{36}\.(jpg|png|webp)$/.exec(name)?.[1] ?? '']

/** Longest side of a small picture, px. */
const SMALL_SIDE = 480

const folderIn = (home: string) => join(home, 'pictures')

/**
 * Puts a picture into the notebook's folder, encoded anew; answers its file name once it lies on the disk.
 * @throws RangeError where it is too large, or no JPEG, PNG or WebP that can be decoded
 */
export async function savePicture(home: string, bytes: Uint8Array): Promise<string> {
  if (bytes.length > MOST_PICTURE_BYTES) throw new RangeError('The photo is larger than 8 MB.')
  const outcome = await runJob('cleanPicture', { bytes })
  if ('refused' in outcome) throw new RangeError(outcome.refused)
  const name = `${randomUUID()}.jpg`
  await mkdir(folderIn(home), { recursive: true })
  const path = join(folderIn(home), name)
  const file = await open(path, 'wx')
  try {
    await file.writeFile(outcome.jpeg)
    await file.sync()
  } catch (error) {
    // Half of a picture is none, and would lie there until it is swept.
    await rm(path, { force: true })
    throw troubleOf(error) ?? error
  } finally {
    await file.close()
  }
  return name
}

/** A picture and its media type; undefined where there is none of that name. */
export async function readPicture(
  home: string,
  name: string,
): Promise<{ bytes: Buffer<ArrayBuffer>; type: string } | undefined> {
  const type = typeOf(name)
  if (type === undefined) return undefined
  try {
    return { bytes: await readFile(join(folderIn(home), name)), type }
  } catch {
    return undefined
  }
}

/** A picture made small, for tiles; made when it is first asked for. */
export async function readSmallPicture(
  home: string,
  name: string,
): Promise<{ bytes: Buffer<ArrayBuffer>; type: string } | undefined> {
  if (typeOf(name) === undefined) return undefined
  const folder = join(folderIn(home), 'small')
  const file = join(folder, `${name.slice(0, 36)}.jpg`)
  const known = await readFile(file).catch(() => undefined)
  if (known) return { bytes: known, type: mustHave(TYPES.jpg) }
  const full = await readPicture(home, name)
  if (!full) return undefined
  const outcome = await runJob('cleanPicture', { bytes: new Uint8Array(full.bytes), longestSide: SMALL_SIDE })
  if ('refused' in outcome) return undefined
  await mkdir(folder, { recursive: true })
  // It can be made again at any time: whoever reads half of it does not matter as long as none is left.
  const part = `${file}.${randomUUID()}.part`
  try {
    await writeFile(part, outcome.jpeg)
    await rename(part, file)
  } catch {
    // A full disk: it is shown, and made again another time.
    await rm(part, { force: true })
  }
  return { bytes: Buffer.from(outcome.jpeg), type: mustHave(TYPES.jpg) }
}

/** Takes a picture away that was written and is not wanted after all. */
export async function removePicture(home: string, name: string): Promise<void> {
  if (typeOf(name) === undefined) return
  await rm(join(folderIn(home), name), { force: true })
  await rm(join(folderIn(home), 'small', `${name.slice(0, 36)}.jpg`), { force: true })
}

/** The file names of every picture that lies there, in their order. */
export async function pictureNames(home: string): Promise<string[]> {
  const names = await readdir(folderIn(home)).catch(() => [])
  return names.filter((name) => typeOf(name) !== undefined).sort()
}

const PICTURE_NAMES = /[0-9a-f-]{36}\.(?:jpg|png|webp)/g

/** Every picture that is named somewhere in a text. */
export function picturesNamedIn(text: string): Set<string> {
  return new Set(text.match(PICTURE_NAMES) ?? [])
}

/** Every picture that a record names, or one that lies in the bin or may be taken back. @param now ms since 1970 */
export async function picturesInUse(db: Notebook, now: number): Promise<Set<string>> {
  const since = binFrom(new Date(now).toISOString())
  const { rows } = await sql<{ data: string }>`
    select data from record where data like '%.jpg%' or data like '%.png%' or data like '%.webp%'
    union all
    select before as data from change where at >= ${since}
      and (before like '%.jpg%' or before like '%.png%' or before like '%.webp%')`.execute(db)
  return new Set(rows.flatMap(({ data }) => [...picturesNamedIn(data)]))
}

/** How long a picture may lie there before a note names it, ms: the note is kept by the page that sent it. */
const UNNAMED_FOR_MS = 24 * 60 * 60 * 1000

/**
 * Removes the pictures that nothing names any more, once they are old: a new one may be waiting for its note.
 * @param now ms since 1970
 */
export async function sweepPictures(db: Notebook, home: string, now: number): Promise<void> {
  const [used, names] = await Promise.all([picturesInUse(db, now), readdir(folderIn(home)).catch(() => [])])
  const unused = names
    .filter((name) => typeOf(name) !== undefined && !used.has(name))
    .map((name) => join(folderIn(home), name))
  for (const file of unused) {
    const { mtimeMs } = await stat(file)
    if (now - mtimeMs > UNNAMED_FOR_MS) await removePicture(home, basename(file))
  }
}
