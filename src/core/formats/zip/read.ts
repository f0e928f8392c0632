import { strFromU8, unzipSync } from 'fflate'
import { RefusedImport } from '../json/read'

/** What an archive of a notebook may hold at the most, unpacked, bytes. */
const MOST_BYTES = 1024 * 1024 * 1024
const MOST_JSON_BYTES = 300 * 1024 * 1024
const MOST_PICTURE_BYTES = 16 * 1024 * 1024
const MOST_FILES = 100_000

export const DOCUMENT_NAME = 'notebook.json'
const PICTURE_PATH = /^pictures\/([0-9a-f-]{36}\.jpg)$/

export interface Unpacked {
  document: string
  /** Bytes by file name. */
  pictures: Map<string, Uint8Array>
}

/** Whether these bytes begin as a ZIP archive does. */
export function isArchive(bytes: Uint8Array): boolean {
  return bytes[0] === 0x50 && bytes[1] === 0x4b && bytes[2] === 3 && bytes[3] === 4
}

/**
 * The document and the pictures of an archive; whatever else is in it is left alone. No name of it becomes a path.
 * @throws RefusedImport where it is no archive of a notebook, or holds more than it may
 */
export function unpackArchive(bytes: Uint8Array): Unpacked {
  let [all, files] = [0, 0]
  let entries: Record<string, Uint8Array>
  try {
    entries = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        const most = name === DOCUMENT_NAME ? MOST_JSON_BYTES : PICTURE_PATH.test(name) ? MOST_PICTURE_BYTES : 0
        if (most === 0) return false
        all += originalSize
        files += 1
        if (originalSize > most || all > MOST_BYTES || files > MOST_FILES)
          throw new RefusedImport([{ path: name, message: 'it unpacks to more than a notebook holds' }])
        return true
      },
    })
  } catch (error) {
    if (error instanceof RefusedImport) throw error
    throw new RefusedImport([{ path: 'body', message: 'the archive is damaged' }])
  }
  const document = entries[DOCUMENT_NAME]
  if (!document) throw new RefusedImport([{ path: 'body', message: `there is no ${DOCUMENT_NAME} in the archive` }])
  const pictures = Object.entries(entries).flatMap(([path, file]) => {
    const name = PICTURE_PATH.exec(path)?.[1]
    return name ? [[name, file] as const] : []
  })
  return { document: strFromU8(document), pictures: new Map(pictures) }
}
