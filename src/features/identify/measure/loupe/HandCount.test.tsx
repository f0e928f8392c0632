/** @jest-environment jsdom */
import { act, render, screen } from '@testing-library/react'
import { type ThreadCount } from '@/core/loupe/count'
import { usePicture, type Picture } from '../../../shared/picture/usePicture'
import { type Readings } from '../../../shared/readings/useReadings'
import { HandCount } from './HandCount'
import userEvent from '../../../../../tests/support/person'

jest.mock('../../../shared/picture/usePicture', () => ({ usePicture: jest.fn() }))
jest.mock('../../../shared/picture/Working', () => ({ Working: () => null }))
const user = userEvent.setup()
const add = jest.fn()
const near = jest.fn()
/** 400 by 300 pixels from near; a step of the arrows is 2 of them, with Shift 16. */
const VIEW = { left: 100, top: 50, width: 400, height: 300, bitmap: { width: 400, height: 300 } }
const PER_CM = 100

beforeEach(() => {
  add.mockReset()
  near.mockReset().mockResolvedValue(VIEW)
  HTMLCanvasElement.prototype.getContext = () => null
  jest.mocked(usePicture).mockReturnValue({ near } as never)
})

async function opened(counted: ThreadCount | null = null) {
  const readings = { add, saving: false } as unknown as Readings
  render(<HandCount picture={{ file: new Blob() } as Picture} perCm={PER_CM} counted={counted} readings={readings} />)
  await user.click(screen.getByRole('button', { name: 'Zoom in and mark threads' }))
  toTheCross()
}
const toTheCross = () => act(() => screen.getByRole('application').focus())
const told = () => screen.getByRole('status').textContent!
/** Marks where the cross stands, and so many steps to the right again, each of 2 pixels. */
async function marks(times: number, steps: number, way = 'ArrowRight') {
  for (let i = 0; i < times; i++) await user.keyboard(`{Enter}${`{${way}}`.repeat(i + 1 < times ? steps : 0)}`)
}

test('goes near in the middle, as near as the counted threads are fine', async () => {
  await opened()
  expect(near.mock.lastCall![1]).toBe(PER_CM)
  expect(told()).toMatch(/Upright: 0 marks, you need three or more/)
})

test('marks on one thread after another come to threads a centimetre, with their doubt', async () => {
  await opened()
  // Three marks, 10 pixels from one to the next: 10 threads a cm at 100 pixels a cm.
  await marks(3, 5)
  expect(told()).toMatch(/Upright: 3 marks, 10(\.\d+)? ± [\d.]+ per cm/)
  await user.keyboard('{Backspace}')
  expect(told()).toContain('Upright: 2 marks, you need three or more')
})

test('both ways counted are kept, one alone is not', async () => {
  await opened()
  const keep = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Save hand count' })
  await marks(3, 5)
  expect(keep().disabled).toBe(true)
  await user.click(screen.getByRole('radio', { name: 'the horizontal threads' }))
  toTheCross()
  await marks(3, 10, 'ArrowDown')
  await user.click(keep())
  const { endsPerCm, picksPerCm, ...rest } = add.mock.lastCall![0] as { endsPerCm: number; picksPerCm: number }
  expect([endsPerCm, picksPerCm]).toEqual([expect.closeTo(10, 6), expect.closeTo(5, 6)])
  expect(rest).toMatchObject({ kind: 'count', how: 'hand', picture: null })
})

test('the cross stays in the picture, however far it is sent', async () => {
  await opened()
  await user.keyboard(`{Shift>}${'{ArrowLeft}'.repeat(40)}{/Shift}{Enter}`)
  await user.keyboard(`{Shift>}${'{ArrowRight}'.repeat(80)}{/Shift}{Enter}`)
  const at = [...document.querySelectorAll('circle')].map((mark) => mark.parentElement!.getAttribute('transform'))
  expect(at).toEqual(['translate(100 200)', 'translate(500 200)'])
})

test.each([
  [10, /Your count and the photo agree on the upright threads/],
  [5, /They disagree on the upright threads, by about 2 times/],
])('is held against what was counted from the picture: %f a cm', async (threadsPerCm, words) => {
  await opened({ sets: [{ threadsPerCm }, { threadsPerCm }] } as never)
  await marks(5, 5)
  expect(screen.getByText(words)).toBeTruthy()
})
