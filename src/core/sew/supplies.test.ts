import { offerFrom } from '../fabric/offer'
import { sewAdvice } from './advice'
import { suppliesFor, threadMetres, THREAD_PER_METRE } from './supplies'
import { asPlainText } from '../text/render'

const advice = (called: string, overlocker = false) =>
  sewAdvice({ offer: offerFrom({ called }), machine: { overlocker } })
const asked = (rest: Partial<Parameters<typeof suppliesFor>[0]> = {}) => ({
  advice: advice('chambray'),
  garment: 'shirt' as const,
  details: ['collar', 'cuffs', 'buttonholes'] as const,
  copies: 1,
  overlocker: false,
  smallestNeedle: 60,
  ...rest,
})
const ids = (list: ReturnType<typeof suppliesFor>) => list.map(({ id }) => id)

it('takes about two and a half metres of thread for a metre of plain seam (as in textbooks, from memory)', () => {
  expect(THREAD_PER_METRE.straight).toBeGreaterThan(2.4)
  expect(THREAD_PER_METRE.straight).toBeLessThan(3)
  expect(THREAD_PER_METRE.overlocked).toBeGreaterThan(4 * THREAD_PER_METRE.straight)
  const [low, high] = threadMetres(20, advice('tweed'), false)
  expect(low).toBeLessThan(20 * 2.7 * 1.25)
  expect(high).toBeGreaterThan(20 * 2.7 * 1.25)
  expect(threadMetres(20, advice('jersey', true), true)[0]).toBeGreaterThan(high)
})

it('lists what a shirt needs, and not what it does not', () => {
  const list = suppliesFor(asked())
  expect(ids(list)).toEqual(['thread', 'needles', 'interfacing', 'buttons', 'marking'])
  expect(asPlainText(list[3]!.text)).toBe('11 buttons, 11 to 15 mm')
  expect(ids(suppliesFor(asked({ details: [] })))).toEqual(['thread', 'needles', 'marking'])
})

it('grows with the copies', () => {
  const metres = (copies: number) => Number(/(\d+) to/.exec(asPlainText(suppliesFor(asked({ copies }))[0]!.text))![1])
  expect(metres(6) / metres(1)).toBeCloseTo(6, 0)
})

it.each([
  ['zip', 'zip'],
  ['elastic-waist', 'elastic'],
  ['drawstring', 'cord'],
  ['bound-edges', 'binding'],
] as const)('a %s asks for %s', (detail, id) => expect(ids(suppliesFor(asked({ details: [detail] })))).toContain(id))

it('says where the needle is finer than those at hand', () => {
  const list = suppliesFor(asked({ advice: advice('chiffon'), smallestNeedle: 80 }))
  expect(list.find(({ id }) => id === 'needles')!.why).toMatch(/Finer/)
})
