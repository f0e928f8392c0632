import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { pages } from '@/features/shared/pages'
import { computations } from '@/server/api/computations'
import { nasty, spoilt } from './nasty'
import { oneOf, type Random } from './random'

export interface Shot {
  method: string
  path: string
  headers: Record<string, string>
  body?: string
}

/** What each computation is meant for, to be spoilt. */
const JSON_COMPUTATIONS = computations.filter(({ file }) => file === undefined)

/** What each action is meant for. */
const ID = '01890a5d-ac96-7000-8000-0000000000aa'
const PIECE = {
  name: 'Foyer curtain',
  called: 'velvet',
  washed: 'unknown',
  claim: [{ fibre: 'cotton', percent: 100 }],
}
const SEEN = { id: ID, revision: 1 }
const ARGUMENTS: Readonly<Record<string, readonly unknown[]>> = {
  beginTest: [{ pieceId: ID }],
  saveTest: [SEEN, { answers: [{ specimen: 1, part: 'whole', feature: 'smell', states: ['paper'] }], setup: {} }],
  addPicture: [ID, null],
  removeDamaged: ['piece', SEEN],
  keepControl: [{ fibre: 'wool', name: 'Known wool', sure: '' }],
  dropMeasurement: [ID, ID],
  keepMeasurement: [ID, { data: { kind: 'weighing', grams: 1, lengthMm: 1, widthMm: 1 }, state: 'unknown' }],
  keepPattern: [{ name: 'Smock', notes: '', need: { garment: 'shirt' } }],
  savePreferences: [{ units: 'metric' }],
  changePattern: [SEEN, { name: 'Smock', need: { garment: 'shirt' }, lengths: [{ widthMm: 1400, lengthMm: 2000 }] }],
  readPasted: ['Lining: cupro. 115 cm 2.4 m'],
  putOnList: [ID, true],
  addEnvelopePicture: [ID, null],
  keepProject: [{ name: 'Gulls', patternId: null, size: '10', view: 'A', copies: 3 }],
  chooseCloth: [ID, { role: 'main', label: '', pieceId: ID, wish: '' }],
  changeProject: [ID, { do: 'step', step: 'cut', isBehind: true }],
  addProjectPicture: [ID, null],
  dropProject: [ID],
  checkListed: [
    { called: 'denim', weight: 10, weightIn: 'oz', widthMm: 1500, fibres: '', price: 9, pricePer: 'yard' },
  ],
  keepView: [{ name: 'Silks', query: 'fibre=silk' }],
  beginHeap: [{ name: 'Hamper', place: '', notes: '' }],
  endHeap: [ID, true],
  sortPiece: [ID, 'keep'],
  quickKeep: [{ name: '', called: 'denim', spans: 2, spanMm: 1650, widthMm: 1400, place: '', source: '' }],
  cutPiece: [{ pieceId: ID, lengthMm: 100, what: 'a smock', offcuts: [{ name: 'Strip', widthMm: 9, lengthMm: 9 }] }],
  putInLot: [ID, { lotId: null, name: 'Lobby' }],
  changePhotos: [ID, { do: 'face', face: 'picture' }],
  takeBackStroke: [ID],
  restore: ['2026-05-02T10-00-00-000Z-asked.sqlite'],
  updatePiece: [SEEN, { piece: PIECE }],
  keepPiece: [{ piece: PIECE, reading: null, testId: null }],
}
const QUERIES = ['', '?piece=', '?q=', '?called=', '?called=a&called=b', '?test=', '?weave=plain&', '?%', '?a[]=1&']
const ODD_PATHS = [
  '/%',
  '/%E0%A4%A',
  '/stash/%00',
  '/pictures/..%2f..%2fnotebook.sqlite',
  '/identify/burn/constructor',
  '//',
  '/.git',
]

/** The actions of a build: their ids, what they are called, and a page that they are asked from. */
export function actionsOf(build: string): { id: string; name: string; path: string }[] {
  const { node } = JSON.parse(readFileSync(join(build, 'server/server-reference-manifest.json'), 'utf8')) as {
    node: Record<string, { exportedName: string; workers: Record<string, unknown> }>
  }
  return Object.entries(node).map(([id, { exportedName, workers }]) => ({
    id,
    name: exportedName,
    path: `/${Object.keys(workers)[0]!
      .replace(/^app\/|\/?page$/g, '')
      .replace('[id]', ID)
      .replace('[test]', 'weigh')}`,
  }))
}

const BOUNDARY = 'a-boundary'
const part = (name: string, value: string, more = '') =>
  `--${BOUNDARY}\r\ncontent-disposition: form-data; name="${name}"${more}\r\n\r\n${value}\r\n`
const END = `--${BOUNDARY}--\r\n`

/** A form as no browser sends one: parts that are missing, refer to themselves, never end. */
function crooked(random: Random, body: string): string {
  return oneOf(random, [
    part('0', body) + END,
    part('0', body),
    '',
    'garbage',
    part('0', '9'.repeat(5000)) + END,
    part('0', '[[[') + END,
    part('0', '["$K1"]') + part('1_picture', 'x', '; filename="a.jpg"') + END,
    part('0', '["$K9"]') + END,
    part('0', '["$0"]') + END,
    part('0', '["$1"]') + part('1', '["$0"]') + END,
    part('0', '["$F1"]') + part('1', '{"id":"x","bound":null}') + END,
    part('0', `["$n${'9'.repeat(9000)}"]`) + END,
    part('x'.repeat(9000), 'x') + END,
    part('__proto__', 'x') + part('0', '["$K1"]') + END,
    `--${BOUNDARY}\r\ncontent-disposition: form-data\r\n\r\nx\r\n${END}`,
  ])
}

export function shotMaker(actions: ReturnType<typeof actionsOf>, origin: string, random: Random): () => Shot {
  const json = { 'content-type': 'application/json' }
  const api = (): Shot => {
    const { name, example } = oneOf(random, JSON_COMPUTATIONS)
    const body = random() < 0.05 ? 'not { json' : JSON.stringify(spoilt(example as never, random))
    return {
      method: oneOf(random, ['POST', 'POST', 'POST', 'POST', 'PUT']),
      path: `/api/v1/${name}`,
      headers: json,
      body,
    }
  }
  const action = (): Shot => {
    const { id, name, path } = oneOf(random, actions)
    const whole = JSON.stringify(spoilt((ARGUMENTS[name] ?? [ID]) as never, random))
    const body =
      random() < 0.1
        ? oneOf(random, ['', 'garbage', '["$F1"]', '["$K1"]', '{"0":1}', '["$undefined"]', '["$$a"]'])
        : whole
    const type = random() < 0.25 ? `multipart/form-data; boundary=${BOUNDARY}` : 'text/plain;charset=UTF-8'
    return {
      method: 'POST',
      path,
      headers: { 'next-action': id, origin, 'content-type': type },
      body: type.startsWith('text') ? body : crooked(random, whole),
    }
  }
  const page = (): Shot => {
    const known = oneOf(random, pages).path.replace('[id]', oneOf(random, [ID, 'x', '%FF', '..', '0'.repeat(300)]))
    const query = oneOf(random, QUERIES)
    const value = random() < 0.5 ? encodeURIComponent(String(JSON.stringify(nasty(random))).slice(0, 2000)) : ''
    const path = random() < 0.15 ? oneOf(random, ODD_PATHS) : known
    return { method: 'GET', path: path + query + (query ? value : ''), headers: {} }
  }
  const drawn = (): Shot => ({
    method: 'GET',
    path: `/cloth.svg?weave=${oneOf(random, ['plain', 'twill', 'x', ''])}&warp=${encodeURIComponent(
      String(JSON.stringify(nasty(random))).slice(0, 500),
    )}`,
    headers: {},
  })
  return () => {
    const which = random()
    return which < 0.45 ? api() : which < 0.75 ? action() : which < 0.93 ? page() : drawn()
  }
}
