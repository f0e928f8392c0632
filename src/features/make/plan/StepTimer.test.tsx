/** @jest-environment jsdom */
import { act, render, screen } from '@testing-library/react'
import { useCountdown } from '../../shared/useCountdown'
import { clockWords, StepTimer } from './StepTimer'

function Shown({ hands, wait }: { hands: number; wait: [number, number] }) {
  return <StepTimer projectId="p1" step={{ id: 'soak', hands, wait }} work={useCountdown('p1 soak')} />
}

beforeEach(() => {
  localStorage.clear()
  jest.useFakeTimers()
})
afterEach(() => jest.useRealTimers())

const press = (name: RegExp) => act(() => screen.getByRole('button', { name }).click())

test.each([
  [0, '0:00'],
  [249, '4:09'],
  [3900, '1:05:00'],
])('%i seconds are %s', (seconds, words) => expect(clockWords(seconds)).toBe(words))

test('a step with neither work nor waiting has no timer', () => {
  const { container } = render(<Shown hands={0} wait={[0, 0]} />)
  expect(container.textContent).toBe('')
})

test('the wait is timed at its shortest, and its end is said', () => {
  render(<Shown hands={0} wait={[30, 60]} />)
  press(/Time the wait/)
  expect(screen.getByRole('timer').textContent).toBe('30:00 to go')
  act(() => jest.advanceTimersByTime(30 * 60_000))
  expect(screen.getByRole('alert').textContent).toBe('The wait is over: check it.')
  expect(screen.getByRole('timer').textContent).toBe('0:00 over')
  press(/Stop/)
  expect(screen.queryByRole('timer')).toBeNull()
})

test('work and waiting have a timer each', () => {
  render(<Shown hands={15} wait={[120, 240]} />)
  press(/Time the work/)
  press(/Time the wait/)
  act(() => jest.advanceTimersByTime(60_000))
  expect(screen.getAllByRole('timer').map((one) => one.textContent)).toEqual(['14:00 to go', '1:59:00 to go'])
})
