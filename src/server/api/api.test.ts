import { ask } from '../../../tests/support/ask'
import { MOST_BYTES } from './handle'
import { identifyComputation } from './identify'
import { matchComputation } from './match'
import { nameComputation } from './name'
import { openApi } from './openapi'
import { ProblemSchema } from './problem'
import { weighComputation } from './weigh'

type Handler = Parameters<typeof ask>[0]

async function refusal(handler: Handler, body: unknown) {
  const { status, body: answer } = await ask(handler, body)
  const { error } = ProblemSchema.parse(answer)
  return { status, paths: error.issues.map(({ path }) => path), code: error.code }
}

const smell = { feature: 'smell', states: ['hair-feather'] }

describe('identify', () => {
  it('answers in the shape of the contract', async () => {
    const { status, body } = await ask(identifyComputation.post, {
      observations: [{ ...smell, part: 'whole' }],
      claim: [{ fibre: 'silk', percent: 100 }],
      made: { after: 1950, before: 1965 },
      controls: 'none',
    })
    expect(status).toBe(200)
    expect(Object.keys(body)).toEqual(
      expect.arrayContaining([
        'families',
        'fibres',
        'hypotheses',
        'verdict',
        'claim',
        'next',
        'conflicts',
        'evidence',
      ]),
    )
    expect(body.claim).toMatchObject({ verdict: 'supported' })
  })

  it('tells parts apart', async () => {
    const { body } = await ask(identifyComputation.post, {
      observations: [
        { ...smell, part: 'warp' },
        { feature: 'smell', states: ['paper'], part: 'weft' },
      ],
    })
    expect(Object.keys(body.byPart ?? {})).toEqual(['warp', 'weft'])
  })

  it.each([
    [
      'an unknown feature',
      { observations: [{ feature: 'taste', states: ['salty'] }] },
      422,
      'observations.0.feature',
    ],
    [
      'an unknown state',
      { observations: [smell, { feature: 'smell', states: ['roses'] }] },
      422,
      'observations.1.states.0',
    ],
    [
      'two states where one is allowed',
      { observations: [{ feature: 'crush', states: ['powders', 'resists'] }] },
      422,
      'observations.0.states.1',
    ],
    ['no states', { observations: [{ feature: 'crush', states: [] }] }, 422, 'observations.0.states'],
    ['an unknown part', { observations: [{ ...smell, part: 'hem' }] }, 422, 'observations.0.part'],
    ['an unknown fibre', { observations: [], claim: [{ fibre: 'asbestos', percent: 100 }] }, 422, 'claim.0.fibre'],
    [
      'too much of a claim',
      {
        observations: [],
        claim: [
          { fibre: 'silk', percent: 70 },
          { fibre: 'wool', percent: 70 },
        ],
      },
      422,
      'claim',
    ],
    ['years the wrong way round', { observations: [], made: { after: 1970, before: 1950 } }, 422, 'made.after'],
    ['a wrong type', { observations: 'smell' }, 400, 'observations'],
    ['no observations', {}, 400, 'observations'],
    ['an unknown key', { observations: [], mood: 'good' }, 400, 'mood'],
    ['an unknown key deep down', { observations: [{ ...smell, how: 'sniffed' }] }, 400, 'observations.0.how'],
    ['a list', [], 400, 'body'],
    ['nothing', '', 400, 'body'],
    ['no JSON', '{"observations": [', 400, 'body'],
    ['null', 'null', 400, 'body'],
  ])('refuses %s with its path', async (_, body, status, path) => {
    const answer = await refusal(identifyComputation.post, body)
    expect(answer.status).toBe(status)
    expect(answer.paths).toContain(path)
  })

  it('reads no more than it must of 2 MB of nonsense', async () => {
    expect(await refusal(identifyComputation.post, 'x'.repeat(2 * MOST_BYTES))).toMatchObject({
      status: 413,
      code: 'too-large',
    })
  })
})

describe('weigh', () => {
  it('answers the contract’s example', async () => {
    const { status, body } = await ask(weighComputation.post, {
      readings: [{ grams: 3.2, resolutionGrams: 0.1, lengthMm: 100, widthMm: 100, cutErrorMm: 1 }],
    })
    expect(status).toBe(200)
    expect(body).toMatchObject({ weightClass: 'heavy', advice: null })
    expect(body.gsm).toBeCloseTo(320, 9)
  })

  it('refuses no readings, and readings of nothing', async () => {
    expect(await refusal(weighComputation.post, { readings: [] })).toMatchObject({ status: 422, paths: ['readings'] })
    expect(
      await refusal(weighComputation.post, { readings: [{ grams: -1, lengthMm: 1, widthMm: 1 }] }),
    ).toMatchObject({
      status: 422,
      paths: ['readings.0.grams'],
    })
    expect(
      await refusal(weighComputation.post, { readings: [{ grams: '3 g', lengthMm: 1, widthMm: 1 }] }),
    ).toMatchObject({
      status: 400,
      paths: ['readings.0.grams'],
    })
  })
})

describe('name', () => {
  const denim = {
    inspection: { construction: 'woven', interlacing: 'twill', back: 'colours-reversed' },
    gsm: 330,
    stretchPercent: { length: 0, width: 2 },
    fibres: ['cotton'],
  }

  it('answers the contract’s example, with words of both sides of the ocean', async () => {
    const { status, body } = await ask(nameComputation.post, denim)
    expect(status).toBe(200)
    expect(body).toMatchObject({
      names: expect.arrayContaining([expect.objectContaining({ id: 'denim', name: 'Denim' })]),
    })
    expect(body).toHaveProperty('names.0.id', 'denim')
    const { body: calico } = await ask(nameComputation.post, {
      inspection: { construction: 'woven', interlacing: 'plain', colouring: 'undyed' },
      gsm: 140,
      fibres: ['cotton'],
    })
    expect(calico).toMatchObject({
      names: expect.arrayContaining([
        expect.objectContaining({ name: 'Calico', also: expect.arrayContaining(['muslin']) }),
      ]),
    })
  })

  it('takes every part as optional, one answer or several', async () => {
    expect((await ask(nameComputation.post, {})).status).toBe(200)
    expect((await ask(nameComputation.post, { inspection: { surface: ['pebbled', 'foamy'] } })).status).toBe(200)
  })

  it.each([
    ['an unknown state', { inspection: { interlacing: 'macramé' } }, 422, 'inspection.interlacing'],
    ['an unknown feature', { inspection: { smell: 'paper' } }, 400, 'inspection.smell'],
    ['two where one is allowed', { inspection: { back: ['same', 'duller'] } }, 422, 'inspection.back.1'],
    ['no weight at all', { gsm: 0 }, 422, 'gsm'],
    ['an unknown fibre', { fibres: ['kapok'] }, 422, 'fibres.0'],
    ['a wrong type', { gsm: 'heavy' }, 400, 'gsm'],
  ])('refuses %s with its path', async (_, body, status, path) => {
    const answer = await refusal(nameComputation.post, body)
    expect([answer.status, answer.paths]).toEqual([status, expect.arrayContaining([path])])
  })
})

describe('match', () => {
  const need = {
    garment: 'jumpsuit',
    role: 'main',
    details: ['belt', 'collar'],
    season: 'mild',
    gsm: [150, 270],
    structure: 'woven',
    stretchPercent: { width: [0, 5] },
    body: ['soft', 'moderate'],
    opacity: ['opaque'],
  }
  const fabric = {
    called: 'chambray',
    gsm: 150,
    fibres: ['cotton'],
    construction: 'woven',
    stretchPercent: { length: 0, width: 3 },
    body: 'soft',
    opacity: 'opaque',
    washed: false,
  }

  it('answers the contract’s example', async () => {
    const { status, body } = await ask(matchComputation.post, { need, fabric })
    expect(status).toBe(200)
    expect(body.verdict).toBe('suits')
    expect(body).toHaveProperty('reasons.0.text')
  })

  it('takes every key as optional', async () => {
    expect((await ask(matchComputation.post, { need: {}, fabric: {} })).status).toBe(200)
  })

  it('refuses two of a kind, none of a kind, and words out of the vocabulary', async () => {
    expect(await refusal(matchComputation.post, { need, fabric, fabricId: 3 })).toMatchObject({
      status: 422,
      paths: ['fabricId'],
    })
    expect(await refusal(matchComputation.post, { fabric })).toMatchObject({ status: 422, paths: ['need'] })
    expect(await refusal(matchComputation.post, { need: { garment: 'toga' }, fabric })).toMatchObject({
      status: 422,
      paths: ['need.garment'],
    })
    expect(await refusal(matchComputation.post, { need: { gsm: [300, 100] }, fabric })).toMatchObject({
      status: 422,
      paths: ['need.gsm'],
    })
  })
})

describe('openapi.json', () => {
  it('describes the routes from the schemas that they parse with', () => {
    const document = openApi()
    expect(Object.keys(document.paths)).toEqual([
      '/api/v1/identify',
      '/api/v1/weigh',
      '/api/v1/name',
      '/api/v1/count',
      '/api/v1/match',
      '/api/v1/lay',
      '/api/v1/sew',
      '/api/v1/prepare',
      '/api/v1/mix',
      '/api/v1/dye',
      '/api/v1/teardown',
      '/api/v1/unravel',
      '/api/v1/set',
      '/api/v1/comfort',
      '/api/v1/enough',
      '/api/v1/envelope',
      '/api/v1/quantity',
      '/api/v1/outlines',
      '/api/v1/table',
      '/api/v1/export',
      '/api/v1/import',
    ])
    const text = JSON.stringify(document)
    expect(text).toContain('"hair"')
    expect(text).toContain('"bayesFactor"')
    expect(text).not.toContain('$schema')
    expect(document.paths['/api/v1/weigh']!.post.responses).toHaveProperty('413')
  })
})
