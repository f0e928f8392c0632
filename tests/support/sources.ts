import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'

/** Every file in a folder and in the folders within. */
export function filesIn(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name)
    return entry.isDirectory() ? filesIn(path) : [path]
  })
}

/** The program's own files, without tests. */
export function sourceFiles(): string[] {
  return filesIn('src').filter((file) => /\.tsx?$/.test(file) && !/\.(?:test|d)\.tsx?$/.test(file))
}

/** Which of the files each of them imports. */
export function importsAmong(files: readonly string[]): Map<string, string[]> {
  const known = new Set(files)
  return new Map(files.map((file) => [file, importedBy(file, known)]))
}

function importedBy(file: string, known: ReadonlySet<string>): string[] {
  const text = readFileSync(file, 'utf8')
  return [...text.matchAll(/(?:from|import\()\s*'((?:\.\.?|@)\/[^']+)'/g)].flatMap(([, path]) => {
    const plain = path!.startsWith('@/') ? join('src', path!.slice(2)) : join(dirname(file), path!)
    const found = ['.ts', '.tsx', '/index.ts'].map((end) => plain + end).find((one) => known.has(one))
    return found ? [found] : []
  })
}
