import { FIBRE_IDS } from '@/core/vocabulary/fibres'
import { fibreById } from '@/core/fibres/catalogue'
import { ironFor, IRON_DOTS } from '@/core/fibres/irons'
import { offerFrom } from '@/core/fabric/offer'
import { needleAdvice } from '@/core/sew/needle'
import { needleSizes } from '@/core/sew/needleSizes'
import { SewCase } from '@/core/sew/sewCase'

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
  const needleOf = (fabric: Parameters<typeof offerFrom>[0]) =>
    needleAdvice(new SewCase({ offer: offerFrom(fabric) }))
  // Common practice: fine silk 60 to 70, challis 70 and sharp, quilting cotton universal 80.
  it.each([
    ['habotai', 50, 60, 70, 'sharp'],
    ['challis', 110, 70, 70, 'sharp'],
    ['quilting cotton', 145, 80, 80, 'universal'],
    ['heavy denim', 450, 100, 120, 'jeans'],
    ['jersey', 170, 70, 80, 'ball-point'],
    ['swim knit', 190, 75, 80, 'stretch'],
  ] as const)('suit %s', (called, gsm, low, high, point) => {
    const { nm, gives } = needleOf({ called, gsm })
    expect(nm[0]).toBeLessThanOrEqual(high)
    expect(nm[1]).toBeGreaterThanOrEqual(low)
    expect(gives).toBe(point)
  })
  it('never get finer as plain cloth gets heavier', () => {
    const sizes = [30, 90, 150, 220, 350, 600].map((gsm) => needleOf({ gsm, fibres: ['cotton'] }).nm[0])
    expect(sizes).toEqual(sizes.toSorted((a, b) => a - b))
  })
  it('stay within what the person has, and say what is worth buying', () => {
    const offer = offerFrom({ called: 'chiffon' })
    const { nm, text } = needleAdvice(new SewCase({ offer, machine: { smallestNeedle: 80 } }))
    expect(nm[0]).toBe(80)
    expect(text).toMatch(/worth buying/)
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
