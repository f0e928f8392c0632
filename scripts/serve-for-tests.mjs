import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { serve } from './lib.mjs'

// A fresh, empty notebook for every run of the browser tests.
serve({ home: mkdtempSync(join(tmpdir(), 'rough-swatch-test-')), port: Number(process.argv[2]) })
