/** Markers of a JPEG that say how it is coded, and nothing else: JFIF, tables, frames and restarts (ITU-T T.81). */
const PLAIN = new Set([0xe0, 0xdb, 0xc0, 0xc1, 0xc2, 0xc4, 0xdd])
const START = 0xd8
const SCAN = 0xda
const END = 0xd9

/**
 * Whether a file is a JPEG with nothing in it but the picture: no place, no comment, no profile, nothing behind its
 * end. Such a file may be kept as it came.
 */
export function isPlainJpeg(bytes: Uint8Array): boolean {
  if (bytes[0] !== 0xff || bytes[1] !== START) return false
  let at = 2
  while (at + 4 <= bytes.length) {
    if (bytes[at] !== 0xff) return false
    const marker = bytes[at + 1]!
    const length = bytes[at + 2]! * 256 + bytes[at + 3]!
    if (marker === SCAN) {
      const next = afterScan(bytes, at + 2 + length)
      if (bytes[next + 1] === END) return next + 2 === bytes.length
      at = next
      continue
    }
    if (!PLAIN.has(marker) || length < 2) return false
    at += 2 + length
  }
  return false
}

/** Where the next marker stands after coded data; stuffed bytes and restarts belong to the data. */
function afterScan(bytes: Uint8Array, from: number): number {
  for (let at = from; at + 1 < bytes.length; at++) {
    if (bytes[at] !== 0xff) continue
    const next = bytes[at + 1]!
    if (next !== 0 && !(next >= 0xd0 && next <= 0xd7)) return at
  }
  return bytes.length
}
