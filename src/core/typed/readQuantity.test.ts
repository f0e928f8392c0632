import { readQuantity, type TypedAs, type TypedKind } from './readQuantity'

const read = (text: string, as: TypedAs) => {
  const outcome = readQuantity(text, as)
  return outcome.ok ? outcome.read : outcome.message
}
/** The value, or `ask` where the person is asked, or `no` where it is no number. */
const seen = (text: string, as: TypedAs) => {
  const outcome = readQuantity(text, as)
  if (!outcome.ok) return 'no'
  return outcome.read.ambiguous || !outcome.read.plausible ? 'ask' : outcome.read.value
}

type Row = [text: string, kind: TypedKind, assume: string | undefined, value: number | 'ask' | 'no']

// Arithmetic with the exact inch, yard, ounce and pound of 1959; a momme by its definition.
const ANYWHERE: Row[] = [
  ['2,50', 'length', 'm', 2500],
  ['2.50', 'length', 'm', 2500],
  ['12,4 g', 'weight', undefined, 12.4],
  ['12.4g', 'weight', undefined, 12.4],
  ['2 ½', 'length', 'm', 2500],
  ['2½ yd', 'length', 'm', 2286],
  ['2 1/2', 'length', 'yd', 2286],
  ['2-1/2 yd', 'length', 'm', 2286],
  ['⅝ yd', 'length', 'm', 571.5],
  ['1 3/8 yds', 'length', 'm', 1257.3],
  ['1 yd 9 in', 'length', 'm', 1143],
  ['1yd9in', 'length', 'm', 1143],
  ['1 yard and 9 inches', 'length', 'm', 1143],
  ['5\' 3"', 'length', 'm', 1600.2],
  ["5'3", 'length', 'm', 1600.2],
  ['1 m 20', 'length', 'm', 1200],
  ['a yard and a half', 'length', 'm', 1371.6],
  ['three quarters of a yard', 'length', 'm', 685.8],
  ['half a metre', 'length', 'm', 500],
  ['about 3 m', 'length', 'm', 3000],
  ['2 m', 'length', 'yd', 2000],
  ['30 in', 'length', 'm', 762],
  ['.5', 'length', 'm', 500],
  ['0,125', 'length', 'm', 125],
  ['0.125', 'length', 'm', 125],
  ['1.234,5 mm', 'length', 'm', 1234.5],
  ['1,234.5 mm', 'length', 'm', 1234.5],
  ['1 250 mm', 'length', 'm', 1250],
  ['1’250 mm', 'length', 'm', 1250],
  ['140', 'width', 'cm', 1400],
  ['1,4 m', 'width', 'cm', 1400],
  ['55″', 'width', 'cm', 1397],
  ['2.48', 'width', 'cm', 'ask'],
  ['1400', 'width', 'cm', 'ask'],
  ['150', 'areal-weight', 'g/m²', 150],
  ['150 gsm', 'areal-weight', 'oz/yd²', 150],
  ['12 oz', 'areal-weight', 'g/m²', 406.868969699],
  ['4 1/2 oz/sq yd', 'areal-weight', 'g/m²', 152.575863637],
  ['19 momme', 'areal-weight', 'g/m²', 82.4587778589],
  ['13978', 'areal-weight', 'g/m²', 'ask'],
  ['2 oz', 'weight', 'g', 56.69904625],
  ['1 lb 3 oz', 'weight', 'g', 538.640939375],
  ['1,5 kg', 'weight', 'g', 1500],
  ['20 %', 'percent', undefined, 20],
  ['-5%', 'percent', undefined, -5],
  ['2,5', 'percent', undefined, 2.5],
  ['£12.50/yd', 'price', undefined, 12.5],
  ['12,50 €', 'price', undefined, 12.5],
  ['$1,250.00', 'price', undefined, 1250],
  ['6', 'count', undefined, 6],
  ['2.5', 'count', undefined, 'no'],
  ['', 'length', 'm', 'no'],
  ['abc', 'length', 'm', 'no'],
  ['1e3', 'length', 'm', 'no'],
  ['1,2,3', 'length', 'm', 'no'],
  ['1/0 m', 'length', 'm', 'no'],
  ['2 5/4 m', 'length', 'm', 'no'],
  ['45/60', 'width', 'cm', 'no'],
  ['10-12 m', 'length', 'm', 'no'],
  ['-3 m', 'length', 'm', 'no'],
  ['12 oz', 'length', 'm', 'no'],
  ['3 in 2 yd', 'length', 'm', 'no'],
  ['9'.repeat(400), 'length', 'm', 'no'],
]

describe.each(['en-GB', 'en-US', 'de-DE'])('typed in a browser that speaks %s', (locale) => {
  test.each(ANYWHERE)('%j as a %s', (text, kind, assume, value) => {
    expect(seen(text, { kind, locale, ...(assume && { assume }) })).toBe(value)
  })
})

describe('what can be read in two ways', () => {
  test.each<[text: string, kind: TypedKind, assume: string, locale: string, value: number | 'ask']>([
    // As this language writes it, and nothing else makes sense.
    ['1.250', 'length', 'm', 'en-GB', 1250],
    ['1,250', 'length', 'm', 'de-DE', 1250],
    ['1,250', 'length', 'mm', 'en-GB', 1250],
    ['1.250', 'length', 'mm', 'de-DE', 1250],
    // Against the language, or both make sense.
    ['1,250', 'length', 'm', 'en-GB', 'ask'],
    ['1.250', 'length', 'm', 'de-DE', 'ask'],
    ['1,234', 'weight', 'g', 'en-GB', 'ask'],
    ['1.234', 'weight', 'g', 'en-GB', 'ask'],
    ['1,400', 'width', 'cm', 'en-US', 'ask'],
  ])('%j as a %s in %s, %s', (text, kind, assume, locale, value) => {
    expect(seen(text, { kind, assume, locale })).toBe(value)
  })
  test('says all its readings, the likeliest first', () => {
    expect(read('1,234 g', { kind: 'weight', locale: 'en-GB' })).toEqual({
      value: 1234,
      unit: 'g',
      plausible: true,
      ambiguous: true,
      readings: [
        { value: 1234, unit: 'g', plausible: true },
        { value: 1.234, unit: 'g', plausible: true },
      ],
    })
  })
  test('thousands are parted in counts', () => {
    expect([seen('1,000', { kind: 'count' }), seen('1.000', { kind: 'count', locale: 'de-DE' })]).toEqual([
      1000, 1000,
    ])
  })
})

test('an implausible number is offered in the units in which it would make sense', () => {
  expect(read('1400', { kind: 'width', assume: 'cm' })).toMatchObject({
    value: 14_000,
    plausible: false,
    ambiguous: false,
    readings: [
      { value: 14_000, unit: 'cm' },
      { value: 1400, unit: 'mm', plausible: true },
    ],
  })
})

test('a price keeps its currency and what it is for', () => {
  const unit = (text: string) => {
    const outcome = readQuantity(text, { kind: 'price' })
    return outcome.ok && [outcome.read.value, outcome.read.unit]
  }
  expect(unit('$8.99 per yard')).toEqual([8.99, 'USD/yd'])
  expect(unit('€ 3,50 / m')).toEqual([3.5, 'EUR/m'])
  expect(unit('8.99')).toEqual([8.99, ''])
})

test('what is not understood says how to type it', () => {
  expect(read('twelve', { kind: 'width' })).toBe(
    'We can’t read “twelve” as a number in cm. Please enter it like 140 cm or 55 in.',
  )
})
