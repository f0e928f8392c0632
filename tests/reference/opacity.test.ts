import { namedCloths } from '@/core/cloths/catalogue'
import { foretellOpacity, lightnessOf, openShareOf } from '@/core/measure/opacity'
import { texFromCottonCount } from '@/core/units/yarnCount'
import { GSM_PER_OUNCE_PER_SQUARE_YARD } from '@/core/units/constants'
import { usualOpenShare } from '@/core/weave/openness'

const pale = { gsm: 3 * GSM_PER_OUNCE_PER_SQUARE_YARD, openShare: 0.3, filament: false, lightness: 0.9 }

// Common practice: a 3 oz/yd² linen gauze is see-through; a 5 to 5½ oz/yd² linen is opaque even in pale colours.
it('foretells what linen sewists know', () => {
  expect(foretellOpacity(pale).likeliest).not.toBe('opaque')
  expect(
    foretellOpacity({ ...pale, gsm: 5.25 * GSM_PER_OUNCE_PER_SQUARE_YARD, openShare: usualOpenShare('plain') })
      .likeliest,
  ).toBe('opaque')
})

// The catalogue's opacities are common practice, noted apart from the model.
it(
  'agrees with how the cloths of the catalogue are known in at least 8 of 10, and is never sure of the ' + 'opposite',
  () => {
    const foretold = namedCloths.map((cloth) => ({
      cloth,
      answer: foretellOpacity({
        gsm: Math.sqrt(cloth.gsm[0] * cloth.gsm[1]),
        gsmUncertainty: (cloth.gsm[1] - cloth.gsm[0]) / 4,
        openShare: usualOpenShare(cloth.interlacing),
        filament: null,
        lightness: null,
      }),
    }))
    expect(
      foretold.filter(({ cloth, answer }) => answer.likeliest === cloth.opacity).length / namedCloths.length,
    ).toBeGreaterThan(0.8)
    const opposite = foretold.filter(
      ({ cloth, answer }) =>
        cloth.opacity !== 'semi-sheer' && answer.grades[cloth.opacity === 'opaque' ? 'sheer' : 'opaque'] > 0.8,
    )
    expect(opposite.map(({ cloth }) => cloth.id)).toEqual([])
  },
)

it('lets less through with weight and with darkness, and doubts more where the colour is not known', () => {
  const at = (change: object) => foretellOpacity({ ...pale, ...change })
  expect(at({ gsm: 200 }).transmission).toBeLessThan(at({}).transmission)
  expect(at({ lightness: 0.1 }).transmission).toBeLessThan(at({}).transmission)
  expect(at({ filament: true }).transmission).toBeGreaterThan(at({}).transmission)
  const width = ({ interval95: [low, high] }: { interval95: [number, number] }) => high - low
  expect(width(at({ lightness: null }))).toBeGreaterThan(width(at({ lightness: 0.6 })))
  const { grades } = at({})
  expect(grades.sheer + grades['semi-sheer'] + grades.opaque).toBeCloseTo(1, 9)
  expect(() => at({ gsm: 0 })).toThrow(/weight/)
})

// Peirce's geometry (1937): yarns that touch leave no hole; at half that count half of the width is bare each way.
it('takes the holes from counted threads where there are any', () => {
  const tex = texFromCottonCount(25)
  const touching = (28 * 5) / 2.54
  expect(openShareOf({ endsPerCm: touching, picksPerCm: 10, warpTex: tex, weftTex: tex })).toBeCloseTo(0, 9)
  expect(openShareOf({ endsPerCm: touching / 2, picksPerCm: touching / 2, warpTex: tex, weftTex: tex })).toBeCloseTo(
    0.25,
    9,
  )
})

it('takes lightness from a colour', () => {
  expect(lightnessOf('#ffffff')).toBeCloseTo(1, 6)
  expect(lightnessOf('#000000')).toBe(0)
  expect(lightnessOf('#808080')).toBeCloseTo(0.6, 1)
})
