import { MATERIAL_IDS, materialById } from './materials'

// What anybody who sews these knows; common practice.
it.each([
  ['leather', { takesPins: false, washCelsius: null }],
  ['vinyl', { takesPins: false }],
  ['felt', { takesPins: true }],
  ['oilcloth', { takesPins: false }],
] as const)('%s is as it is handled', (id, as) => {
  expect(materialById(id)).toMatchObject(as)
})

it('none is ironed at full heat, and none is left without what it is made into', () => {
  for (const id of MATERIAL_IDS) {
    const { ironDots, suits, name } = materialById(id)
    expect([id, ironDots <= 2, suits.length > 0, name !== '']).toEqual([id, true, true, true])
  }
})
