import { randomBytes } from 'node:crypto'
import { createServer, request as ask } from 'node:http'
import { type AddressInfo } from 'node:net'
import sharp from 'sharp'
import { pages } from '@/features/shared/pages'
import { expect, open, test } from './fixtures'

/** A GET under a name of one's own choosing, as a browser sends it whose name server was made to lie. */
function getAs(url: string, host: string): Promise<number> {
  return new Promise((resolve, reject) => {
    ask(url, { headers: { host } }, (answer) => {
      answer.resume()
      resolve(answer.statusCode!)
    })
      .on('error', reject)
      .end()
  })
}

test('a name that was made to point here reads nothing and writes nothing', async ({ server }) => {
  const { port } = new URL(server.url)
  for (const path of [
    '/',
    '/stash',
    '/api/v1/openapi.json',
    '/pictures/x.png',
    '/_next/image?url=%2Ficon.svg&w=64&q=75',
  ]) {
    expect([path, await getAs(server.url + path, `rebound.example:${port}`)]).toEqual([path, 403])
    expect(await getAs(server.url + path, `127.0.0.1:${port}`)).not.toBe(403)
  }
  expect(await getAs(`${server.url}/stash`, `localhost:${port}`)).toBe(200)
})

test('every page says what it may load, under a nonce of its own', async ({ request }) => {
  const nonces = new Set<string>()
  const plain = pages.filter(({ of }) => of === undefined)
  for (const { path } of plain) {
    const answer = await request.get(path)
    const policy = answer.headers()['content-security-policy']!
    expect(policy, path).toContain("frame-ancestors 'none'")
    expect(policy.match(/script-src [^;]*/)![0]).not.toMatch(/unsafe|\*|https?:/)
    expect(policy.match(/style-src [^;]*/)![0]).not.toMatch(/unsafe|\*|https?:/)
    const nonce = /'nonce-([^']+)'/.exec(policy)![1]!
    nonces.add(nonce)
    const scripts = (await answer.text()).match(/<script\b[^>]*>/g)!
    expect(scripts.filter((tag) => !tag.includes(`nonce="${nonce}"`))).toEqual([])
  }
  expect(nonces.size).toBe(plain.length)
})

test('every answer has the usual guards, a picture and a refusal too', async ({ request }) => {
  for (const path of ['/', '/api/v1/openapi.json', '/cloth.svg?weave=plain', '/nowhere', '/icon.svg']) {
    const headers = (await request.get(path)).headers()
    expect([path, headers['x-content-type-options'], headers['x-frame-options'], headers['referrer-policy']]).toEqual(
      [path, 'nosniff', 'DENY', 'same-origin'],
    )
    expect(headers['permissions-policy']).toContain('microphone=()')
  }
})

test('another site that frames the program gets nothing', async ({ page, server }) => {
  const site = createServer((_, answer) => {
    answer.setHeader('content-type', 'text/html')
    answer.end(`<h1>Elsewhere</h1><iframe src="${server.url}/stash" title="framed"></iframe>`)
  })
  await new Promise<void>((resolve) => {
    site.listen(0, '127.0.0.1', resolve)
  })
  const blocked: string[] = []
  const other = await page.context().newPage()
  other.on('console', (message) => blocked.push(message.text()))
  await other.goto(`http://127.0.0.1:${(site.address() as AddressInfo).port}/`)
  await expect(other.getByRole('heading', { name: 'Elsewhere' })).toBeVisible()
  await expect.poll(() => blocked.join('\n')).toMatch(/frame-ancestors 'none'|X-Frame-Options/i)
  expect(await other.frames()[1]?.locator('nav, main').count()).toBe(0)
  site.close()
})

test('a picture of 12 MB is counted, as the limit of 25 MiB promises', async ({ request }) => {
  // Noise does not compress: 2,100 × 2,100 pixels of it are 13 MB as PNG.
  const side = 2100
  const noise = randomBytes(side * side * 3)
  const picture = await sharp(noise, { raw: { width: side, height: side, channels: 3 } })
    .png()
    .toBuffer()
  expect(picture.length).toBeGreaterThan(12_000_000)
  const answer = await request.post('/api/v1/count', {
    multipart: { image: { name: 'noise.png', mimeType: 'image/png', buffer: picture }, pixelsPerCm: '400' },
  })
  expect([200, 422]).toContain(answer.status())
  expect(JSON.stringify(await answer.json())).not.toMatch(/multipart/)
})

test('the theme, the drawings and the loupe’s worker run under the policy', async ({ page }) => {
  for (const path of ['/', '/stash', '/learn/weave', '/identify/measure', '/learn/fibres', '/kit'])
    await open(page, path)
  expect(await page.evaluate(() => getComputedStyle(document.body).fontFamily)).toMatch(/Atkinson/)
})
