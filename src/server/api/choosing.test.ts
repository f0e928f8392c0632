import { ask } from '../../../tests/support/ask'
import { comfortComputation } from './comfort'
import { enoughComputation } from './enough'
import { envelopeComputation } from './envelope'
import { matchComputation } from './match'
import { ProblemSchema } from './problem'
import { setComputation } from './set'

type Handler = Parameters<typeof ask>[0]

async function refusal(handler: Handler, body: unknown) {
  const { status, body: answer } = await ask(handler, body)
  return { status, paths: ProblemSchema.parse(answer).error.issues.map(({ path }) => path) }
}

describe('set', () => {
  const asked = {
    need: { garment: 'coat' },
    main: { called: 'melton', gsm: 480, fibres: [{ fibre: 'wool', share: 'all' }] },
    lining: { called: 'lining', gsm: 85, fibres: ['cupro'] },
    interfacing: { gsm: 120, construction: 'woven', attach: 'sew-in', count: 1 },
    wadding: { gsm: 80, loftMm: 3, fibres: ['polyester'] },
  }

  it('answers in the shape of the contract', async () => {
    const { status, body } = await ask(setComputation.post, asked)
    expect(status).toBe(200)
    expect(body).toMatchObject({
      score: expect.any(Number),
      verdict: expect.stringMatching(/^(suits|suits-with-changes|risky|unsuitable)$/),
      care: { washCelsius: null, tumble: false, ironDots: expect.any(Number), text: expect.any(String) },
    })
    for (const pair of body.pairs) {
      expect(pair.between).toHaveLength(2)
      expect(pair.property).toMatch(/^(weight|shrinkage|care|slide|opacity|stretch|body|heat)$/)
      expect(pair.status).toMatch(/^(good|near|bad|unknown)$/)
      expect(pair.id).toMatch(/^[a-z-]+$/)
    }
    const partners = body.pairs.map(({ between }: { between: string[] }) => between[1])
    expect(new Set(partners)).toEqual(new Set(['lining', 'interfacing', 'wadding']))
  })

  it('asks for the main cloth and nothing else', async () => {
    expect((await ask(setComputation.post, { main: {} })).body).toMatchObject({ score: 1, worst: null, pairs: [] })
    expect(await refusal(setComputation.post, {})).toEqual({ status: 400, paths: ['main'] })
  })

  it.each([
    [{ ...asked, interfacing: { gsm: 120, count: 0 } }, 'interfacing.count'],
    [{ ...asked, interfacing: { attach: 'glued' } }, 'interfacing.attach'],
    [{ ...asked, lining: { gsm: -4 } }, 'lining.gsm'],
    [{ ...asked, wadding: { loftMm: 0 } }, 'wadding.loftMm'],
  ])('refuses nonsense with its path: %#', async (body, path) => {
    const { status, paths } = await refusal(setComputation.post, body)
    expect([400, 422]).toContain(status)
    expect(paths).toEqual([path])
  })
})

describe('comfort', () => {
  it('answers in the shape of the contract', async () => {
    const { status, body } = await ask(comfortComputation.post, {
      fabric: { called: 'linen', gsm: 160, fibres: ['linen'] },
      nextToSkin: true,
    })
    expect(status).toBe(200)
    for (const season of ['hot', 'mild', 'cold']) {
      const { score, interval80 } = body[season]
      expect(interval80[0]).toBeLessThanOrEqual(score)
      expect(interval80[1]).toBeGreaterThanOrEqual(score)
      expect(score).toBeLessThanOrEqual(1)
    }
    expect(body.regainPercent).toBe(8.75)
    expect(body.airPermeability.word).toMatch(/^(open|airy|middling|close|sealed)$/)
    expect(body.reasons.every((one: { id: string; text: string }) => one.id !== '' && one.text !== '')).toBe(true)
    expect(body.schools).toEqual([{ id: 'linen-breathes', picked: 'computed', text: expect.any(String) }])
  })

  it('of nothing it says that it does not know', async () => {
    const { body } = await ask(comfortComputation.post, { fabric: {} })
    expect(body.regainPercent).toBeNull()
    expect(body.reasons.map(({ id }: { id: string }) => id)).toContain('moisture-unknown')
  })
})

describe('enough', () => {
  const asked = {
    lengths: [
      { widthMm: 1120, lengthMm: 2100, nap: false },
      { widthMm: 1500, lengthMm: 1600, nap: false },
    ],
    fabric: {
      widthMm: 1500,
      lengthMm: 2000,
      oneWay: false,
      repeatMm: { length: 0, width: 0 },
      shrinkPercent: { length: 0, width: 0 },
      washed: true,
      selvedgeMm: 13,
    },
    pieces: 9,
    marginMm: 100,
  }

  it('answers in the shape of the contract, the parts summing to the need', async () => {
    const { status, body } = await ask(enoughComputation.post, asked)
    expect(status).toBe(200)
    expect(body).toMatchObject({ needMm: 1700, haveMm: 2000, verdict: 'enough', buy: { metres: 1.7, yards: 1.875 } })
    const sum = body.parts.reduce((all: number, { addMm }: { addMm: number }) => all + addMm, 0)
    expect(sum).toBeCloseTo(body.needMm, 6)
  })

  it('without a length of cloth it says what to buy', async () => {
    const { body } = await ask(enoughComputation.post, { ...asked, fabric: { ...asked.fabric, lengthMm: null } })
    expect(body).toMatchObject({ haveMm: null, verdict: 'buy' })
  })

  it.each([
    [{ ...asked, lengths: [] }, 'lengths'],
    [{ ...asked, lengths: [{ widthMm: 1120, lengthMm: 0 }] }, 'lengths.0.lengthMm'],
    [{ ...asked, pieces: 0 }, 'pieces'],
    [{ ...asked, marginMm: -1 }, 'marginMm'],
    [{ ...asked, fabric: { widthMm: 20, selvedgeMm: 15 } }, 'fabric.selvedgeMm'],
    [{ ...asked, fabric: { ...asked.fabric, colour: 'red' } }, 'fabric.colour'],
  ])('refuses nonsense with its path: %#', async (body, path) => {
    const { status, paths } = await refusal(enoughComputation.post, body)
    expect([400, 422]).toContain(status)
    expect(paths).toEqual([path])
  })
})

describe('envelope', () => {
  it('answers in the shape of the contract, and what it answers is a need that matching takes', async () => {
    const { status, body } = await ask(envelopeComputation.post, {
      text: 'Shirt with collar. Light to mid-weight wovens such as chambray. Not suitable for plaids. 8 buttons',
    })
    expect(status).toBe(200)
    expect(body).toMatchObject({ garment: 'shirt', avoid: [{ id: 'plaids' }], notRead: [] })
    expect(body.notions).toEqual([{ id: 'button', text: '8 buttons', count: 8 }])
    const { need } = body.roles[0]
    expect((await ask(matchComputation.post, { need, fabric: { called: 'chambray' } })).status).toBe(200)
  })

  it('reads nothing out of nothing, and no more than it may', async () => {
    expect((await ask(envelopeComputation.post, { text: '' })).body).toMatchObject({
      garment: null,
      roles: [],
      notRead: [],
    })
    expect(await refusal(envelopeComputation.post, { text: 'x'.repeat(20_001) })).toMatchObject({ paths: ['text'] })
    expect(await refusal(envelopeComputation.post, {})).toEqual({ status: 400, paths: ['text'] })
  })
})

describe('match, more', () => {
  it('takes a fibre by its id or with its share, and roles; says its spread and what helps together', async () => {
    const { status, body } = await ask(matchComputation.post, {
      need: { garment: 'blazer', roles: ['main', 'lining'] },
      fabric: {
        called: 'wool flannel',
        gsm: 300,
        fibres: [
          { fibre: 'wool', share: 'main' },
          { fibre: 'nylon', share: 'minor' },
        ],
        widthMm: 1500,
        handling: ['frays'],
        colour: '#334455',
        nap: false,
        shrinkPercent: { length: 3, width: 1 },
      },
    })
    expect(status).toBe(200)
    expect(body.interval80[0]).toBeLessThanOrEqual(body.score)
    expect(body.spread).toMatch(/in 100|out of 100/)
    expect(body).toHaveProperty('together')
    expect((await ask(matchComputation.post, { need: {}, fabric: { fibres: ['wool'] } })).status).toBe(200)
  })

  it.each([
    [{ fibres: [{ fibre: 'wool', share: 'some' }] }, /^fabric\.fibres\.0/],
    [{ fibres: ['unobtainium'] }, /^fabric\.fibres\.0/],
    [{ handling: ['bites'] }, /^fabric\.handling\.0/],
  ])('refuses %o', async (fabric, path) => {
    const { status, paths } = await refusal(matchComputation.post, { need: {}, fabric })
    expect([400, 422]).toContain(status)
    expect(paths[0]).toMatch(path)
  })
})
