import { dyeComputation, DyeResponse } from './dye'
import { layComputation } from './lay'
import { mixComputation, MixResponse } from './mix'
import { teardownComputation, TeardownResponse } from './teardown'
import { unravelComputation, UnravelResponse } from './unravel'

// The worker threads run in the real server, and are tested there.
jest.mock('../jobs/pool', () => jest.requireActual('../../../tests/support/jobsHere'))

const call = async (post: (request: Request) => Promise<Response>, body: unknown) => {
  const response = await post(new Request('http://x/', { method: 'POST', body: JSON.stringify(body) }))
  return { status: response.status, answer: await response.json() }
}
const ROUTES = {
  mix: mixComputation.post,
  dye: dyeComputation.post,
  teardown: teardownComputation.post,
  unravel: unravelComputation.post,
}

it('tells how two cloths go together, as the contract has it', async () => {
  const { status, answer } = await call(mixComputation.post, {
    a: { called: 'linen', gsm: 185, colour: '#f0ead8' },
    b: { called: 'poplin', fibres: ['polyester'], gsm: 120, washed: true },
    seamMm: 600,
    washes: 5,
    purpose: 'garment',
  })
  expect(status).toBe(200)
  expect(MixResponse.safeParse(answer).success).toBe(true)
  expect(answer.verdict).toBe('with-care')
  expect(answer.reasons.find(({ property }: { property: string }) => property === 'shrinkage').mm).toBeGreaterThan(5)
})

it('tells what dyeing does', async () => {
  const { status, answer } = await call(dyeComputation.post, {
    fibres: [
      { fibre: 'cotton', share: 'main' },
      { fibre: 'polyester', share: 'minor' },
    ],
    thread: 'polyester',
    grams: 400,
    from: '#f0ead8',
    to: '#1f3a7a',
    finish: null,
  })
  expect(status).toBe(200)
  expect(DyeResponse.safeParse(answer).success).toBe(true)
  expect(answer).toMatchObject({ verdict: 'in-part', seams: { show: true } })
})

it('tears down, and its panels go into the lay as they are', async () => {
  const asked = { garment: 'jeans', fabric: { called: 'denim' }, chestMm: null, hipMm: 1040, lengthMm: 1040 }
  const { status, answer } = await call(teardownComputation.post, { ...asked, seams: 'flat-felled', worn: ['knees'] })
  expect(status).toBe(200)
  expect(TeardownResponse.safeParse(answer).success).toBe(true)
  const square = [
    [0, 0],
    [150, 0],
    [150, 180],
    [0, 180],
  ]
  const piece = { id: 'pocket', outline: square, count: 2, pair: false, onFold: false, warpDeg: 90, turn: 'half' }
  const lay = await call(layComputation.post, { panels: answer.panels, pieces: [piece] })
  expect(lay.status).toBe(200)
  expect(lay.answer.verdict).toBe('fits')
})

it('unravels', async () => {
  const asked = { construction: 'knit', seams: 'linked', grams: 420, fibres: ['wool'], strands: 1, wrapsPerInch: 9 }
  const { status, answer } = await call(unravelComputation.post, { ...asked, surface: 'plain' })
  expect(status).toBe(200)
  expect(UnravelResponse.safeParse(answer).success).toBe(true)
  expect(answer).toMatchObject({ verdict: 'yes', yarnClass: 'worsted' })
})

it.each([
  ['mix', 400, {}, 'a'],
  ['mix', 422, { a: {}, b: {}, seamMm: 0 }, 'seamMm'],
  ['mix', 422, { a: {}, b: {}, purpose: 'sail' }, 'purpose'],
  ['mix', 400, { a: {}, b: {}, other: 1 }, 'other'],
  ['dye', 422, { fibres: [], to: '#ffffff' }, 'fibres'],
  ['dye', 422, { fibres: ['cotton'], to: 'blue' }, 'to'],
  ['dye', 400, { fibres: ['cotton'] }, 'to'],
  ['dye', 422, { fibres: ['kapok'], to: '#ffffff' }, 'fibres.0'],
  ['dye', 422, { fibres: ['cotton'], to: '#ffffff', grams: -1 }, 'grams'],
  ['teardown', 422, { garment: 'sail' }, 'garment'],
  ['teardown', 422, { garment: 'shirt', worn: ['brim'] }, 'worn.0'],
  ['teardown', 422, { garment: 'shirt', chestMm: 3 }, 'chestMm'],
  ['unravel', 400, {}, 'grams'],
  ['unravel', 422, { grams: 400, strands: 0 }, 'strands'],
  ['unravel', 422, { grams: 400, surface: 'shiny' }, 'surface'],
] as const)('%s answers %i to %j, with a path', async (route, expected, body, path) => {
  const { status, answer } = await call(ROUTES[route], body)
  expect(answer.error.issues.map((issue: { path: string }) => issue.path)).toContain(path)
  expect(status).toBe(expected)
})
