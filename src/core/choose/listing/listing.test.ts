import { type Listed } from './listed'
import { checkListing, listedFibres, listedGsm } from './listing'

const listed = (over: Partial<Listed> = {}): Listed => ({
  called: '',
  weight: null,
  weightIn: 'gsm',
  widthMm: null,
  fibres: '',
  price: null,
  pricePer: 'metre',
  ...over,
})

it.each([
  [150, 'gsm', null, 150],
  [5, 'oz', null, 169.53],
  [16, 'momme', null, 69.44],
  [12, 'oz-yard', 1524, 244.1],
  [300, 'g-metre', 1500, 200],
  [12, 'oz-yard', null, null],
  [0, 'gsm', null, null],
] as const)('%d %s at %s mm is %s g/m²', (weight, weightIn, widthMm, gsm) => {
  const found = listedGsm({ weight, weightIn, widthMm })
  if (gsm === null) expect(found).toBeNull()
  else expect(found).toBeCloseTo(gsm, 0)
})

it.each([
  [
    '95% cotton, 5% elastane',
    [
      ['cotton', 'main'],
      ['elastane', 'minor'],
    ],
  ],
  [
    '50 % viscose / 50 % polyester',
    [
      ['viscose', 'even'],
      ['polyester', 'even'],
    ],
  ],
  ['100% linen', [['linen', 'all']]],
  [
    'cotton and silk',
    [
      ['cotton', 'even'],
      ['silk', 'even'],
    ],
  ],
  ['mystery fabric', []],
] as const)('%s', (text, fibres) => {
  expect(listedFibres(text).map(({ fibre, share }) => [fibre, share])).toEqual(fibres)
})

it('compares prices over widths', () => {
  expect(checkListing(listed({ price: 11.2, widthMm: 1120 }), []).perM2).toBeCloseTo(10, 9)
  expect(checkListing(listed({ price: 15, widthMm: 1500 }), []).perM2).toBeCloseTo(10, 9)
  expect(checkListing(listed({ price: 10, pricePer: 'yard', widthMm: 1000 }), []).perM2).toBeCloseTo(10.936, 3)
  expect(checkListing(listed({ price: 10 }), []).perM2).toBeNull()
})

it('foretells sheerness from the weight, and asks for it where it is not said', () => {
  const gauze = checkListing(listed({ called: 'linen', weight: 90, fibres: 'linen' }), [])
  const stout = checkListing(listed({ called: 'linen', weight: 190, fibres: 'linen' }), [])
  expect(gauze.opacity!.grades.opaque).toBeLessThan(stout.opacity!.grades.opaque)
  expect(checkListing(listed({ called: 'linen' }), []).asks.map(({ id }) => id)).toContain('weight')
  expect(stout.asks.map(({ id }) => id)).not.toContain('weight')
  expect(checkListing(listed({ called: 'jersey', weight: 180 }), []).asks.map(({ id }) => id)).toContain('stretch')
})

it('names the patterns that it would suit, the best first, and none that it would not', () => {
  const patterns = [
    { id: 'coat', name: 'Coat', need: { garment: 'coat' as const } },
    { id: 'shirt', name: 'Shirt', need: { garment: 'shirt' as const } },
  ]
  const { patterns: found } = checkListing(listed({ called: 'poplin', weight: 120, fibres: 'cotton' }), patterns)
  expect(found.map(({ id }) => id)).toEqual(['shirt'])
})

it('says what a pattern would take of it and come to, so that widths compare; the largest size, to be safe', () => {
  const lengths = [
    { widthMm: 1120, lengthMm: 2000, nap: false },
    { widthMm: 1120, lengthMm: 2400, nap: false },
    { widthMm: 1500, lengthMm: 1800, nap: false },
  ]
  const patterns = [{ id: 'shirt', name: 'Shirt', need: { garment: 'shirt' as const }, lengths }]
  const cost = (widthMm: number, price: number) =>
    checkListing(listed({ called: 'poplin', weight: 120, fibres: 'polyester', widthMm, price }), patterns)
      .patterns[0]!
  expect(cost(1120, 10).buy).toMatch(/^2\.5 m/)
  expect(cost(1120, 10).cost).toBeCloseTo(25, 9)
  expect(cost(1500, 14).cost).toBeGreaterThan(cost(1120, 10).cost!)
  const [none] = checkListing(listed({ called: 'poplin', weight: 120, fibres: 'cotton' }), patterns).patterns
  expect([none!.buy, none!.cost]).toEqual([null, null])
})
