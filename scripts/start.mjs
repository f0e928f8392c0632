import { homedir } from 'node:os'
import { join, resolve } from 'node:path'
import { share } from './share.mjs'
import { ensureBuilt, ensureInstalled, port, serve } from './lib.mjs'

ensureInstalled()
ensureBuilt()
const isShared = process.argv.includes('--share')
if (isShared) await share(port())
serve({ home: resolve(process.env.ROUGH_SWATCH_HOME || join(homedir(), 'rough-swatch')), port: port() })
