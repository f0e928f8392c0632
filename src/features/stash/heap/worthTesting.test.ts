import { worthTesting } from './worthTesting'

const piece = (more: object) =>
  worthTesting({
    knowing: 'untested',
    usableM2: { value: 2, sd: 0.1 },
    called: 'denim',
    sorting: null,
    gsm: { value: 300, sd: 5 },
    ...more,
  } as never)

it.each([
  [{}, /burn test worthwhile/],
  [{ usableM2: null }, /burn test worthwhile/],
  [{ usableM2: { value: 0.1, sd: 0 } }, /small/],
  [{ usableM2: { value: 0.1, sd: 0 }, sorting: 'test' }, /burn test worthwhile/],
  [{ knowing: 'label', called: '' }, /name not known/],
  [{ knowing: 'label', gsm: null }, /weigh it/],
])('%j', (more, says) => {
  expect(piece(more)).toMatch(says)
})

it('says nothing of what goes, and of what is known', () => {
  expect(piece({ sorting: 'give-away' })).toBeNull()
  expect(piece({ knowing: 'tested' })).toBeNull()
})
