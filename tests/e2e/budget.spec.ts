import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { expect, test } from '@playwright/test'

const BUILD = process.env.ROUGH_SWATCH_DIST ?? '.next'

/** What a page's script may weigh when it is first loaded, kB (1,000 bytes) after gzip. */
const MOST_KB = 230
const MOST_ABOVE_THE_FRAME_KB = 60

interface Manifest {
  entryJSFiles: Record<string, string[]>
}

function manifestsIn(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name)
    if (entry.isDirectory()) return manifestsIn(path)
    return entry.name === 'page_client-reference-manifest.js' ? [path] : []
  })
}

/** Every page with the scripts that it begins with. */
function pagesOfTheBuild(): Map<string, Set<string>> {
  const { rootMainFiles } = JSON.parse(readFileSync(join(BUILD, 'build-manifest.json'), 'utf8')) as {
    rootMainFiles: string[]
  }
  return new Map(
    manifestsIn(join(BUILD, 'server/app')).map((path) => {
      // The file is a script: `globalThis.__RSC_MANIFEST["/page"] = {…};`
      const [, page, json] = /__RSC_MANIFEST\[("[^\n]*?")\]\s*=\s*(\{[\s\S]*\});?\s*$/.exec(
        readFileSync(path, 'utf8'),
      )!
      const { entryJSFiles } = JSON.parse(json!) as Manifest
      return [JSON.parse(page!) as string, new Set([...rootMainFiles, ...Object.values(entryJSFiles).flat()])]
    }),
  )
}

const kB = new Map<string, number>()
function weight(scripts: ReadonlySet<string>): number {
  let sum = 0
  for (const script of scripts) {
    if (!kB.has(script)) kB.set(script, gzipSync(readFileSync(join(BUILD, script))).length / 1000)
    sum += kB.get(script)!
  }
  return sum
}

test('no page begins with more script than it may', () => {
  const pages = pagesOfTheBuild()
  // The frame alone: the framework, and what stands around every page.
  const frame = weight(pages.get('/_not-found/page')!)
  expect(frame).toBeGreaterThan(100)
  const limit = Math.min(MOST_KB, frame + MOST_ABOVE_THE_FRAME_KB)
  // The page of the kit is shown in development only.
  pages.delete('/kit/page')
  expect(pages.size).toBeGreaterThan(20)
  const heavy = [...pages]
    .map(([page, scripts]) => ({ page, kB: Math.round(weight(scripts)) }))
    .filter(({ kB: own }) => own > limit)
  expect(heavy).toEqual([])
})
