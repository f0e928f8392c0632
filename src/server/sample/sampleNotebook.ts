import { execFile } from 'node:child_process'
import { existsSync, mkdirSync, renameSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { RefusedError } from '../store/errors'
import { notebookHome } from '../store/home'
import { openToRead, type Notebook } from '../store/openNotebook'
import { isSampleChosen } from './chosen'

const run = promisify(execFile)

// A development server reloads modules; the sample stays open, and is made once.
const kept = globalThis as { roughSwatchSample?: Promise<Notebook>; roughSwatchSampleMade?: Promise<void> }

/** The longest that filling it may take, ms. */
const MOST_MS = 120_000

/** The folder of the sample notebook, within that of one’s own: what is in the one is never in the other. */
function sampleHome(): string {
  return join(notebookHome(), 'sample')
}

const fileIn = (home: string) => join(home, 'notebook.sqlite')

const hasSample = (): boolean => existsSync(fileIn(sampleHome()))

/** Whether the request that is being answered is shown the sample notebook. */
export async function isSampleShown(): Promise<boolean> {
  return (await isSampleChosen()) && hasSample()
}

/** The folder of the notebook that is shown: one’s own, or the sample. */
export async function shownHome(): Promise<string> {
  return (await isSampleShown()) ? sampleHome() : notebookHome()
}

/**
 * Makes the sample notebook where there is none: aside first, so that one that was not finished is never opened.
 * @throws RefusedError where it cannot be made here
 */
export function makeSample(): Promise<void> {
  kept.roughSwatchSampleMade ??= make().finally(() => {
    kept.roughSwatchSampleMade = undefined
  })
  return kept.roughSwatchSampleMade
}

async function make(): Promise<void> {
  if (hasSample()) return
  const root = /* turbopackIgnore: true */ process.cwd()
  const script = join(root, 'src', 'demo', 'fill.ts')
  const runner = join(root, 'node_modules', 'tsx', 'dist', 'cli.mjs')
  if (!existsSync(script) || !existsSync(runner)) throw new RefusedError('The sample notebook is not installed here.')
  const aside = `${sampleHome()}.part`
  rmSync(aside, { recursive: true, force: true })
  mkdirSync(aside, { recursive: true })
  try {
    const env = { ...process.env, ROUGH_SWATCH_HOME: aside, NODE_OPTIONS: '' }
    await run(process.execPath, [runner, script], { cwd: root, env, timeout: MOST_MS })
    renameSync(aside, sampleHome())
  } catch (error) {
    rmSync(aside, { recursive: true, force: true })
    console.error('The sample notebook could not be made:', error)
    throw new RefusedError('We could not make the sample notebook. Your own notebook is as it was.')
  }
}

/** The sample notebook, to be looked at: nothing is written to it. */
export function sampleNotebook(): Promise<Notebook> {
  kept.roughSwatchSample ??= openToRead(fileIn(sampleHome())).catch((error: unknown) => {
    kept.roughSwatchSample = undefined
    throw error
  })
  return kept.roughSwatchSample
}
