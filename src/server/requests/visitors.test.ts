import { allowedHosts, hostAllowed, originAllowed } from './visitors'

const HOST = '127.0.0.1:4170'

it.each([
  ['GET', '/stash', null, true],
  ['GET', '/stash', 'https://elsewhere.example', true],
  ['POST', '/stash/add', `http://${HOST}`, true],
  ['POST', '/stash/add', 'https://elsewhere.example', false],
  ['POST', '/stash/add', 'http://127.0.0.1:9999', false],
  ['POST', '/stash/add', null, false],
  ['POST', '/stash/add', 'null', false],
  ['DELETE', '/api/v1/identify/extra', null, false],
  ['POST', '/api/v1/identify', null, true],
  ['POST', '/api/v1/identify', 'https://elsewhere.example', false],
  ['POST', '/api/v1/lay', null, true],
  ['POST', '/api/v1/set', null, true],
  ['POST', '/api/v1/enough', null, true],
  ['POST', '/api/v1/import', null, true],
  ['POST', '/api/v1/import', 'http://elsewhere.example', false],
  ['POST', '/stash', null, false],
])('%s %s from %s: %s', (method, path, origin, allowed) => {
  expect(originAllowed(method, path, HOST, origin)).toBe(allowed)
})

it('believes a browser that says it comes from elsewhere, though it leaves the origin out', () => {
  const asked = (site: string | null) => originAllowed('POST', '/api/v1/import', HOST, null, site)
  expect([asked(null), asked('same-origin'), asked('cross-site'), asked('none')]).toEqual([true, true, false, false])
})

it('wants to know its own host', () => {
  expect(originAllowed('POST', '/stash/add', null, `http://${HOST}`)).toBe(false)
})

describe('hosts', () => {
  const loopback = allowedHosts(undefined, ['192.0.2.7'])

  it.each([
    ['127.0.0.1:4170', true],
    ['localhost', true],
    ['LOCALHOST:80', true],
    ['[::1]:4170', true],
    ['rebound.example:4170', false],
    ['127.0.0.1.rebound.example', false],
    ['localhost@rebound.example', false],
    ['localhost:4170:1', false],
    ['192.0.2.7:4170', false],
    ['', false],
    [null, false],
  ])('%s: %s', (host, allowed) => {
    expect(hostAllowed(host, loopback)).toBe(allowed)
  })

  it('take in what was configured, and the own addresses where the server listens on all', () => {
    const named = allowedHosts('192.0.2.7, Sewing.local', ['192.0.2.9'])
    expect(['192.0.2.7:1', 'sewing.local', 'localhost'].every((host) => hostAllowed(host, named))).toBe(true)
    expect(['192.0.2.9', '0.0.0.0'].some((host) => hostAllowed(host, named))).toBe(false)
    const all = allowedHosts('0.0.0.0', ['192.0.2.9', 'fe80::1'])
    expect(['192.0.2.9', '[fe80::1]:4170'].every((host) => hostAllowed(host, all))).toBe(true)
    expect(hostAllowed('rebound.example', all)).toBe(false)
    expect(hostAllowed('0.0.0.0', all)).toBe(false)
  })
})
