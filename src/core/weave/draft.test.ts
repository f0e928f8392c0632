import fc from 'fast-check'
import { drawdownOf, weaveDraftOf } from './draft'
import { drafts, drawdownFrom, steppedDrawdown } from './drafts'
import { backOf, floatsOf, twillAngle, twillLine, warpShare } from './measure'

const matrix = fc
  .integer({ min: 1, max: 9 })
  .chain((width) =>
    fc.array(fc.array(fc.boolean(), { minLength: width, maxLength: width }), { minLength: 1, maxLength: 9 }),
  )

it('weaves a straight draw on four shafts as a textbook draws it', () => {
  const twill = drawdownOf({
    threading: [1, 2, 3, 4],
    tieUp: [
      [1, 2],
      [2, 3],
      [3, 4],
      [1, 4],
    ],
    treadling: [[1], [2], [3], [4]],
  })
  expect(twill).toEqual(drawdownFrom(['xx..', '.xx.', '..xx', 'x..x']))
  expect(() => drawdownOf({ threading: [1], tieUp: [[1]], treadling: [[2]] })).toThrow(/treadle 2 is pressed, but 1/)
  expect(() => drawdownOf({ threading: [], tieUp: [], treadling: [] })).toThrow(/at least one/)
})

it('finds a draft for any interlacing, with no more shafts or treadles than it needs', () => {
  fc.assert(
    fc.property(matrix, (drawdown) => {
      const draft = weaveDraftOf(drawdown)
      expect(drawdownOf(draft)).toEqual(drawdown)
      expect(new Set(draft.threading).size).toBe(Math.max(...draft.threading))
    }),
  )
  expect(weaveDraftOf(drafts.plain!).tieUp).toHaveLength(2)
  expect(() => weaveDraftOf([])).toThrow(/at least one row/)
})

it('measures floats and the share of warp on the face', () => {
  expect(floatsOf(drafts.plain!)).toEqual({ warp: { longest: 1, mean: 1 }, weft: { longest: 1, mean: 1 } })
  expect(floatsOf(drafts.satin!).warp).toEqual({ longest: 4, mean: 4 })
  expect(floatsOf(drafts.satin!).weft.longest).toBe(1)
  expect(floatsOf(drafts.basket!).warp.longest).toBe(2)
  expect([drafts.plain!, drafts.satin!, drafts.sateen!, drafts.twill!].map(warpShare)).toEqual([0.5, 0.8, 0.2, 0.5])
  expect(floatsOf(drawdownFrom(['x.', 'x.'])).warp.longest).toBe(2)
})

it('turns a cloth over: what floats on the face dives on the back', () => {
  fc.assert(
    fc.property(matrix, (drawdown) => {
      expect(backOf(backOf(drawdown))).toEqual(drawdown)
      expect(warpShare(drawdown) + warpShare(backOf(drawdown))).toBeCloseTo(1, 12)
    }),
  )
})

it('finds the line of a twill and which way it climbs, and none in plain weave, satin or herringbone', () => {
  expect(twillLine(steppedDrawdown(3, 2, 1))).toEqual({ risePicks: 1, runEnds: 1, climbs: 'right' })
  expect(twillLine(steppedDrawdown(4, 3, -1))?.climbs).toBe('left')
  for (const id of ['plain', 'satin', 'herringbone', 'basket'] as const) expect(twillLine(drafts[id]!)).toBeNull()
})

// tan θ = (ends per cm / picks per cm) × (rise / run).
it.each([
  [30, 30, 1, 1, 45],
  [40, 20, 1, 1, 63.43],
  [30, 30, 2, 1, 63.43],
  [20, 40, 1, 1, 26.57],
])('%d ends and %d picks a cm, %d up and %d across: %d°', (ends, picks, rise, run, angle) => {
  expect(twillAngle(ends, picks, rise, run)).toBeCloseTo(angle, 2)
})

it('a herringbone turns across the ends, broken, so that its ribs run along the warp', () => {
  const herringbone = drafts.herringbone!
  const end = (index: number) => herringbone.map((pick) => pick[index % pick.length]!)
  // Along the warp every end is the same 2/2 twill; across, the line climbs for four ends and falls for four.
  for (let i = 0; i < 8; i++) expect(end(i).filter(Boolean)).toHaveLength(2)
  const step = (i: number) => [1, 2, 3].find((by) => end(i).every((up, pick) => up === end(i + 1)[(pick + by) % 4]))
  expect([0, 1, 2].map(step)).toEqual([step(0), step(0), step(0)])
  expect([4, 5, 6].map(step)).toEqual([3, 3, 3].map((by) => (step(0) === 3 ? 1 : by)))
  // Where it turns, neighbours are opposite: a clean break.
  for (const turn of [3, 7]) expect(end(turn).map((up) => !up)).toEqual(end(turn + 1))
})
