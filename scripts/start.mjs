import { homedir } from 'node:os'
import { join, resolve } from 'node:path'
import { ensureBuilt, ensureInstalled, port, serve } from './lib.mjs'

ensureInstalled()
ensureBuilt()
serve({ home: resolve(process.env.ROUGH_SWATCH_HOME || join(homedir(), 'rough-swatch')), port: port() })
