import { randomUUID } from 'node:crypto'
import { mkdir, open, readdir, readFile, rm, stat } from 'node:fs/promises'
import { join } from 'node:path'
import { type Notebook } from './database'
import { picturesInUse } from './burnTests'
import { runHeavy } from './heavy/pool'

/** The largest picture that is kept; a phone's own pictures are made smaller before they are sent. */
export const MOST_PICTURE_BYTES = 8 * 1024 * 1024

/** What is kept now, and what was kept before. */
const TYPES: Readonly<Record<string, string>> = { jpg: 'image/jpeg', png: 'image/png', webp: 'image/webp' }

const folderIn = (home: string) => join(home, 'pictures')

/**
 * Puts a picture into the notebook's folder, encoded anew; answers its file name once it lies on the disk.
 * @throws RangeError where it is too large, or no JPEG, PNG or WebP that can be decoded
 */
export async function savePicture(home: string, bytes: Uint8Array): Promise<string> {
  if (bytes.length > MOST_PICTURE_BYTES) throw new RangeError('The picture is larger than 8 MB.')
  const outcome = await runHeavy('cleanPicture', { bytes })
  if ('refused' in outcome) throw new RangeError(outcome.refused)
  const name = `${randomUUID()}.jpg`
  await mkdir(folderIn(home), { recursive: true })
  const file = await open(join(folderIn(home), name), 'wx')
  try {
    await file.writeFile(outcome.jpeg)
    await file.sync()
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
  const type = TYPES[/^[0-9a-f-]{36}\.(jpg|png|webp)$/.exec(name)?.[1] ?? '']
  if (type === undefined) return undefined
  try {
    return { bytes: await readFile(join(folderIn(home), name)), type }
  } catch {
    return undefined
  }
}

/** How long a picture may lie there before a note names it, ms: the note is kept by the page that sent it. */
const UNNAMED_FOR_MS = 24 * 60 * 60 * 1000

/**
 * Removes the pictures that no specimen has any more, once they are old: a new one may be waiting for its note.
 * @param now ms since 1970
 */
export async function sweepPictures(db: Notebook, home: string, now: number): Promise<void> {
  const [used, names] = await Promise.all([picturesInUse(db), readdir(folderIn(home)).catch(() => [])])
  const unused = names.filter((name) => !used.has(name)).map((name) => join(folderIn(home), name))
  for (const file of unused) {
    const { mtimeMs } = await stat(file)
    if (now - mtimeMs > UNNAMED_FOR_MS) await rm(file)
  }
}
