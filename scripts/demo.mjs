import { join } from 'node:path'
import { bin, ensureBuilt, ensureInstalled, must, port, root, serve } from './lib.mjs'

ensureInstalled()
ensureBuilt()
const home = join(root, '.notebooks', 'demo')
must('Filling the demo notebook', bin('tsx'), ['src/demo/fill.ts'], { ROUGH_SWATCH_HOME: home })
serve({ home, port: port() })
