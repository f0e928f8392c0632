import { mkdtempSync } from 'node:fs'
import { join } from 'node:path'
import { fillBig } from './bigNotebook'
import { benchPages } from './pages'
async function go() {
  const home = mkdtempSync('/tmp/big-')
  await fillBig(join(home, 'notebook.sqlite'), {
    pieces: 20_000,
    patterns: 200,
    tests: 2000,
    measurements: 38_000,
    projects: 200,
  })
  console.log('filled')
  await benchPages(home)
}
void go()
