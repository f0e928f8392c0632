import Database from 'libsql'
import { NotebookTrouble } from '../store/trouble'

// Pages and routes are bundled apart, each with a module of its own; a claim is the whole process's.
const kept = globalThis as { roughSwatchClaims?: Map<string, InstanceType<typeof Database>> }

/** The claims of this process, by file; they last as long as it does. */
const held = (kept.roughSwatchClaims ??= new Map())

/**
 * Claims a notebook for this process: a lock that the system lets go of by itself when the process ends, however it
 * ends.
 * @throws NotebookTrouble where another process has it
 */
export function claim(file: string): void {
  if (held.has(file)) return
  const lock = new Database(`${file}.lock`)
  try {
    lock.exec('pragma journal_mode = delete')
    lock.exec('begin exclusive')
  } catch (error) {
    lock.close()
    throw new NotebookTrouble('in-use', error instanceof Error ? error.message : String(error))
  }
  held.set(file, lock)
}

/** Lets go of a notebook. */
export function release(file: string): void {
  held.get(file)?.close()
  held.delete(file)
}
