import { pixelsPerCm, startScale } from './ScaleMarks'
import { type PictureView } from './jobs'

const view = {
  bitmap: null as unknown as ImageBitmap,
  left: 100,
  top: 50,
  width: 900,
  height: 600,
} satisfies PictureView

it('starts with two marks inside of the picture that say nothing yet', () => {
  const scale = startScale(view)
  for (const { x, y } of scale.marks) {
    expect(x).toBeGreaterThan(view.left)
    expect(x).toBeLessThan(view.left + view.width)
    expect(y).toBe(350)
  }
  expect(pixelsPerCm(scale)).toBeNull()
})

it('counts points to the centimetre once a person has set the marks', () => {
  const set = { ...startScale(view), isSet: true, lengthMm: 20 }
  expect(pixelsPerCm(set)).toBeCloseTo(150, 9)
  expect(pixelsPerCm({ ...set, lengthMm: null })).toBeNull()
  expect(pixelsPerCm({ ...set, lengthMm: 0 })).toBeNull()
  expect(pixelsPerCm({ ...set, marks: [set.marks[0], set.marks[0]] })).toBeNull()
})
