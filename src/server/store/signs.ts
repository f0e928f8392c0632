import { accessSync, constants, existsSync, statSync } from 'node:fs'
import { dirname } from 'node:path'
import { isTrouble, NotebookTrouble, type TroubleKind } from './trouble'

const ANY_WRITE_BIT = 0o222

/** Is there a notebook that may be read but not written? A mode without any write bit counts for everybody. */
export function isProtected(file: string): boolean {
  if (!existsSync(file)) return false
  return [file, dirname(file)].some((path) => (statSync(path).mode & ANY_WRITE_BIT) === 0 || !mayWrite(path))
}

function mayWrite(path: string): boolean {
  try {
    accessSync(path, constants.W_OK)
    return true
  } catch {
    return false
  }
}

const SIGNS: readonly [RegExp, TroubleKind][] = [
  [/SQLITE_(CORRUPT|NOTADB)|malformed|not a database/, 'damaged'],
  [/SQLITE_FULL|ENOSPC|EDQUOT|disk is full/, 'full'],
  [/SQLITE_READONLY|readonly database/, 'read-only'],
  [/EACCES|EPERM|ENOTDIR|ENOENT|EROFS|EEXIST|SQLITE_CANTOPEN|unable to open/, 'folder'],
]

/** The trouble that an error of the system or of SQLite is a sign of; undefined where it is none. */
export function troubleOf(error: unknown): NotebookTrouble | undefined {
  if (isTrouble(error)) return error
  const { code = '', message = '' } = (error ?? {}) as { code?: string; message?: string }
  const kind = SIGNS.find(([sign]) => sign.test(`${code} ${message}`))?.[1]
  return kind && new NotebookTrouble(kind, message || code)
}
