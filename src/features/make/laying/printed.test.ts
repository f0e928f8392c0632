import { boxOf, rectangle } from '@/core/shapes/polygon'
import { printedGrounds } from './printed'
import { type OnTable, type LayoutEditor } from './useLayoutEditor'

const placement = (rest: object) => ({
  id: 'front',
  copies: [1],
  panel: null,
  panelCopy: null,
  mirrored: false,
  degrees: 180,
  at: [400, 900],
  polygon: rectangle(300, 800),
  ...rest,
})
const table = {
  usedMm: 1000,
  names: new Map([['front', 'Front']]),
  grounds: [{ id: 'a', name: 'Laundry calico' }],
  data: {
    pieces: [{ id: 'front', notches: [{ id: '1', at: [0, 100] }], marks: [{ is: 'drill', points: [[20, 40]] }] }],
  },
} as unknown as LayoutEditor
const lay = (rest: object) => ({ layers: 'single', placements: [placement({})], ...rest }) as unknown as OnTable

it('prints a length as far as it is used, with the stains that lie on it, and notches where they lie', () => {
  const stains = [rectangle(50, 50), rectangle(50, 50).map(([x, y]) => [x, y + 1500])]
  const [ground, ...more] = printedGrounds(
    table,
    lay({ task: { cloth: { widthMm: 1400, selvedgeMm: 10, flaws: stains } } }),
  )
  expect(more).toEqual([])
  expect(ground!.name).toBe('Laundry calico')
  expect(boxOf(ground!.cloth[0]!)).toMatchObject({ maxX: 1400, maxY: 1000 })
  expect(ground!.cloth).toHaveLength(3)
  // Half a turn: 100 up in the drawing is 100 down on the cloth.
  expect(ground!.pieces[0]).toMatchObject({
    name: 'Front',
    marks: [
      [400, 800],
      [380, 860],
    ],
  })
})

it('shows half of a folded length', () => {
  const [ground] = printedGrounds(
    table,
    lay({ layers: 'folded-lengthwise', task: { cloth: { widthMm: 1400, selvedgeMm: 10 } } }),
  )
  expect(boxOf(ground!.cloth[0]!).maxX).toBe(700)
})

it('prints odd pieces one by one, each with what lies on it', () => {
  const panel = (id: string) => ({
    id,
    outline: rectangle(500, 900),
    holes: [rectangle(20, 20)],
    warpDeg: 90,
    count: 1,
  })
  const task = { panels: [panel('a'), panel('b')] }
  const grounds = printedGrounds(table, lay({ task, placements: [placement({ panel: 'b' })] }))
  expect(grounds.map(({ pieces }) => pieces.length)).toEqual([0, 1])
  expect(grounds.map(({ cloth }) => cloth.length)).toEqual([2, 2])
})
