import { originAllowed } from './sameOrigin'

const HOST = '127.0.0.1:4170'

it.each([
  ['GET', '/stash', null, true],
  ['GET', '/stash', 'https://elsewhere.example', true],
  ['POST', '/stash/new', `http://${HOST}`, true],
  ['POST', '/stash/new', 'https://elsewhere.example', false],
  ['POST', '/stash/new', 'http://127.0.0.1:9999', false],
  ['POST', '/stash/new', null, false],
  ['POST', '/stash/new', 'null', false],
  ['DELETE', '/api/v1/identify/extra', null, false],
  ['POST', '/api/v1/identify', null, true],
  ['POST', '/api/v1/identify', 'https://elsewhere.example', false],
  ['POST', '/api/v1/import', null, false],
])('%s %s from %s: %s', (method, path, origin, allowed) => {
  expect(originAllowed(method, path, HOST, origin)).toBe(allowed)
})

it('wants to know its own host', () => {
  expect(originAllowed('POST', '/stash/new', null, `http://${HOST}`)).toBe(false)
})
