import { drafts } from '@/core/weave/drafts'
import { backOf, twillAngle, twillLine } from '@/core/weave/measure'
import { clothSvg, svgAddress, type DrawnCloth, type YarnChoice } from './drawn'
import { sectionSvg, type SectionLook } from './section'
import { wovenLayers } from './woven'

const yarn: YarnChoice = {
  colour: '#35566f',
  stripeEvery: 0,
  stripe: '#c8a02c',
  diameterMm: 0.3,
  kind: 'staple',
  slub: 0,
}
const cloth: DrawnCloth = {
  draft: drafts.twill!,
  endsPerCm: 28,
  picksPerCm: 20,
  warp: yarn,
  weft: { ...yarn, colour: '#efe9dc' },
  nap: 0,
  pile: { kind: 'none', heightMm: 1 },
  side: 'face',
}

it('draws every choice differently, in lines only, so that it is sharp at any zoom', () => {
  const choices: DrawnCloth[] = [
    cloth,
    { ...cloth, side: 'back', draft: drafts.satin! },
    { ...cloth, draft: drafts.satin! },
    { ...cloth, endsPerCm: 14 },
    { ...cloth, nap: 0.5 },
    { ...cloth, pile: { kind: 'cut', heightMm: 2 } },
    { ...cloth, pile: { kind: 'looped', heightMm: 2 } },
    ...(['colour', 'kind', 'slub', 'diameterMm', 'stripeEvery'] as const).map((key) => ({
      ...cloth,
      warp: {
        ...yarn,
        [key]: { colour: '#993322', kind: 'filament', slub: 0.8, diameterMm: 0.2, stripeEvery: 6 }[key],
      } as YarnChoice,
    })),
  ]
  const drawn = choices.map(clothSvg)
  expect(new Set(drawn).size).toBe(choices.length)
  for (const picture of drawn) {
    expect(picture).toMatch(/^<svg xmlns=.*<\/svg>$/)
    expect(picture).not.toMatch(/NaN|undefined|<image/)
  }
  expect(svgAddress(drawn[0]!)).toMatch(/^data:image\/svg\+xml,%3Csvg/)
})

/** Middles of the bars of one colour. */
function barsOf(layers: string, colour: string): [number, number][] {
  const d = new RegExp(`<path fill="${colour}" d="([^"]*)"`).exec(layers)![1]!
  return [...d.matchAll(/M([\d.]+) ([\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)])
}

it('lets a twill line climb at its own angle, and the way that the draft says', () => {
  const [cellX, cellY] = [10, 14]
  const look = { fill: 0.8, sheen: 0, hair: 0, slub: 0 }
  const layers = wovenLayers({
    draft: drafts.twill!,
    ends: 8,
    picks: 8,
    cellX,
    cellY,
    warp: { ...look, colourOf: () => '#111111' },
    weft: { ...look, colourOf: () => '#eeeeee' },
  })
  const at = new Set(
    barsOf(layers, '#111111').map(([x, y]) => `${Math.floor(x / cellX)} ${7 - Math.floor(y / cellY)}`),
  )
  // From each crossing with the warp up, the one a pick higher and an end further along the line has it up too.
  const step = twillLine(drafts.twill!)!.climbs === 'right' ? 1 : -1
  for (const place of at) {
    const [end, pick] = place.split(' ').map(Number) as [number, number]
    if (pick + 1 < 8 && end + step >= 0 && end + step < 8) expect(at.has(`${end + step} ${pick + 1}`)).toBe(true)
  }
  expect(twillAngle(1 / cellX, 1 / cellY)).toBeCloseTo((Math.atan(cellY / cellX) * 180) / Math.PI, 9)
})

it('shows the other yarn on the back', () => {
  expect(clothSvg({ ...cloth, draft: drafts.satin!, side: 'back' })).toBe(
    clothSvg({ ...cloth, draft: backOf(drafts.satin!) }),
  )
})

describe('the section', () => {
  const look: SectionLook = {
    draft: drafts.plain!,
    pick: 0,
    endsPerCm: 20,
    warpMm: 0.3,
    weftMm: 0.2,
    warp: '#35566f',
    weft: '#efe9dc',
    pile: { kind: 'none', heightMm: 2 },
  }
  const height = (document: string) => Number(/height="([\d.]+)"/.exec(document)![1])
  it('shows each end as a round, the pick over and under, and another pick otherwise', () => {
    expect(sectionSvg(look).match(/<circle/g)).toHaveLength(14)
    expect(sectionSvg({ ...look, pick: 1 })).not.toBe(sectionSvg(look))
  })
  it('makes room for pile by its height, cut and looped apart', () => {
    const [cut, deep, looped] = [
      sectionSvg({ ...look, pile: { kind: 'cut', heightMm: 2 } }),
      sectionSvg({ ...look, pile: { kind: 'cut', heightMm: 4 } }),
      sectionSvg({ ...look, pile: { kind: 'looped', heightMm: 2 } }),
    ]
    expect(height(deep) - height(cut)).toBeCloseTo(2 * 40, 6)
    expect(cut).not.toBe(looped)
    expect(height(sectionSvg(look))).toBeLessThan(height(cut))
  })
})
