/** @jest-environment jsdom */
import { fireEvent, render, screen, within } from '@testing-library/react'
import { minutesOf } from '@/core/prepare/minutes'
import { changeProject } from '../projects/actions'
import { moveStep } from './actions'
import { type PlanData } from './load'
import { SchedulePicture } from './SchedulePicture'
import userEvent from '../../../../tests/support/person'

jest.mock('../projects/actions', () => ({ changeProject: jest.fn() }))
jest.mock('./actions', () => ({ moveStep: jest.fn() }))
jest.mock('@/ui/kit/useMedia', () => ({ useMedia: () => false }))
const move = jest.mocked(moveStep)
const change = jest.mocked(changeProject)
const user = userEvent.setup()
const at = (written: string) => minutesOf(written)!

/** [id, kind, start, end, minutes of hands] */
type Told = [string, string, string, string, number]

const plan = (id: string, steps: Told[], rest: Partial<PlanData> = {}) =>
  ({
    id,
    name: `Project ${id}`,
    steps: steps.map(([step, kind, start, end, hands]) => ({
      id: step,
      kind,
      text: `How to ${step}.`,
      why: '',
      risk: '',
      pieces: [],
      after: [],
      wait: [0, 0],
      use: kind === 'dry' ? { of: 'line', much: 1 } : null,
      ...{ start, end, hands },
    })),
    names: {},
    criticalPath: [],
    placed: [],
    pace: 1,
    ...rest,
  }) as unknown as PlanData

const NOW = at('2026-05-04T08:00')
const FREE = ['2026-05-04', '2026-05-06'].map((day) => ({ start: at(`${day}T19:00`), end: at(`${day}T21:00`) }))
const PLANS = [
  plan('a', [
    ['cut', 'cut', '2026-05-04T19:00', '2026-05-04T19:40', 40],
    ['hem', 'hem', '2026-05-06T19:00', '2026-05-06T19:30', 30],
  ]),
  plan('b', [['dry', 'dry', '2026-05-04T19:40', '2026-05-05T06:00', 5]]),
]
const shown = (plans = PLANS) => render(<SchedulePicture plans={plans} now={NOW} free={FREE} isNamed />)
const week = () => within(screen.getByRole('region', { name: 'Week' }))
const bar = (name: RegExp) => week().getByRole('button', { name })

beforeEach(() => {
  localStorage.clear()
  move.mockReset().mockResolvedValue({ ok: true })
  change.mockReset().mockResolvedValue({ ok: true })
})

test('every step stands in the lane of the hands once, with project, day and length', () => {
  shown()
  const hands = within(week().getByRole('group', { name: 'Your hands' }))
  expect(hands.getAllByRole('button').map((button) => button.getAttribute('aria-label'))).toEqual([
    'Cut, Project a, Monday 4 May at 19:00, 40 min',
    'Dry, Project b, Monday 4 May at 19:40, 5 min',
    'Hem, Project a, Wednesday 6 May at 19:00, 30 min',
  ])
  expect(week().getByRole('group', { name: 'Line' })).toBeTruthy()
})

test('the next step is told in full; another by a press, or by the arrows', async () => {
  shown()
  expect(screen.getByRole('region', { name: 'Next step' }).textContent).toContain('How to cut.')
  await user.click(bar(/^Hem/))
  expect(screen.getByRole('region', { name: 'Chosen step' }).textContent).toContain('How to hem.')
  await user.keyboard('{ArrowLeft}')
  expect(document.activeElement).toBe(bar(/^Dry/))
  expect(screen.getByRole('region', { name: 'Chosen step' }).textContent).toContain('How to dry.')
  await user.keyboard('{Home}')
  expect(document.activeElement).toBe(bar(/^Cut/))
})

test('Shift and the arrows move it from free time to free time, told at each; Enter puts it down', async () => {
  shown()
  bar(/^Cut/).focus()
  await user.keyboard('{Shift>}{ArrowRight}{/Shift}')
  expect(week().getByText('Cut: Monday 4 May at 19:10.', { exact: false })).toBeTruthy()
  for (let i = 0; i < 8; i++) await user.keyboard('{Shift>}{ArrowRight}{/Shift}')
  expect(week().getByText('Cut: Wednesday 6 May at 19:00.', { exact: false })).toBeTruthy()
  expect(move).not.toHaveBeenCalled()
  await user.keyboard('{Enter}')
  expect(move).toHaveBeenCalledWith('a', 'cut', '2026-05-06T19:00')
  expect(await week().findByText('Cut is now on Wednesday 6 May at 19:00.')).toBeTruthy()
})

test('Escape leaves it where it was; beyond the last free time nothing moves', async () => {
  shown()
  bar(/^Cut/).focus()
  await user.keyboard('{Shift>}{ArrowLeft}{/Shift}')
  expect(week().getByText('There is no free time beyond that.')).toBeTruthy()
  await user.keyboard('{Shift>}{ArrowRight}{/Shift}{Escape}')
  expect(week().getByText('Left where it was.')).toBeTruthy()
  await user.keyboard('{Enter}')
  expect(move).not.toHaveBeenCalled()
})

test('dragged to where there is no free time, it says why and nothing is asked of the server', () => {
  shown()
  const cut = bar(/^Cut/)
  cut.setPointerCapture = jest.fn()
  const pointer = (kind: string, clientX: number) =>
    fireEvent(cut, new MouseEvent(kind, { bubbles: true, button: 0, clientX }))
  pointer('pointerdown', 100)
  pointer('pointermove', 103)
  expect(week().queryByText(/no free time/)).toBeNull()
  pointer('pointermove', 400)
  expect(week().getByRole('alert').textContent).toMatch(/no free time|only \d+ min are free/)
  pointer('pointerup', 400)
  expect(move).not.toHaveBeenCalled()
})

test('why the server would not have it there is told', async () => {
  move.mockResolvedValue({ ok: false, errors: { '': '“Dry” comes first.' } })
  shown()
  bar(/^Cut/).focus()
  await user.keyboard('{Shift>}{ArrowRight}{/Shift}{Enter}')
  expect((await week().findByRole('alert')).textContent).toContain('“Dry” comes first.')
  expect(bar(/^Cut/).getAttribute('aria-label')).toContain('19:00')
})

test('Later and Earlier go to the beginning of another free time', async () => {
  shown()
  const panel = within(screen.getByRole('region', { name: 'Next step' }))
  expect(panel.getByRole('button', { name: 'Earlier' }).hasAttribute('disabled')).toBe(true)
  await user.click(panel.getByRole('button', { name: 'Later' }))
  expect(move).toHaveBeenCalledWith('a', 'cut', '2026-05-06T19:00')
})

test('one way to the shops is ticked for every project that it is for', async () => {
  shown([
    plan('a', [['buy', 'buy', '2026-05-04T19:00', '2026-05-04T20:00', 60]]),
    plan('b', [['buy', 'buy', '2026-05-04T20:00', '2026-05-04T20:15', 15]]),
  ])
  expect(bar(/^Shopping, for 2 projects, Monday 4 May at 19:00, 1 h 15 min/)).toBeTruthy()
  await user.click(screen.getByRole('button', { name: 'Done' }))
  expect(change.mock.calls.map(([id, sent]) => [id, sent])).toEqual([
    ['a', { do: 'tick', id: 'buy', isDone: true }],
    ['b', { do: 'tick', id: 'buy', isDone: true }],
  ])
})

test('what was put there can be let go', async () => {
  shown([plan('a', [['cut', 'cut', '2026-05-04T19:00', '2026-05-04T19:40', 40]], { placed: ['cut'] })])
  expect(bar(/Put there by you$/)).toBeTruthy()
  await user.click(screen.getByRole('button', { name: 'Put it back where it fits' }))
  expect(change).toHaveBeenCalledWith('a', { do: 'let-go', id: 'cut' })
})

test('days after tomorrow are one line each, opened when asked', async () => {
  shown()
  await user.click(screen.getByText('Later · 1 day until Wednesday 6 May'))
  await user.click(screen.getByText('Wednesday 6 May · 1 step, 30 min'))
  expect(screen.getByText('How to hem.')).toBeTruthy()
})
