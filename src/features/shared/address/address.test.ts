import fc from 'fast-check'
import {
  choiceParam,
  flagParam,
  idParam,
  idsParam,
  numberParam,
  readAddress,
  textParam,
  usualNumberParam,
  writeAddress,
} from './address'

const ID = '01a21579-3d26-76d0-8c1d-456012720fa9'
const OTHER = '01a21579-3d26-76d0-8c1d-456012720fab'
const params = {
  of: idsParam(2),
  one: idParam,
  name: textParam(8),
  mm: numberParam([1, 2000]),
  seam: usualNumberParam([1, 1000], 60),
  purpose: choiceParam(['garment', 'bag'], 'garment'),
  lined: flagParam,
}

it('reads what is usual where nothing is said, and writes nothing for it', () => {
  const usual = readAddress(params, {})
  expect(usual).toEqual({ of: [], one: undefined, name: '', mm: null, seam: 60, purpose: 'garment', lined: false })
  expect(writeAddress(params, '/make/combine', usual)).toBe('/make/combine')
})

it('leaves out what makes no sense, and of what is said twice reads the first', () => {
  const asked = {
    of: `${ID},x,${OTHER},${ID}`,
    one: 'x',
    name: ['twice', 'over'],
    mm: '2001',
    seam: '-1',
    purpose: 'z',
  }
  expect(readAddress(params, asked)).toEqual({
    of: [ID, OTHER],
    one: undefined,
    name: 'twice',
    mm: null,
    seam: 60,
    purpose: 'garment',
    lined: false,
  })
  expect(readAddress(params, { name: 'much too long', mm: '1e3' })).toMatchObject({ name: 'much too', mm: 1000 })
})

it('reads what it wrote', () => {
  const states = fc.record({
    of: fc.uniqueArray(fc.constantFrom(ID, OTHER), { maxLength: 2 }),
    one: fc.constantFrom(undefined, ID),
    name: fc.string({ maxLength: 8 }),
    mm: fc.option(fc.integer({ min: 1, max: 2000 })),
    seam: fc.double({ min: 1, max: 1000, noNaN: true }),
    purpose: fc.constantFrom('garment' as const, 'bag' as const),
    lined: fc.boolean(),
  })
  fc.assert(
    fc.property(states, (state) => {
      const asked = Object.fromEntries(
        new URL(writeAddress(params, '/make/combine', state), 'http://localhost').searchParams,
      )
      expect(readAddress(params, asked)).toEqual(state)
    }),
  )
})
