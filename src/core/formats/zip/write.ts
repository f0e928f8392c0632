import { Zip, ZipDeflate, ZipPassThrough } from 'fflate'

/** Level 4 takes a third of the time of 9 and about as much room. */
const LEVEL = 4

/** A file of an archive: text as it comes, which is compressed, or bytes that are so already. */
export type ArchivedFile = { name: string; text: AsyncIterable<string> } | { name: string; bytes: Uint8Array }

/**
 * A ZIP archive, part by part.
 * @param at what its files are dated
 * @param breathe called after each part of a text, so that others are served in between
 */
export async function* writeZip(
  files: AsyncIterable<ArchivedFile>,
  at: number,
  breathe: () => Promise<void>,
): AsyncGenerator<Uint8Array> {
  const parts: Uint8Array[] = []
  const zip = new Zip((error, data) => {
    if (error) throw error
    parts.push(data)
  })
  const encoder = new TextEncoder()
  for await (const one of files) {
    const isText = 'text' in one
    const file = isText ? new ZipDeflate(one.name, { level: LEVEL }) : new ZipPassThrough(one.name)
    file.mtime = at
    zip.add(file)
    if (isText) {
      for await (const text of one.text) {
        file.push(encoder.encode(text))
        yield* parts.splice(0)
        await breathe()
      }
      file.push(new Uint8Array(0), true)
    } else file.push(one.bytes, true)
    yield* parts.splice(0)
  }
  zip.end()
  yield* parts.splice(0)
}
