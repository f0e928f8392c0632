import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

/** Addresses that answer a file: a link that takes the page there would send every later save there, too. */
const FILE = /href=(?:"|\{`)[^"`]*(?:\.(?:ics|pdf|csv|zip|svg|wif|dxf)|\/rescue|\/api\/v1\/export[^"`]*)(?:"|`\})/

test('a link that answers a file leaves the page alone', () => {
  const files = readdirSync('src', { recursive: true, encoding: 'utf8' }).filter((name) => name.endsWith('.tsx'))
  const links = files.flatMap((name) =>
    [...readFileSync(join('src', name), 'utf8').matchAll(/<(\w+)\b[^<]*?>/gs)].flatMap(([whole, tag]) =>
      FILE.test(whole!)
        ? [{ name, tag, isDownload: tag === 'FileLink' || (tag === 'a' && whole!.includes('download')) }]
        : [],
    ),
  )
  expect(links.length).toBeGreaterThan(2)
  expect(links.filter(({ isDownload, tag }) => !isDownload && tag !== 'link' && tag !== 'img')).toEqual([])
})
