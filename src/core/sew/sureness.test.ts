import { offerFrom } from '../fabric/offer'
import { surenessOf, SURE_LINES } from './sureness'

const of = (described: Parameters<typeof offerFrom>[0]) =>
  new Map(surenessOf({ offer: offerFrom(described) }).map((one) => [one.line, one]))

it('says of every line how sure it is', () => {
  const lines = of({ called: 'linen' })
  expect([...lines.keys()]).toEqual([...SURE_LINES])
  for (const { share, word } of lines.values()) {
    expect(share).toBeGreaterThan(0)
    expect(share).toBeLessThanOrEqual(1)
    expect(word === 'sure').toBe(share >= 0.95)
  }
})

it('grows surer as a cloth is known, and never says that nothing is left to settle while something is', () => {
  const unknown = of({})
  const known = of({
    called: 'poplin',
    gsm: 118,
    gsmUncertainty: 1,
    fibres: ['cotton'],
    stretchPercent: { width: 1 },
    body: 'moderate',
    opacity: 'opaque',
  })
  const sum = (lines: typeof known) => [...lines.values()].reduce((total, { share }) => total + share, 0)
  expect(sum(known)).toBeGreaterThan(sum(unknown))
  for (const { share, settle } of unknown.values()) expect(settle === null).toBe(share === 1)
})

it('names the property that turns a line', () => {
  // The iron is set by the fibre; a satin may be silk, polyester or acetate.
  expect(of({ called: 'satin', gsm: 110 }).get('pressing')).toMatchObject({ settle: 'identify its fibre' })
  expect(of({ called: 'satin', gsm: 110, fibres: ['silk'] }).get('pressing')!.word).toBe('sure')
  // A weight on the edge between two needles.
  expect(of({ fibres: ['cotton'], construction: 'woven' }).get('needle')!.settle).toBe('weigh it')
})
