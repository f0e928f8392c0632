import { shirt } from '../../../tests/support/lay/shirt'
import { plainPiece } from '../../../tests/support/lay/jigsaw'
import { laidOut } from '../lay/lay'
import { type LayAnswer } from '../lay/types'
import { verifyLayout } from '../lay/verify/verifyLayout'
import { byMoves } from '../lay/search/budget'
import { snapPiece } from '../lay/snapPiece'
import { areaOf, boxOf, movePolygon, rectangle } from '../shapes/polygon'
import { cutOrder } from './cutOrder'
import { layTaskOf, type Ground, type Wishes } from './layTask'
import { offcutsOf } from './offcuts'
import { savings } from './short'
import { bothLeanings } from './leaning'
import { byWidth } from './widths'

const ground = (rest: Partial<Ground> = {}): Ground => ({
  id: 'cloth',
  name: 'Cloth',
  widthMm: 1000,
  lengthMm: 2000,
  shrinkPercent: { length: 0, width: 0 },
  oneWay: false,
  repeatMm: { x: 0, y: 0 },
  selvedgeMm: 0,
  outline: null,
  flaws: [],
  leanDeg: 0,
  border: null,
  ...rest,
})
const wishes: Wishes = { layers: 'single', gapMm: 0, matchNotches: true, along: 'threads', seed: 1 }
const laid = (...args: Parameters<typeof layTaskOf>) => laidOut(layTaskOf(...args), byMoves(700))

describe('the task', () => {
  it('reckons cloth as small as it will be once washed', () => {
    const { cloth } = layTaskOf([], [ground({ shrinkPercent: { length: 5, width: 2 } })], wishes)
    expect([cloth!.lengthMm, cloth!.widthMm]).toEqual([1900, 980])
  })
  it('keeps off stains, as small as the cloth will be', () => {
    const stained = ground({ flaws: [rectangle(100, 100)], shrinkPercent: { length: 10, width: 0 } })
    const { cloth } = layTaskOf([], [stained], wishes)
    expect(boxOf(cloth!.flaws![0]!)).toMatchObject({ maxX: 100, maxY: 90 })
    const { panels } = layTaskOf([], [stained, ground()], wishes)
    expect(panels!.map(({ holes }) => holes.length)).toEqual([1, 0])
  })
  it('lays on several cloths as odd pieces, each without its selvedges', () => {
    const { cloth, panels } = layTaskOf([], [ground({ selvedgeMm: 10 }), ground({ id: 'other' })], wishes)
    expect(cloth).toBeUndefined()
    expect(panels!.map(({ outline }) => areaOf(outline))).toEqual([980 * 2000, 1000 * 2000])
  })
  it('lets notches of one name agree', () => {
    const side = [{ id: 'side', at: [0, 10] as const }]
    const pieces = ['front', 'back'].map((id) => plainPiece(id, rectangle(100, 100), { notches: side }))
    expect(layTaskOf(pieces, [ground()], wishes).match).toEqual([
      { a: ['front', 'side'], b: ['back', 'side'], axes: 'xy' },
    ])
  })
})

describe('how pieces lie on what is not an ordinary woven', () => {
  const strip = plainPiece('strip', rectangle(300, 900), { turn: 'none', toleranceDeg: 0 })
  const boxOn = (lies?: Ground['lies'], size: Partial<Ground> = {}) => {
    const grounds = [ground({ ...size, ...(lies && { lies }) })]
    const task = layTaskOf([strip], grounds, wishes)
    const answer = laidOut(task, byMoves(700))
    expect(verifyLayout(task, answer)).toEqual([])
    const [placed] = answer.placements
    const { minX, maxX, minY, maxY } = boxOf(placed!.polygon)
    return [Math.round(maxX - minX), Math.round(maxY - minY)]
  }
  it('runs along an ordinary fabric, and across one that stretches only along', () => {
    expect(boxOn()).toEqual([300, 900])
    expect(boxOn('crosswise')).toEqual([900, 300])
  })
  it('turns any way on a skin, which has no grain: it goes on where it would not lie along', () => {
    expect(layTaskOf([strip], [ground({ lies: 'any' })], wishes).pieces[0]!.turn).toBe('any')
    expect(boxOn('any', { lengthMm: 400 })).toEqual([900, 300])
  })
})

describe('offcuts', () => {
  const on = layTaskOf([], [ground()], wishes)
  it('are what lies beside the pieces as far as is cut, not the length that is left', () => {
    const answer = laid([plainPiece('a', rectangle(700, 500))], [ground()], wishes)
    const [offcut, ...rest] = offcutsOf(on, 'cloth', answer)
    expect(rest).toEqual([])
    expect(offcut!.areaMm2).toBeCloseTo(300 * 500, -3)
  })
  it('open out where they lay on the fold, and are two where they did not', () => {
    const onFold = plainPiece('a', rectangle(300, 500), { onFold: true })
    const folded = { ...wishes, layers: 'folded-lengthwise' as const }
    const one = laid([onFold], [ground()], folded)
    expect(offcutsOf(on, 'cloth', one)).toHaveLength(2)
    const beside = plainPiece('b', rectangle(200, 500), { count: 2, pair: true })
    const two = laid([beside], [ground()], folded)
    const edge = two.placements.map((placement) => ({
      ...placement,
      polygon: movePolygon(placement.polygon, 300, 0),
    }))
    const [whole, ...none] = offcutsOf(on, 'cloth', { ...two, placements: edge })
    expect(none).toEqual([])
    expect([whole!.widthMm, whole!.lengthMm]).toEqual([600, 500])
  })
})

describe('by hand', () => {
  const snap = (...args: Parameters<typeof snapPiece>) => snapPiece(...args).map((by) => Math.round(by) + 0)
  const edges = { minX: 0, maxX: 1000, minY: 0, maxY: 1000 }
  it('draws a piece up to what is near, and off what it lies on by little', () => {
    const other = movePolygon(rectangle(200, 200), 300, 300)
    expect(snap(movePolygon(rectangle(100, 100), 505, 310), [other], edges, 12)).toEqual([-5, 0])
    expect(snap(movePolygon(rectangle(100, 100), 493, 310), [other], edges, 12)).toEqual([7, 0])
    expect(snap(movePolygon(rectangle(100, 100), 540, 310), [other], edges, 12)).toEqual([0, 0])
    expect(snap(movePolygon(rectangle(100, 100), 6, 940), [], edges, 12)).toEqual([-6, -40])
  })
})

it('takes less of wider cloth, and says where a piece is wider than it', () => {
  const { cloth } = layTaskOf([], [ground()], wishes)
  const pieces = [...shirt(), plainPiece('wide', rectangle(1000, 100))]
  const widths = [...byWidth(pieces, cloth!, [900, 1120, 1500])]
  expect(widths[0]!.takes).toBeNull()
  expect(widths[2]!.takes!.lengthMm).toBeLessThan(widths[1]!.takes!.lengthMm)
})

describe('a print that is off grain', () => {
  const strip = plainPiece('strip', rectangle(200, 1500), { count: 2, pair: true })
  /** Which way the long side of each strip runs, degrees from x, taken upwards. */
  const grains = ({ placements }: LayAnswer) =>
    placements.map(({ polygon: [, a, b] }) => {
      const [dx, dy] = [b![0] - a![0], b![1] - a![1]]
      return (Math.atan2(Math.abs(dy), dx * Math.sign(dy)) * 180) / Math.PI
    })
  it('turns every piece with the print, either hand alike, in a single layer', () => {
    const leaning = ground({ leanDeg: 3 })
    const by = (along: 'threads' | 'print') => laid([strip], [leaning], { ...wishes, layers: 'best', along })
    expect(by('print').layers).toBe('single')
    for (const degrees of grains(by('print'))) expect(degrees).toBeCloseTo(93, 6)
    expect(by('threads').usedLengthMm).toBeCloseTo(1500, 1)
  })
  it('is laid both ways', () => {
    const both = [...bothLeanings(layTaskOf([strip], [ground()], wishes), 3)]
    expect(both.map(({ along }) => along)).toEqual(['threads', 'print'])
    expect(both[0]!.lengthMm).toBeCloseTo(1500, 1)
    // A strip that leans is as long as its own length and width are along the cloth.
    const turned = 1500 * Math.cos(Math.PI / 60) + 200 * Math.sin(Math.PI / 60)
    expect(both[1]!.lengthMm).toBeCloseTo(turned, 0)
  })
})

describe('a border print', () => {
  const skirt = plainPiece('skirt', rectangle(600, 700), { count: 2 })
  const cuff = plainPiece('cuff', rectangle(90, 240), { count: 2 })
  const bordered = (rest: Partial<Ground> = {}) => ground({ border: { side: 'left', reachMm: 200 }, ...rest })
  it('takes the pieces with a foot for it, where nobody said which', () => {
    const { pieces, cloth } = layTaskOf([skirt, cuff], [bordered()], wishes)
    expect(pieces.map(({ onBorder }) => onBorder)).toEqual([true, false])
    expect(cloth!.border).toEqual({ side: 'left', reachMm: 200, footMm: 13, isKeptClear: true })
  })
  it('takes those that were said, and no foot beyond the border', () => {
    const onBorder = { ids: ['cuff'], footMm: 400, isKeptClear: false }
    const { pieces, cloth } = layTaskOf([skirt, cuff], [bordered()], { ...wishes, onBorder })
    expect(pieces.map(({ onBorder: on }) => on)).toEqual([false, true])
    expect(cloth!.border).toMatchObject({ footMm: 200, isKeptClear: false })
  })
  it('shrinks with its cloth, and is none on odd pieces', () => {
    const { cloth } = layTaskOf([skirt], [bordered({ shrinkPercent: { length: 0, width: 5 } })], wishes)
    expect(cloth!.border!.reachMm).toBeCloseTo(190)
    const several = layTaskOf([skirt], [bordered(), ground({ id: 'other' })], wishes)
    expect([several.cloth, several.pieces[0]!.onBorder]).toEqual([undefined, undefined])
  })
  it('is not asked for by cloth that has none', () => {
    const { pieces, cloth } = layTaskOf([skirt], [ground()], wishes)
    expect([cloth!.border, pieces[0]!.onBorder]).toEqual([undefined, undefined])
  })
})

describe('short of cloth', () => {
  const half = plainPiece('back', rectangle(520, 900), { onFold: true })
  it('finds that a seam instead of the fold makes it fit, each way laid for real', () => {
    const strips = plainPiece('strip', rectangle(350, 900), { count: 2 })
    const task = layTaskOf([half, strips], [ground()], wishes)
    expect(laid([half, strips], [ground()], wishes).unplaced.map(({ id }) => id)).toEqual(['back'])
    const found = [...savings(task, Infinity)]
    expect(found.find(({ id }) => id === 'seam-for-fold')).toMatchObject({ lengthMm: 1800, fits: true })
    // Nothing else gets what is wider than the cloth onto it.
    expect(found.filter(({ fits }) => fits).map(({ id }) => id)).toEqual(['seam-for-fold'])
  })
  it('says nothing where nothing helps', () => {
    const whole = plainPiece('sheet', rectangle(1000, 3000))
    const task = layTaskOf([whole], [ground()], wishes)
    const found = [...savings(task, 3000)]
    expect(found.every(({ lengthMm }) => lengthMm < 3000 && lengthMm > 2900)).toBe(true)
    expect(found.some(({ fits }) => fits)).toBe(false)
  })
  it('is told only of what saves, with what it takes', () => {
    const facing = plainPiece('neck facing', rectangle(900, 400))
    const task = layTaskOf([plainPiece('front', rectangle(900, 1900)), facing], [ground()], wishes)
    const elsewhere = [...savings(task, 2300)].find(({ id }) => id === 'facing-elsewhere')
    expect(elsewhere).toMatchObject({ lengthMm: 1900, fits: true })
  })
})

it('keeps every box of a lay within the cloth', () => {
  const answer = laid(shirt(), [ground({ widthMm: 1480, lengthMm: 2500 })], { ...wishes, layers: 'best' })
  expect(answer.verdict).toBe('fits')
  for (const { polygon } of answer.placements) expect(boxOf(polygon).maxX).toBeLessThanOrEqual(1480.01)
})

describe('the order of cutting', () => {
  const told = (layers: 'single' | 'folded-lengthwise', isOneWay = false) => {
    const pieces = [
      plainPiece('back', rectangle(300, 500), { onFold: true }),
      plainPiece('front', rectangle(300, 600), { count: 2, pair: true }),
      plainPiece('pocket', rectangle(120, 150)),
    ]
    const { placements } = laid(pieces, [ground({ widthMm: 1400 })], { ...wishes, layers })
    const name = (id: string) => id.toUpperCase()
    return cutOrder(placements, {
      layers,
      name,
      notched: new Set(['front']),
      folded: new Set(['back']),
      isOneWay,
    })
  }
  it('begins on the fold, ends with the small and the notches', () => {
    expect(told('folded-lengthwise')).toEqual([
      'Chalk a cross on the wrong side of every piece.',
      'First the pieces on the fold, without cutting the fold: BACK.',
      'Then the large pieces, from this end to the other: FRONT (both layers).',
      'Then the small pieces: POCKET.',
      'Snip or chalk the notches before you lift anything: FRONT (both layers).',
    ])
  })
  it('says which lie face down, and marks the nap', () => {
    const steps = told('single', true)
    expect(steps[0]).toMatch(/arrow for the nap/)
    expect(steps).toContain('Flipped, for the other side of the body: FRONT.')
  })
})
