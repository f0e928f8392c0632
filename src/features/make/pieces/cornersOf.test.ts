import { cornersOf } from './cornersOf'

it.each([
  [
    '0 0\n30 0\n30 45',
    [
      [0, 0],
      [300, 0],
      [300, 450],
    ],
  ],
  [
    '0,0; 10,5 ; 3.5,7',
    [
      [0, 0],
      [100, 50],
      [35, 70],
    ],
  ],
  [
    '0 x 0\n 20 × 4 ',
    [
      [0, 0],
      [200, 40],
    ],
  ],
  ['', []],
])('reads %j as mm', (text, corners) => {
  expect(cornersOf(text)).toEqual(corners)
})

it.each(['0', '0 0 0', '3 ten', '1 1\nhello'])('does not read %j', (text) => {
  expect(cornersOf(text)).toBeUndefined()
})
