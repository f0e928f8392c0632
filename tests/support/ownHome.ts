import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

/** A folder of its own for the notebook, its pictures and its backups, while the tests of a file run. @returns it */
export function ownHome(): string {
  const home = mkdtempSync(join(tmpdir(), 'rough-swatch-home-'))
  beforeAll(() => {
    process.env.ROUGH_SWATCH_HOME = home
  })
  afterAll(() => {
    delete process.env.ROUGH_SWATCH_HOME
    rmSync(home, { recursive: true })
  })
  return home
}
