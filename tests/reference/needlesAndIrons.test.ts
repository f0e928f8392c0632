import { FIBRE_IDS } from '@/core/vocabulary/fibres'
import { fibreById } from '@/core/fibres/catalogue'
import { ironFor, IRON_DOTS } from '@/core/fibres/irons'
import { needleFor, needleSizes } from '@/core/sew/needles'

describe('machine needles (pairs of NM and US numbers, from memory)', () => {
  it('have a blade of NM / 100 mm and the usual US numbers', () => {
    expect(needleSizes.map(({ nm, us }) => `${nm}/${us}`)).toEqual([
      '60/8',
      '65/9',
      '70/10',
      '75/11',
      '80/12',
      '90/14',
      '100/16',
      '110/18',
      '120/19',
    ])
    for (const { nm, bladeMm } of needleSizes) expect(bladeMm * 100).toBeCloseTo(nm, 9)
  })
  // Common practice: fine silk 60 to 70, challis 70, quilting cotton 80.
  it.each([
    ['fine silk', 50, 60, 70],
    ['challis', 110, 70, 70],
    ['quilting cotton', 145, 80, 80],
    ['heavy denim', 450, 100, 120],
  ])('suit %s', (_, gsm, low, high) => {
    const { nm } = needleFor(gsm, 'woven')
    expect(nm[0]).toBeLessThanOrEqual(high)
    expect(nm[1]).toBeGreaterThanOrEqual(low)
  })
  it('never get finer as cloth gets heavier, and change their point for knits', () => {
    const sizes = [30, 90, 150, 220, 350, 600].map((gsm) => needleFor(gsm, 'woven').nm[0])
    expect(sizes).toEqual(sizes.toSorted((a, b) => a - b))
    expect(needleFor(200, 'knit').point).toMatch(/ball-point/)
    expect(needleFor(330, 'woven', 'denim').point).toBe('jeans')
    expect(needleFor(420, 'knit', 'faux-leather').point).toMatch(/leather/)
    expect(() => needleFor(0, 'woven')).toThrow(RangeError)
  })
})

describe('irons (ISO 3758, from memory)', () => {
  it('are 110, 150 and 200 °C', () => {
    expect([1, 2, 3].map((dots) => IRON_DOTS[dots as 1 | 2 | 3])).toEqual([110, 150, 200])
  })
  it('have a setting for every fibre, the full heat for plants only, and the tenderest decides', () => {
    expect(FIBRE_IDS.every((fibre) => fibreById(fibre).ironDots in IRON_DOTS)).toBe(true)
    for (const fibre of FIBRE_IDS) if (fibreById(fibre).ironDots === 3) expect(fibreById(fibre).family).toBe('plant')
    // Cotton with a few per cent of elastane: two dots; anything tenderer decides as ever.
    expect(ironFor(['cotton', 'elastane'])).toEqual({ dots: 2, celsius: 150, tenderest: 'elastane' })
    expect(ironFor(['nylon', 'elastane'])).toMatchObject({ dots: 1 })
    expect(ironFor(['elastane'])).toMatchObject({ dots: 1 })
    expect(ironFor(['polypropylene'])).toMatchObject({ dots: 0, celsius: null })
    expect(ironFor([])).toBeNull()
  })
})
