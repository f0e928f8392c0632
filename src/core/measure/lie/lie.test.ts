import fc from 'fast-check'
import { colourFromWords, COLOURS_FROM } from './colourFrom'
import { FINISHES, finishes } from './finish'
import { lengthToMatch, offGrainPrint, printScale } from './print'
import { napWords, NAPS } from './nap'
import { nextSign, weighSigns } from './signs'
import { rightSigns } from './rightSide'
import { warpSigns } from './warp'

describe('the warp', () => {
  it('is found by a selvedge alone, or by give and snap together, and not by a count alone', () => {
    expect(weighSigns(warpSigns, { selvedge: 'b' })).toMatchObject({ which: 'b', spoken: true })
    expect(weighSigns(warpSigns, { give: 'a', snap: 'a' }).which).toBe('a')
    expect(weighSigns(warpSigns, { count: 'a' }).which).toBeNull()
    expect(weighSigns(warpSigns, { give: 'a', snap: 'b' }).which).toBeNull()
  })

  it('stays even where nothing spoke, and odds multiply', () => {
    expect(weighSigns(warpSigns, { give: 'neither' })).toEqual({ which: null, a: 0.5, spoken: false })
    expect(weighSigns(warpSigns, { give: 'a', snap: 'a' }).a).toBeCloseTo(24 / 25, 10)
    expect(weighSigns(warpSigns, { give: 'b', snap: 'b' }).a).toBeCloseTo(1 / 25, 10)
  })

  it('asks next for the sign that weighs most', () => {
    expect(nextSign(warpSigns, {})!.id).toBe('selvedge')
    expect(nextSign(warpSigns, { selvedge: 'neither' })!.id).toBe('give')
    expect(
      nextSign(rightSigns, Object.fromEntries(rightSigns.map(({ id }) => [id, 'neither' as const]))),
    ).toBeUndefined()
  })
})

it('says what a nap, a colour and a finish mean, each its own words', () => {
  expect(new Set(NAPS.map((nap) => napWords[nap])).size).toBe(NAPS.length)
  expect(new Set(COLOURS_FROM.map((from) => colourFromWords[from])).size).toBe(COLOURS_FROM.length)
  expect(new Set(FINISHES.map((finish) => finishes[finish].means)).size).toBe(FINISHES.length)
  expect(finishes.coated.means).toMatch(/hot iron/)
  expect(finishes.brushed.means).toMatch(/flame/)
})

it('sorts prints by their repeat and adds one repeat a length for matching', () => {
  expect([10, 60, 400].map((repeat) => printScale(repeat).scale)).toEqual(['small', 'medium', 'large'])
  expect(lengthToMatch(320, 3)).toBe(960)
  expect(() => printScale(0)).toThrow(RangeError)
  expect(() => lengthToMatch(320, 0)).toThrow(RangeError)
})

it('judges a print off grain by how far it leans, and never says that it can be trued', () => {
  expect([5, 25, 60].map((off) => offGrainPrint(off, 1400).verdict)).toEqual(['fine', 'place', 'reject'])
  expect(offGrainPrint(-60, 1400).verdict).toBe('reject')
  expect(offGrainPrint(60, 1400).degrees).toBeCloseTo(2.454, 3)
  expect(offGrainPrint(60, 1400).words).toMatch(/never pull it straight/)
  expect(() => offGrainPrint(1, 0)).toThrow(RangeError)
})

describe('signs, whatever was said', () => {
  const anySaid = fc.dictionary(
    fc.constantFrom(...warpSigns.map(({ id }) => id)),
    fc.constantFrom('a' as const, 'b' as const, 'neither' as const),
  )

  it('give a probability, turn over with the letters, and move with each further sign', () => {
    fc.assert(
      fc.property(anySaid, (said) => {
        const { a, which } = weighSigns(warpSigns, said)
        const turned = Object.fromEntries(
          Object.entries(said).map(([id, one]) => [id, one === 'neither' ? one : one === 'a' ? 'b' : 'a'] as const),
        )
        expect(a).toBeGreaterThanOrEqual(0)
        expect(a).toBeLessThanOrEqual(1)
        expect(weighSigns(warpSigns, turned).a).toBeCloseTo(1 - a, 9)
        expect(which === null).toBe(a < 0.9 && a > 0.1)
        const next = nextSign(warpSigns, said)
        if (next) expect(weighSigns(warpSigns, { ...said, [next.id]: 'a' }).a).toBeGreaterThanOrEqual(a)
      }),
    )
  })

  it('never ask for what was looked at', () => {
    fc.assert(
      fc.property(anySaid, (said) => {
        const next = nextSign(warpSigns, said)
        expect(next === undefined).toBe(warpSigns.every(({ id }) => said[id] !== undefined))
        if (next) expect(said[next.id]).toBeUndefined()
      }),
    )
  })
})
