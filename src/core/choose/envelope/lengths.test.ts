import fc from 'fast-check'
import { type LengthAsked } from '../../notebook/schemas/making'
import { lengthsAsText, lengthsFor, sizesIn } from './lengths'
import { readLengths } from './readLengths'

const row = (over: Partial<LengthAsked> = {}): LengthAsked => ({
  size: null,
  view: null,
  widthMm: 1150,
  lengthMm: 2400,
  nap: false,
  ...over,
})

it('what is written reads back as it was', () => {
  const widths = fc.uniqueArray(fc.integer({ min: 60, max: 300 }), { minLength: 1, maxLength: 3 })
  const sizes = fc.constantFrom([null], ['8', '10', '12'], ['S', 'M', 'L'], ['6-8', '10-12'])
  fc.assert(
    fc.property(widths, sizes, fc.integer({ min: 300, max: 9000 }), fc.boolean(), (cm, of, lengthMm, nap) => {
      const lengths = cm.flatMap((width) =>
        of.map((size, index) => row({ widthMm: width * 10, size, nap, lengthMm: lengthMm + index * 50 })),
      )
      expect(readLengths(lengthsAsText(lengths))).toEqual({ lengths, notRead: [] })
    }),
  )
})

it('reads views, and says what it could not read', () => {
  const { lengths, notRead } = readLengths('View A\n115 cm 2.4 m\nView B: 115 cm 3 m\nsee the instructions')
  expect(lengths.map(({ view, lengthMm }) => [view, lengthMm])).toEqual([
    ['A', 2400],
    ['B', 3000],
  ])
  expect(notRead).toEqual(['see the instructions'])
})

it('takes the lengths of a size and view, and those for all', () => {
  const lengths = [row({ size: '8' }), row({ size: '10' }), row({ size: null, view: 'A' }), row({ view: 'B' })]
  expect(lengthsFor(lengths, { size: '10', view: 'A' })).toEqual([lengths[1], lengths[2]])
  expect(lengthsFor(lengths, { size: '', view: '' })).toEqual(lengths)
  expect(sizesIn(lengths)).toEqual(['8', '10'])
})
