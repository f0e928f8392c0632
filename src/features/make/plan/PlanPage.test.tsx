/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react'
import { minutesOf } from '@/core/prepare/minutes'
import { type PlannedStep } from '@/core/prepare/prepare'
import { changeProject } from '../projects/actions'
import { type PlanData } from './load'
import { PlanPage } from './PlanPage'
import userEvent from '../../../../tests/support/person'

jest.mock('../projects/actions', () => ({ changeProject: jest.fn() }))
jest.mock('./actions', () => ({ moveStep: jest.fn(), saveOnce: jest.fn() }))
const media = { isPrint: false }
jest.mock('@/ui/kit/useMedia', () => ({ useMedia: () => media.isPrint }))
const change = jest.mocked(changeProject)
const user = userEvent.setup()

const step = (id: string, rest: Partial<PlannedStep> = {}) =>
  ({
    id,
    kind: 'sew',
    text: `The text of ${id}.`,
    why: 'It comes before the next.',
    risk: '',
    pieces: [],
    hands: 30,
    wait: [0, 0],
    use: null,
    start: null,
    end: rest.start ?? null,
    ...rest,
  }) as unknown as PlannedStep

const plan = (steps: PlannedStep[], rest: Partial<PlanData> = {}) => ({
  now: minutesOf('2026-05-04T08:00')!,
  free: [{ start: minutesOf('2026-05-04T19:00')!, end: minutesOf('2026-05-04T22:00')! }],
  once: [],
  plan: {
    id: 'p1',
    name: 'Gull chorus',
    steps,
    finish: '2026-05-09T12:00',
    hasCloth: true,
    isAsked: true,
    others: 0,
    pace: 1,
    names: {},
    done: [],
    loads: [],
    warnings: [],
    unscheduled: [],
    criticalPath: [],
    placed: [],
    wishDate: null,
    priority: 'usual',
    ...rest,
  } as unknown as PlanData,
})

const lead = () => screen.getAllByRole('status')[0]!.textContent
beforeEach(() => {
  media.isPrint = false
  localStorage.clear()
  change.mockReset().mockResolvedValue({ ok: true, id: 'p1', revision: 2 } as never)
})

test('the end stands first: by when, how much work, in how many steps', () => {
  render(<PlanPage {...plan([step('a', { start: '2026-05-04T19:00' }), step('b', { hands: 60 })])} />)
  expect(lead()).toBe('Done by Saturday 9 May: 1 h 30 min of work in 2 steps.')
})

test.each([
  [{ finish: null }, '30 min of work in 1 step; there is no free time for it yet.'],
  [{ unscheduled: ['a'] }, '30 min of work in 1 step; 1 of them don’t fit into the next twelve weeks.'],
  [{ done: ['z'] }, 'Done by Saturday 9 May: 30 min of work in 1 step to go.'],
])('where %j it says so', (rest, words) => {
  render(<PlanPage {...plan([step('a')], rest)} />)
  expect(lead()).toBe(words)
})

test('nothing is left of what is behind it, and the last tick can be taken back', async () => {
  render(<PlanPage {...plan([], { done: ['wash', 'cut'] })} />)
  expect(lead()).toBe('Everything is done.')
  expect(screen.queryByLabelText('Next step')).toBeNull()
  expect(screen.getByText('2 steps are done.')).toBeTruthy()
  await user.click(screen.getByRole('button', { name: 'Undo the last tick' }))
  expect(change).toHaveBeenCalledWith('p1', { do: 'tick', id: 'cut', isDone: false })
})

test('the next step is ticked, or put off by a day', async () => {
  const next = step('hem', { kind: 'hem', start: '2026-05-04T19:00', risk: 'It may stretch.' })
  render(<PlanPage {...plan([step('unplanned'), next])} />)
  const paper = within(screen.getByLabelText('Next step'))
  expect(paper.getByText(/Next: Monday 4 May at 19:00, 30 min/)).toBeTruthy()
  expect(paper.getByText('Hem: The text of hem.')).toBeTruthy()
  expect(paper.getByText('It may stretch.')).toBeTruthy()
  await user.click(paper.getByRole('button', { name: 'Move to tomorrow' }))
  expect(change).toHaveBeenLastCalledWith('p1', { do: 'put-off', id: 'hem', until: '2026-05-05T19:00' })
  await user.click(paper.getByRole('button', { name: 'Done' }))
  // Nobody timed it: nothing is learned of this person's pace.
  expect(change).toHaveBeenLastCalledWith('p1', { do: 'tick', id: 'hem', isDone: true })
})

test('steps stand day by day in their order, with what runs by itself and what the end waits for', () => {
  const steps = [
    step('dry', { start: '2026-05-05T09:00', hands: 0, wait: [240, 600], kind: 'dry' }),
    step('wash', { start: '2026-05-04T19:00', hands: 5, wait: [60, 90], kind: 'wash' }),
    step('cut', { start: '2026-05-05T08:00', kind: 'cut' }),
  ]
  media.isPrint = true
  render(<PlanPage {...plan(steps, { criticalPath: ['dry'] })} />)
  const days = screen.getAllByRole('region').filter((one) => /^(Monday|Tuesday)/.test(one.textContent ?? ''))
  expect(days.map((day) => within(day).getAllByRole('checkbox').length)).toEqual([1, 2])
  const [monday, tuesday] = days.map((day) => day.textContent!)
  expect(monday).toContain('5 min, then leave it 60 to 90 minutes')
  expect(tuesday!.indexOf('Cut')).toBeLessThan(tuesday!.indexOf('Dry'))
  expect(tuesday).toContain('Leave it 4 to 10 hours. A delay here delays everything.')
})

test('a step of some of the cloths names them, one of all of them does not', () => {
  const names = { a: 'Curtain', b: 'Lining' }
  const steps = [
    step('one', { start: '2026-05-04T19:00', pieces: ['a'] }),
    step('both', { start: '2026-05-04T20:00', pieces: ['a', 'b'] }),
  ]
  media.isPrint = true
  render(<PlanPage {...plan(steps, { names } as never)} />)
  const [one, both] = screen.getAllByRole('listitem').map((line) => line.textContent!)
  expect(one).toContain('Curtain')
  expect(both).not.toMatch(/Curtain|Lining/)
})

test.each([
  ['test-square', '/identify/measure/shrinkage?piece=a'],
  ['true-grain', '/identify/measure/grain?piece=a'],
  ['test-seam', '/stash/a/sew'],
])('what a %s teaches is written where it belongs', (kind, href) => {
  render(<PlanPage {...plan([step('x', { kind: kind as never, start: '2026-05-04T19:00', pieces: ['a'] })])} />)
  const links = screen.getAllByRole('link', { name: /^Record/ })
  expect(links.map((link) => link.getAttribute('href'))).toEqual([href])
})

test('an own pace is said where it is another than the usual', () => {
  const { rerender } = render(<PlanPage {...plan([step('a')], { pace: 1.3 })} />)
  expect(screen.getByText(/takes you 30 % longer/)).toBeTruthy()
  rerender(<PlanPage {...plan([step('a')], { pace: 0.8 })} />)
  expect(screen.getByText(/takes you 20 % less/)).toBeTruthy()
  rerender(<PlanPage {...plan([step('a')], { pace: 1.03 })} />)
  expect(screen.queryByText(/you take/)).toBeNull()
})

test('what is missing is asked for: cloth, hours', () => {
  render(<PlanPage {...plan([step('a')], { hasCloth: false, isAsked: false, others: 1 })} />)
  expect(screen.getByText(/No fabric is chosen yet/)).toBeTruthy()
  expect(screen.getByRole('link', { name: 'Enter your free time and your machines' })).toBeTruthy()
  expect(screen.getByRole('link', { name: /^Together with 1 other project:/ })).toBeTruthy()
})
