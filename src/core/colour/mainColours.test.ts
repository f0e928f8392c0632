import { dice } from '../../../tests/support/seen'
import { mainColours } from './mainColours'
import { oklabDistance, oklabOf } from './oklab'

/** So many pixels of each colour, each a little off. */
function picture(parts: readonly [hex: string, count: number][]): number[] {
  const random = dice(3)
  return parts.flatMap(([hex, count]) =>
    Array.from({ length: count }, () =>
      [1, 3, 5].map((at) => {
        const value = Number.parseInt(hex.slice(at, at + 2), 16) + (random() - 0.5) * 12
        return Math.min(255, Math.max(0, Math.round(value)))
      }),
    ).flat(),
  )
}

it('finds the colours of a checked cloth, the broadest first', () => {
  const found = mainColours(
    picture([
      ['#8c2f39', 600],
      ['#efe6d0', 300],
      ['#1f3a2e', 100],
    ]),
  )
  expect(found).toHaveLength(3)
  for (const [i, hex] of ['#8c2f39', '#efe6d0', '#1f3a2e'].entries())
    expect(oklabDistance(oklabOf(found[i]!.hex), oklabOf(hex))).toBeLessThan(0.03)
  expect(found.map(({ share }) => Math.round(share * 10))).toEqual([6, 3, 1])
})

it('takes a plain cloth for plain, whatever the light does to it', () => {
  expect(
    mainColours(
      picture([
        ['#445566', 900],
        ['#4a5b6d', 100],
      ]),
    ),
  ).toHaveLength(1)
  expect(mainColours([])).toEqual([])
})

it('leaves out what is hardly there, and answers the same whatever the order', () => {
  const parts: [string, number][] = [
    ['#8c2f39', 700],
    ['#efe6d0', 280],
    ['#00ff00', 20],
  ]
  const found = mainColours(picture(parts))
  expect(found).toHaveLength(2)
  const shuffled = picture([...parts].reverse())
  expect(mainColours(shuffled).map(({ share }) => share.toFixed(2))).toEqual(
    found.map(({ share }) => share.toFixed(2)),
  )
})
