import { FIBRE_IDS } from '../vocabulary/fibres'
import { tellsApart } from './tellsApart'

it('puts what parts two fibres first, and is the same from either side', () => {
  const parted = tellsApart('wool', 'polyester')
  expect(parted.slice(0, 6).map(({ feature }) => feature)).toContain('smell')
  expect(parted.map(({ bits }) => bits)).toEqual(parted.map(({ bits }) => bits).toSorted((a, b) => b - a))
  const back = new Map(tellsApart('polyester', 'wool').map((one) => [one.feature, one]))
  for (const { feature, bits, one, other } of parted) {
    expect(back.get(feature)!.bits).toBeCloseTo(bits, 12)
    expect([back.get(feature)!.other, back.get(feature)!.one]).toEqual([one, other])
  }
})

it('knows what each shows', () => {
  const smell = tellsApart('silk', 'cotton').find(({ feature }) => feature === 'smell')!
  expect([smell.one[0], smell.other[0]]).toEqual(['hair-feather', 'paper'])
})

it('tells nothing of a fibre and itself, and never more than the one bit that there is', () => {
  for (const fibre of FIBRE_IDS) expect(tellsApart(fibre, fibre)).toEqual([])
  for (const { bits } of tellsApart('glass', 'cotton')) {
    expect(bits).toBeGreaterThan(0)
    expect(bits).toBeLessThanOrEqual(1)
  }
})

it('finds cotton and viscose alike at the flame, and apart when they are wet', () => {
  const [first] = tellsApart('cotton', 'viscose')
  expect(['wet-strength', 'loupe-fibre', 'yarn-break', 'yarn-type']).toContain(first!.feature)
})
