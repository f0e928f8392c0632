import { randomUUID } from 'node:crypto'
import { mkdir, readdir, readFile, rm, stat, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { type Notebook } from './database'
import { picturesInUse } from './burnTests'

/** The largest picture that is kept; a phone's own pictures are made smaller before they are sent. */
export const MOST_PICTURE_BYTES = 8 * 1024 * 1024

/** How a file of each kind begins: offset and bytes. */
const KINDS: readonly {
  ending: string
  type: string
  marks: readonly (readonly [at: number, bytes: readonly number[]])[]
}[] = [
  { ending: 'jpg', type: 'image/jpeg', marks: [[0, [0xff, 0xd8, 0xff]]] },
  { ending: 'png', type: 'image/png', marks: [[0, [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]]] },
  {
    ending: 'webp',
    type: 'image/webp',
    marks: [
      [0, [0x52, 0x49, 0x46, 0x46]],
      [8, [0x57, 0x45, 0x42, 0x50]],
    ],
  },
]

const folderIn = (home: string) => join(home, 'pictures')

/**
 * Puts a picture into the notebook's folder; answers its file name.
 * @throws RangeError where it is too large, or no JPEG, PNG or WebP by its first bytes
 */
export async function savePicture(home: string, bytes: Uint8Array): Promise<string> {
  if (bytes.length > MOST_PICTURE_BYTES) throw new RangeError('The picture is larger than 8 MB.')
  const kind = KINDS.find(({ marks }) =>
    marks.every(([at, mark]) => mark.every((byte, index) => bytes[at + index] === byte)),
  )
  if (!kind) throw new RangeError('That is no JPEG, PNG or WebP picture.')
  const name = `${randomUUID()}.${kind.ending}`
  await mkdir(folderIn(home), { recursive: true })
  await writeFile(join(folderIn(home), name), bytes, { flag: 'wx' })
  return name
}

/** A picture and its media type; undefined where there is none of that name. */
export async function readPicture(
  home: string,
  name: string,
): Promise<{ bytes: Buffer<ArrayBuffer>; type: string } | undefined> {
  const kind = KINDS.find(({ ending }) => name.endsWith(`.${ending}`))
  if (!kind || !/^[0-9a-f-]{36}\.\w+$/.test(name)) return undefined
  try {
    return { bytes: await readFile(join(folderIn(home), name)), type: kind.type }
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
