import { bodyProblem, type BodyAsked } from './bodyLimit'

const asked = (rest: Partial<BodyAsked>): BodyAsked => ({
  method: 'POST',
  path: '/identify/burn/1',
  isAction: true,
  contentType: 'text/plain;charset=UTF-8',
  contentLength: '100',
  ...rest,
})
const status = (rest: Partial<BodyAsked>) => bodyProblem(asked(rest))?.status

const MB = 1024 * 1024
const MULTIPART = 'multipart/form-data; boundary=x'

test.each<[string, Partial<BodyAsked>, number | undefined]>([
  ['an action of usual size', { contentLength: '65536' }, undefined],
  ['a larger one', { contentLength: '65537' }, 413],
  ['a table that was read from a file', { path: '/stash/spreadsheet', contentLength: String(8 * MB) }, undefined],
  ['a table without an end', { path: '/stash/spreadsheet', contentLength: String(120 * MB) }, 413],
  ['a picture', { contentType: MULTIPART, contentLength: String(25 * MB) }, undefined],
  ['more than a picture', { contentType: MULTIPART, contentLength: String(31 * MB) }, 413],
  ['a passphrase', { path: '/door/in', isAction: false, contentLength: '200' }, undefined],
  ['120 MB at the door', { path: '/door', contentLength: String(120 * MB) }, 413],
  ['a picture at the door', { path: '/door/in', contentType: MULTIPART, contentLength: String(MB) }, 413],
  ['a body of unsaid length', { contentLength: null }, 411],
  ['a body of nonsensical length', { contentLength: '1e3x' }, 411],
  ['one of unsaid length at the door', { path: '/door/in', isAction: false, contentLength: null }, 411],
  ['a route that counts for itself', { path: '/api/v1/import', isAction: false, contentLength: null }, undefined],
  ['a page that is asked for', { method: 'GET', contentLength: null }, undefined],
])('%s', (_, rest, expected) => {
  expect(status(rest)).toBe(expected)
})
