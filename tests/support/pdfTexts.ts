import { execFileSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

export interface Item {
  str: string
  transform: number[]
  width: number
}

export type Pages = { items: Item[]; width: number; height: number }[]

/** Every piece of text of these PDFs, by page, with where it stands; read by another program than wrote them. */
export function textsOf(pdfs: readonly Uint8Array[]): Pages[] {
  const folder = mkdtempSync(join(tmpdir(), 'rough-swatch-pdf-'))
  const files = pdfs.map((bytes, i) => {
    const file = join(folder, `${i}.pdf`)
    writeFileSync(file, bytes)
    return file
  })
  const told = execFileSync(process.execPath, ['tests/support/pdfText.mjs', ...files], {
    encoding: 'utf8',
    maxBuffer: 64 * 1024 * 1024,
  })
  return JSON.parse(told) as Pages[]
}
