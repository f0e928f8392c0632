import { mkdir, open, rename } from 'node:fs/promises'
import { existsSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { type MessagePort } from 'node:worker_threads'
import sharp from 'sharp'
import { readExchange, RefusedImport } from '../../core/formats/json/read'
import { isArchive, unpackArchive } from '../../core/formats/zip/read'
import { isPlainJpeg } from '../exchange/plainJpeg'
import { type ImportOutcome } from '../exchange/importing'
import { writeRecords } from '../exchange/writing'
import { cleanPicture, MOST_PIXELS } from './cleanPicture'
import { isReadable } from './sides'
import { workerNotebook } from '../jobs/workerNotebook'
import { countForPlanner } from '../store/statistics'

export interface ImportTask {
  /** The notebook's file; its pictures lie beside it. */
  file: string
  bytes: Uint8Array
  /** ISO 8601. */
  at: string
  isTrial: boolean
  /** Takes `{ done, of }` out, and the word `stop` in. */
  port: MessagePort
}

class Stopped extends Error {}

/** Brings a document or an archive into a notebook, all of it or nothing, in a worker thread. */
export async function importNotebook({ file, bytes, at, isTrial, port }: ImportTask): Promise<ImportOutcome> {
  let isStopped = false
  port.on('message', () => (isStopped = true))
  try {
    const { document, pictures } = isArchive(bytes)
      ? unpackArchive(bytes)
      : { document: new TextDecoder().decode(bytes), pictures: new Map<string, Uint8Array>() }
    const read = readExchange(parsed(document))
    if (read.issues) return { issues: read.issues }
    const { records } = read
    const tell = (done: number) => {
      if (isStopped) throw new Stopped()
      port.postMessage({ done, of: records.length + pictures.size })
    }
    const db = await workerNotebook(file)
    // A picture lies there before a record names it; what nothing names is swept up once it is old.
    const kept = isTrial ? { pictures: 0, refused: 0 } : await keepPictures(dirname(file), pictures, tell)
    const counts = await writeRecords(db, records, { at, isTrial, progress: (done) => tell(done + pictures.size) })
    if (!isTrial) await countForPlanner(db)
    return { ...counts, records: records.length, pictures: kept.pictures, picturesRefused: kept.refused }
  } catch (error) {
    if (error instanceof RefusedImport) return { issues: [...error.issues] }
    if (error instanceof Stopped) return { stopped: true }
    throw error
  } finally {
    port.close()
  }
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    throw new RefusedImport([{ path: 'body', message: 'it is no JSON' }])
  }
}

async function keepPictures(home: string, pictures: Map<string, Uint8Array>, tell: (done: number) => void) {
  const folder = join(home, 'pictures')
  if (pictures.size > 0) await mkdir(folder, { recursive: true })
  const counts = { pictures: 0, refused: 0 }
  let done = 0
  for (const [name, bytes] of pictures) {
    tell(done++)
    if (existsSync(join(folder, name))) continue
    const jpeg = await clean(bytes)
    if (!jpeg) {
      counts.refused += 1
      continue
    }
    await written(join(folder, name), jpeg)
    counts.pictures += 1
  }
  return counts
}

/** As it came where it is nothing but a picture, and decodes; encoded anew otherwise. */
async function clean(bytes: Uint8Array): Promise<Uint8Array | undefined> {
  if (isPlainJpeg(bytes)) {
    const image = sharp(bytes, { failOn: 'error' })
    const decodes = await image.metadata().then(
      (sides) => isReadable(sides, MOST_PIXELS) && image.stats().then(() => true),
      () => false,
    )
    if (await decodes) return bytes
  }
  const outcome = await cleanPicture({ bytes })
  return 'refused' in outcome ? undefined : outcome.jpeg
}

/** All of it under its name, or nothing. */
async function written(path: string, bytes: Uint8Array): Promise<void> {
  const file = await open(`${path}.part`, 'w')
  try {
    await file.writeFile(bytes)
    await file.sync()
  } finally {
    await file.close()
  }
  await rename(`${path}.part`, path)
}
