import { foldFault } from './fold'

it('takes a half whose one straight edge lies on x = 0, to half a millimetre', () => {
  const half = [
    [0, 0],
    [100, 0],
    [100, 200],
    [0, 200],
  ] as const
  expect(foldFault(half)).toBeUndefined()
  expect(foldFault(half.map(([x, y]) => [-x, y] as const))).toBeUndefined()
  expect(foldFault(half.map(([x, y]) => [x + 0.5, y] as const))).toBeUndefined()
})

it('refuses one that lies on both sides, one that only touches, and one with two edges there', () => {
  expect(
    foldFault([
      [-10, 0],
      [10, 0],
      [0, 20],
    ]),
  ).toMatch(/one side/)
  expect(
    foldFault([
      [0, 0],
      [100, 50],
      [100, -50],
    ]),
  ).toMatch(/one edge/)
  expect(
    foldFault([
      [1, 0],
      [100, 0],
      [100, 200],
      [1, 200],
    ]),
  ).toMatch(/one edge/)
  const twice = [
    [0, 0],
    [50, 0],
    [50, 90],
    [0, 90],
    [0, 60],
    [20, 50],
    [20, 40],
    [0, 30],
  ] as const
  expect(foldFault(twice)).toMatch(/one edge/)
})
