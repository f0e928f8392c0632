import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { type FontFiles } from '../../core/formats/pdf/pen'

const ATKINSON = '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin'

/** The program's own fonts, for paper. */
export function fontFiles(): FontFiles {
  const font = (path: string) => readFileSync(join(/* turbopackIgnore: true */ process.cwd(), 'node_modules', path))
  return {
    title: font('@fontsource/young-serif/files/young-serif-latin-400-normal.woff'),
    text: font(`${ATKINSON}-400-normal.woff`),
    bold: font(`${ATKINSON}-700-normal.woff`),
  }
}
