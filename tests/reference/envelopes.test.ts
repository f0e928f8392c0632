import fc from 'fast-check'
import { readEnvelope } from '@/core/choose/envelope/readEnvelope'
import { NeedSchema } from '@/core/notebook/schemas/need'
import { toldEnvelopes } from '../support/cases/envelopes'

it('reads nine of ten facts off the told envelopes', () => {
  const missed = toldEnvelopes.flatMap(({ text, facts }) => {
    const read = readEnvelope(text)
    return facts.flatMap(([what, of, is]) =>
      JSON.stringify(of(read)) === JSON.stringify(is)
        ? []
        : [`${text.slice(0, 20)}: ${what} ${JSON.stringify(of(read))}`],
    )
  })
  const all = toldEnvelopes.reduce((sum, { facts }) => sum + facts.length, 0)
  expect([missed, missed.length / all <= 0.1]).toEqual([expect.any(Array), true])
})

it.each([
  ['45" 2 1/2 yds', 1143, 2286],
  ['44/45 in: 2½ yd', 1143, 2286],
  ['112cm - 2.3m', 1120, 2300],
  ['150 cm (60") wide: 1,8 m', 1500, 1800],
  ['1500 mm 180 cm', 1500, 1800],
  ['60” wide: 1-5/8 yards', 1524, 1486],
] as const)('a row of a table: %s', (text, widthMm, lengthMm) => {
  expect(readEnvelope(text).roles[0]!.lengths).toEqual([
    { size: null, view: null, widthMm, lengthMm, nap: false, from: text },
  ])
})

it('whatever is pasted, it answers with needs that are needs', () => {
  const words = [
    'lining:',
    'size 8 10',
    '45"',
    '2⅛',
    'yd',
    'stretch',
    '40%',
    'nap',
    '\n',
    '.',
    'light',
    'to',
    'knits',
    '🙂',
  ]
  const text = fc.oneof(
    fc.string(),
    fc.array(fc.constantFrom(...words), { maxLength: 40 }).map((list) => list.join(' ')),
  )
  fc.assert(
    fc.property(text, (pasted) => {
      const { roles } = readEnvelope(pasted)
      for (const { need, lengths } of roles) {
        expect(NeedSchema.safeParse(need).success).toBe(true)
        expect(lengths.every((one) => one.lengthMm > 0 && one.widthMm > 0)).toBe(true)
      }
    }),
    { numRuns: 400 },
  )
})
