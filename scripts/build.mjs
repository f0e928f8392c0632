import { bundleHeavy } from './bundleHeavy.mjs'
import { bin, must } from './lib.mjs'

must('Building the pages', bin('next'), ['build'])
await bundleHeavy(process.env.ROUGH_SWATCH_DIST)
