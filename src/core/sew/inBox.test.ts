import { inBox, type Boxed } from './inBox'

const box: Boxed[] = [
  { kind: 'buttons', name: 'Brass', count: 14, sizeMm: 22 },
  { kind: 'buttons', name: 'White', count: 0, sizeMm: 11 },
  { kind: 'zip', name: 'Metal', count: 1, sizeMm: 600 },
  { kind: 'tape', name: 'Twill', count: 1, sizeMm: null },
]

it('names what is there of a supply, with its size, and nothing that is used up', () => {
  expect(inBox('buttons', box, 'metric')).toBe('In your box: 14 × Brass (22 mm).')
  expect(inBox('zip', box, 'metric')).toBe('In your box: 1 × Metal (60 cm).')
  expect(inBox('binding', box, 'metric')).toBe('In your box: 1 × Twill.')
  expect(inBox('elastic', box, 'metric')).toBe('')
  expect(inBox('lining', box, 'metric')).toBe('')
  expect(inBox('buttons', box, 'imperial')).toBe('In your box: 14 × Brass (⅞ in).')
  expect(inBox('zip', box, 'imperial')).toBe('In your box: 1 × Metal (23⅝ in).')
})

it('names three, and says how many more there are', () => {
  const many = Array.from({ length: 5 }, (_, i) => ({ ...box[0]!, name: `B${i}` }))
  expect(inBox('buttons', many, 'metric')).toMatch(/B0.*B1.*B2.*and 2 more/)
})
