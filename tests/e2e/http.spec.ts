import { connect } from 'node:net'
import { actionsOf } from '../storm/requests'
import { expect, test } from './fixtures'

/** One grey pixel. */
const GREY = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
)

const observation = { feature: 'smell', states: ['hair-feather'], part: 'whole' }

test('the computations answer over HTTP as the pages compute', async ({ request }) => {
  const identified = await request.post('/api/v1/identify', {
    data: { observations: [observation], claim: [{ fibre: 'silk', percent: 100 }] },
  })
  expect(identified.status()).toBe(200)
  const answer = await identified.json()
  expect(
    answer.hypotheses.reduce((sum: number, { probability }: { probability: number }) => sum + probability, 0),
  ).toBeCloseTo(1, 9)
  expect(answer.claim.verdict).toBe('supported')

  const weighed = await request.post('/api/v1/weigh', {
    data: { readings: [{ grams: 3.2, resolutionGrams: 0.1, lengthMm: 100, widthMm: 100, cutErrorMm: 1 }] },
  })
  expect((await weighed.json()).gsm).toBeCloseTo(320, 9)

  const matched = await request.post('/api/v1/match', {
    data: { need: { garment: 'jeans' }, fabric: { called: 'denim' } },
  })
  expect((await matched.json()).verdict).toBe('suits')

  const named = await request.post('/api/v1/name', {
    data: { inspection: { construction: 'woven', interlacing: 'herringbone' }, fibres: ['wool'] },
  })
  expect((await named.json()).names[0].id).toBe('herringbone')

  const square = [
    [0, 0],
    [100, 0],
    [100, 100],
    [0, 100],
  ]
  const laid = await request.post('/api/v1/lay', {
    data: { cloth: { widthMm: 1000 }, pieces: [{ id: 'square', outline: square, count: 12 }], seconds: 0.5 },
  })
  expect(await laid.json()).toMatchObject({ verdict: 'fits', usedLengthMm: 200 })

  // A picture of one grey: nothing to count, and no guess.
  const counted = await request.post('/api/v1/count', {
    multipart: { image: { name: 'grey.png', mimeType: 'image/png', buffer: GREY }, pixelsPerCm: '100' },
  })
  expect(counted.status()).toBe(422)

  const typed = await request.post('/api/v1/quantity', {
    data: { text: '1 yd 9 in', kind: 'length', locale: 'en-US', units: 'imperial', assume: 'yd' },
  })
  expect(await typed.json()).toMatchObject({ value: 1143, unit: 'yd', ambiguous: false, plausible: true })
  const table = await request.post('/api/v1/table', {
    data: { text: 'Fabric,Yards\nLobby linen,2 1/2\nAwning,lots', columns: null, locale: 'en-US' },
  })
  expect((await table.json()).rows).toMatchObject([
    { line: 2, fabric: { name: 'Lobby linen', lengthMm: 2286, widthMm: null }, doubts: [] },
    { line: 3, fabric: { lengthMm: null }, doubts: [{ column: 'Yards', text: 'lots' }] },
  ])
  const drawing = Buffer.from(
    '<svg width="200mm" height="100mm" viewBox="0 0 200 100"><rect width="200" height="100"/></svg>',
  )
  const read = await request.post('/api/v1/outlines', {
    multipart: { file: { name: 'a.svg', mimeType: 'image/svg+xml', buffer: drawing } },
  })
  expect(await read.json()).toMatchObject({ unit: { is: 'mm', by: 'header' }, pieces: [{ holes: [], count: 1 }] })
  const none = await request.post('/api/v1/outlines', {
    multipart: { file: { name: 'a.dxf', mimeType: 'text/plain', buffer: Buffer.from('no drawing') } },
  })
  expect([none.status(), (await none.json()).error.issues[0].path]).toEqual([422, 'file'])

  const document = await (await request.get('/api/v1/openapi.json')).json()
  expect(document.openapi).toBe('3.1.0')
  expect(Object.keys(document.paths)).toHaveLength(21)
})

test('bad input is refused with a path, through the real server', async ({ request }) => {
  const refusals: [string, unknown, number, string][] = [
    ['/api/v1/identify', { observations: [{ feature: 'taste', states: ['salty'] }] }, 422, 'observations.0.feature'],
    ['/api/v1/identify', { observations: 3 }, 400, 'observations'],
    ['/api/v1/identify', '', 400, 'body'],
    ['/api/v1/identify', 'x'.repeat(2_000_000), 413, 'body'],
    ['/api/v1/weigh', { readings: [] }, 422, 'readings'],
    ['/api/v1/match', { patternId: 99999, fabric: {} }, 422, 'patternId'],
    ['/api/v1/match', { need: {}, fabricId: 99999 }, 422, 'fabricId'],
  ]
  for (const [path, body, status, where] of refusals) {
    const answer = await request.post(path, {
      data: typeof body === 'string' ? Buffer.from(body) : body,
      headers: { 'content-type': 'application/json' },
    })
    expect([path, answer.status()]).toEqual([path, status])
    const { error } = await answer.json()
    expect(error.issues[0].path).toBe(where)
  }
  expect((await request.get('/api/v1/identify')).status()).toBe(405)
  expect((await request.get('/cloth.svg?weave=chain-mail')).status()).toBe(400)
})

test('a page of another site can neither write nor compute in this person’s name', async ({ request }) => {
  const foreign = { origin: 'https://elsewhere.example' }
  for (const path of ['/stash/add', '/make/patterns/add', '/identify/burn', '/api/v1/identify']) {
    const answer = await request.post(path, { data: { observations: [] }, headers: foreign })
    expect([path, answer.status()]).toEqual([path, 403])
  }
  // A write without any origin is no page of ours either; a computation may come from a script.
  expect((await request.post('/stash/add', { data: {} })).status()).toBe(403)
  expect((await request.post('/api/v1/identify', { data: { observations: [observation] } })).status()).toBe(200)
})

test('what is no method of ours is a 405, and a request that is none a 400', async ({ server }) => {
  const { port } = new URL(server.url)
  const says = (text: string) =>
    new Promise<string>((resolve, reject) => {
      const socket = connect(Number(port), '127.0.0.1', () => socket.write(text))
      let all = ''
      socket.on('data', (part) => (all += part.toString()))
      socket.on('close', () => resolve(all))
      socket.on('error', reject)
    })
  const ask = (method: string, path: string) => says(`${method} ${path} HTTP/1.1\r\nHost: 127.0.0.1:${port}\r\n\r\n`)
  for (const method of ['TRACE', 'PROPFIND', 'NONSENSE'])
    for (const path of ['/', '/stash', '/api/v1/identify']) expect(await ask(method, path)).toMatch(/^HTTP\/1.1 405 /)
  expect(await says('\r\nthis is nothing\r\n\r\n')).toMatch(/^HTTP\/1.1 4\d\d /)
})

test('a client that goes away ends its work: others need not wait for it', async ({ server, request }) => {
  const outline = Array.from({ length: 40 }, (_, i) => [
    300 * Math.cos(i / 6.4),
    200 * Math.sin(i / 6.4) + 20 * (i % 3),
  ])
  const pieces = Array.from({ length: 12 }, (_, i) => ({ id: `piece ${i}`, outline, count: 8, turn: 'half' }))
  const body = JSON.stringify({ cloth: { widthMm: 1400 }, pieces, seconds: 60 })
  // Both threads are at it for a minute, and as many wait.
  const gone = new AbortController()
  const asked = Array.from({ length: 4 }, () =>
    fetch(`${server.url}/api/v1/lay`, {
      ...{ method: 'POST', body, signal: gone.signal },
      headers: { 'content-type': 'application/json' },
    }).then(
      ({ status }) => status,
      () => 'gone',
    ),
  )
  await new Promise((resolve) => setTimeout(resolve, 3000))
  gone.abort()
  expect(await Promise.all(asked)).toEqual(['gone', 'gone', 'gone', 'gone'])
  // Two minutes of work were asked for by those that went: it is not waited for.
  const answer = await request.post('/api/v1/lay', { data: { ...JSON.parse(body), seconds: 1 }, timeout: 120_000 })
  expect(answer.status()).toBe(200)
})

test('what no page sends to an action is a 400, in whatever way it is crooked', async ({ server }) => {
  const actions = actionsOf(process.env.ROUGH_SWATCH_DIST ?? '.next')
  const { id, path } = actions.find(({ name }) => name === 'keepPiece')!
  const part = (name: string, value: string) =>
    `--b\r\ncontent-disposition: form-data; name="${name}"\r\n\r\n${value}\r\n`
  const ask = (type: string, body: string) =>
    fetch(server.url + path, {
      method: 'POST',
      headers: { 'next-action': id, origin: server.url, 'content-type': type },
      body,
    }).then(({ status }) => status)
  for (const body of [
    '',
    'junk',
    '9'.repeat(5000),
    '["$F1"]',
    '["$Dx"]',
    `["$n${'9'.repeat(9000)}"]`,
    '{"0":1}',
    '[[[[',
  ])
    expect([body.slice(0, 20), await ask('text/plain;charset=UTF-8', body)]).toEqual([body.slice(0, 20), 400])
  for (const body of [
    ...['', 'junk', part('0', '["$K1"]'), `--b\r\ncontent-disposition: form-data\r\n\r\nx\r\n--b--\r\n`],
    ...['9'.repeat(5000), '[[[', '["$0"]', '["$F1"]', `["$n${'9'.repeat(9000)}"]`, `[${'1,'.repeat(1100)}1]`].map(
      (value) => `${part('0', value)}--b--\r\n`,
    ),
    `${part('0', '["$1"]')}${part('1', '["$0"]')}--b--\r\n`,
  ])
    expect([body.slice(0, 90), await ask('multipart/form-data; boundary=b', body)]).toEqual([body.slice(0, 90), 400])
})
