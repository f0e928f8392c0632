import { writeBlindCode, familyOf, judgedBlind } from './blind'

it('codes every thing once, the same for the same seed, and in another order for another', () => {
  const things = ['cotton', 'silk', 'wool', 'nylon', 'linen', 'acrylic']
  const box = writeBlindCode(things, 4)
  expect(box.map(({ code }) => code)).toEqual(['A', 'B', 'C', 'D', 'E', 'F'])
  expect(box.map(({ thing }) => thing).toSorted()).toEqual(things.toSorted())
  expect(writeBlindCode(things, 4)).toEqual(box)
  const orders = new Set(
    Array.from({ length: 20 }, (_, seed) =>
      writeBlindCode(things, seed)
        .map(({ thing }) => thing)
        .join(),
    ),
  )
  expect(orders.size).toBeGreaterThan(15)
})

it('lets every thing come under every letter about as often', () => {
  const first = Array.from({ length: 3000 }, (_, seed) => writeBlindCode(['a', 'b', 'c'], seed)[0]!.thing)
  for (const one of ['a', 'b', 'c']) {
    const share = first.filter((thing) => thing === one).length / first.length
    expect(share).toBeGreaterThan(0.3)
    expect(share).toBeLessThan(0.37)
  }
})

it.each([
  [['silk'], 'protein', ['silk'], true, true],
  [['silk'], 'protein', [], true, null],
  [['silk'], 'protein', ['wool'], true, false],
  [['polyester', 'cotton'], 'synthetic', ['cotton', 'polyester'], true, true],
  [['polyester', 'cotton'], 'plant', ['cotton'], false, false],
] as const)('%j said to be %s, %j', (fibres, family, said, familyRight, fibreRight) => {
  expect(judgedBlind({ fibres }, { family, fibres: said })).toEqual({ familyRight, fibreRight })
  expect(familyOf(['polyester', 'cotton'])).toBe('synthetic')
})
