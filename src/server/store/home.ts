import { homedir } from 'node:os'
import { join, resolve } from 'node:path'

/**
 * The folder that holds this person's notebook: `ROUGH_SWATCH_HOME`, else a folder in the home directory.
 */
export function notebookHome(): string {
  return resolve(/* turbopackIgnore: true */ process.env.ROUGH_SWATCH_HOME || join(homedir(), 'rough-swatch'))
}

/** The notebook's one file. */
export function notebookFile(): string {
  return join(notebookHome(), 'notebook.sqlite')
}
