import { inDrawingTurn } from './inTurn'

const frames: (() => void)[] = []
beforeAll(() => {
  globalThis.requestAnimationFrame = (work) => frames.push(() => work(0))
})
const frame = () => frames.shift()?.()

it('does one a frame, in their order, and none that was taken back', () => {
  const done: string[] = []
  inDrawingTurn(() => done.push('a'))
  const takeBack = inDrawingTurn(() => done.push('b'))
  inDrawingTurn(() => done.push('c'))
  expect(done).toEqual([])
  takeBack()
  frame()
  expect(done).toEqual(['a'])
  frame()
  expect(done).toEqual(['a', 'c'])
})

it('rests when nothing waits, and begins again', () => {
  while (frames.length > 0) frame()
  const done: string[] = []
  inDrawingTurn(() => done.push('later'))
  expect(frames).toHaveLength(1)
  frame()
  expect(done).toEqual(['later'])
})
