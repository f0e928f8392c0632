import { judged } from '../support/cases/judged'
import { toldSets } from '../support/cases/sets'

// Sets as people who sew put them together, or would not; common practice.
const goes = (verdict: string) => verdict === 'suits' || verdict === 'suits-with-changes'

it('agrees with what somebody who sews would put together in nine of ten, and names what is wrong', () => {
  const wrong = toldSets.filter((told) => {
    const { verdict, pairs, worst } = judged(told)
    if (told.goes) return !goes(verdict)
    return verdict === 'suits' || !worst || pairs[0]!.property !== told.because
  })
  expect(wrong.map(({ what }) => what)).toEqual(expect.any(Array))
  expect(wrong.length / toldSets.length).toBeLessThanOrEqual(0.1)
})

it.each([
  [60, 1, 'good'],
  [115, 1, 'good'],
  [180, 1, 'bad'],
  [70, 2, 'near'],
  [50, 2, 'good'],
] as const)(
  'an interfacing of %i g/m², %i of them, behind 115 g: %s (the interfacing rule)',
  (gsm, count, status) => {
    const { pairs } = judged({
      what: '',
      main: { called: 'poplin', gsm: 115, fibres: ['cotton'], washed: true },
      interfacing: { gsm, count, construction: 'woven', attach: 'sew-in' },
      goes: true,
    })
    expect(pairs.find(({ id }) => id === 'interfacing-no-heavier')!.status).toBe(status)
  },
)

it('lets interfacing be heavier where stiffness is wanted', () => {
  const bag = (garment?: 'bag') =>
    judged({
      what: '',
      need: garment && { garment },
      main: { called: 'canvas', gsm: 250, fibres: ['cotton'], washed: true },
      interfacing: { gsm: 400, construction: 'nonwoven', attach: 'sew-in' },
      goes: true,
    }).pairs.find(({ id }) => id === 'interfacing-no-heavier')!.status
  expect([bag('bag'), bag()]).toEqual(['good', 'bad'])
})

it('looks after the whole as its tenderest part asks', () => {
  const { care } = judged({
    what: '',
    main: { called: 'poplin', gsm: 120, fibres: ['cotton'] },
    lining: { called: 'lining', gsm: 70, fibres: ['acetate'] },
    goes: true,
  })
  expect(care).toMatchObject({ washCelsius: 30, tumble: 'never', ironDots: 1 })
  const wool = judged({
    what: '',
    main: { called: 'melton', gsm: 450, fibres: ['wool'] },
    lining: { called: 'lining', gsm: 90, fibres: ['cupro'] },
    goes: true,
  })
  expect(wool.care.washCelsius).toBeNull()
  expect(wool.care.text).toMatch(/dry clean/)
})

it('names the worst pair, and none where all agree', () => {
  const shirt = { called: 'poplin', gsm: 120, fibres: ['cotton'], washed: true } as const
  const light = { gsm: 40, construction: 'woven', attach: 'sew-in' } as const
  expect(judged({ what: '', main: shirt, interfacing: light, goes: true }).worst).toBeNull()
  const heavy = judged({
    what: '',
    main: shirt,
    lining: { called: 'duck', gsm: 400, fibres: ['cotton'], washed: true },
    interfacing: light,
    goes: false,
  })
  expect(heavy.worst).toEqual(['main', 'lining'])
})

it('washing both first mends what shrinks apart; dry-cleaned cloth does not come to that', () => {
  const gauze = { called: 'double gauze', fibres: ['cotton'], washed: false, shrinkPercent: { length: 9 } } as const
  const lined = (main: Parameters<typeof judged>[0]['main']) =>
    judged({ what: '', main, lining: { called: 'lining', gsm: 60, fibres: ['polyester'] }, goes: false })
  const { remedies, score } = lined(gauze)
  expect(remedies.find(({ id }) => id === 'wash-both-first')!.scoreAfter).toBeGreaterThan(score)
  const shrink = lined({ called: 'melton', fibres: ['wool'] }).pairs.find(({ property }) => property === 'shrinkage')!
  expect(shrink.status).toBe('good')
})
