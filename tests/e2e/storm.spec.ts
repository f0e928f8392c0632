import { sendHostile, timesOf } from '../storm/hostile'
import { mayHaveWritten, storm } from '../storm/storm'
import { dice } from '../support/seen'
import { expect, test } from './fixtures'

test('whatever is sent is answered, quickly, and never by a fault of the program', async ({ server, request }) => {
  const build = process.env.ROUGH_SWATCH_DIST ?? '.next'
  // The first requests open everything.
  await storm(server.url, build, 60, 11)
  const hits = await storm(server.url, build, 300, 12)
  expect(hits.filter(({ status }) => status === 0 || status >= 500)).toEqual([])
  // Both kinds are there, or nothing was shown by this.
  expect(hits.filter(({ status }) => status >= 400).length).toBeGreaterThan(60)
  expect(hits.filter(mayHaveWritten).length).toBeGreaterThan(2)
  for (const path of ['/', '/stash', '/make/patterns', '/identify/samples']) {
    const page = await request.get(path)
    expect([path, page.status()]).toEqual([path, 200])
    expect(await page.text()).not.toMatch(/here that (?:we can’t|cannot be) read/)
  }
})

test('hostile files of every format are answered in words, and pages come meanwhile', async ({ server }) => {
  const build = process.env.ROUGH_SWATCH_DIST ?? '.next'
  const work = sendHostile(server.url, { build, each: 4, random: dice(21) })
  const pages = await timesOf(server.url, ['/', '/stash', '/make/patterns'], work)
  const hits = await work
  expect(hits.filter(({ status }) => status === 0 || (status >= 500 && status !== 503))).toEqual([])
  expect(hits.filter(({ status }) => status === 413 || status === 422).length).toBeGreaterThan(8)
  // Somebody else got a page again and again, and did not wait for the last of the files.
  expect(pages.length).toBeGreaterThan(8)
})

test('a mebibyte of states of its own is refused at once, with its first twenty places', async ({ request }) => {
  const states = Array.from({ length: 60_000 }, (_, i) => `state ${i}`)
  const since = Date.now()
  const answer = await request.post('/api/v1/identify', { data: { observations: [{ feature: 'smell', states }] } })
  expect(answer.status()).toBe(422)
  const { error } = await answer.json()
  expect(error.issues.length).toBeLessThanOrEqual(20)
  expect(error.issues[0].path).toBe('observations.0.states')
  expect(Date.now() - since).toBeLessThan(5000)
  const many = await request.post('/api/v1/identify', {
    data: { observations: Array.from({ length: 100 }, () => ({ feature: 'taste', states: ['salty'] })) },
  })
  expect((await many.json()).error.issues).toHaveLength(20)
})

test('an address that stands for nothing is a 400, and asked twice the first counts', async ({ request }) => {
  expect((await request.get('/stash/add?called=denim&called=lawn')).status()).toBe(200)
  expect((await request.get('/stash/add?called=%00')).status()).toBe(200)
  for (const [body, path] of [
    [{ need: {}, fabric: { fibres: [{ toString: 1 }] } }, 'fabric.fibres.0'],
    [{ observations: [{ feature: { toString: 1 }, states: ['paper'] }] }, 'observations.0.feature'],
    [{ observations: [], history: { kind: { toString: 1 } } }, 'history.kind'],
  ] as const) {
    const answer = await request.post(`/api/v1/${'need' in body ? 'match' : 'identify'}`, { data: body })
    expect(answer.status()).toBeGreaterThanOrEqual(400)
    expect(answer.status()).toBeLessThan(500)
    expect((await answer.json()).error.issues[0].path).toBe(path)
  }
  const weighed = await request.post('/api/v1/weigh', {
    data: { readings: [{ grams: 5e-324, lengthMm: 1, widthMm: 1 }] },
  })
  expect(weighed.status()).toBe(422)
  expect((await weighed.json()).error.issues[0].path).toBe('readings.0.grams')
})
