/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react'
import { LayAdvice } from './LayAdvice'
import { useTelling } from './useTelling'
import { type OnTable, type LayoutEditor } from './useLayoutEditor'
import userEvent from '../../../../tests/support/person'

jest.mock('./useTelling', () => ({ useTelling: jest.fn() }))
const telling = jest.mocked(useTelling)
const user = userEvent.setup()
const ask = jest.fn()
const jobs = { savings: jest.fn(), widths: jest.fn(), leanings: jest.fn() }

/** What each of the three has told so far, in the order in which they stand. */
function told(...answers: { told: unknown[] | null; isRunning?: boolean }[]) {
  telling.mockReset()
  for (const { told: heard, isRunning = false } of answers)
    telling.mockReturnValueOnce({ told: heard, isRunning, trouble: '', ask, stop: jest.fn() } as never)
}

const lay = (lengthMm: number | undefined, unplaced: object[] = []) =>
  ({
    task: { cloth: { widthMm: 1400, lengthMm }, pieces: [{ id: 'a' }] },
    answer: { unplaced },
  }) as unknown as OnTable
const setWishes = jest.fn()
const table = (usedMm: number, leanDeg = 0) =>
  ({
    usedMm,
    names: new Map([['a', 'Front']]),
    grounds: [{ leanDeg }],
    wishes: { along: 'threads' },
    setWishes,
  }) as unknown as LayoutEditor

beforeEach(() => {
  ask.mockReset()
  ask.mockImplementation((work: (one: typeof jobs, tell: unknown) => unknown) => work(jobs, 'tell'))
  for (const job of Object.values(jobs)) job.mockReset()
  setWishes.mockReset()
})

test('cloth that is enough is not said to be short; what each width takes is asked all the same', async () => {
  told({ told: null })
  render(<LayAdvice table={table(1500)} lay={lay(2000)} />)
  expect(screen.queryByRole('region', { name: 'Not enough fabric?' })).toBeNull()
  await user.click(screen.getByRole('button', { name: 'How much of each width?' }))
  expect(jobs.widths).toHaveBeenCalledTimes(1)
})

test('short of cloth, every way of saving is tried for the length that is missing, its pieces by name', async () => {
  told({ told: null }, { told: null })
  render(<LayAdvice table={table(2100)} lay={lay(2000)} />)
  await user.click(screen.getByRole('button', { name: 'What would make it fit?' }))
  const [task, needed] = jobs.savings.mock.lastCall! as [{ pieces: { name: string }[] }, number]
  expect(task.pieces.map(({ name }) => name)).toEqual(['Front'])
  expect(needed).toBe(2100)
})

test('what goes on no length at all needs whatever brings it on', async () => {
  told({ told: null }, { told: null })
  render(<LayAdvice table={table(0)} lay={lay(2000, [{ id: 'a', why: 'too wide' }])} />)
  await user.click(screen.getByRole('button', { name: 'What would make it fit?' }))
  expect(jobs.savings.mock.lastCall![1]).toBe(Infinity)
})

test('ways of saving stand with what they take, those that fit said so; none that saves is said too', () => {
  const ways = [
    { id: 'single', text: 'In a single layer.', lengthMm: 1950, fits: true },
    { id: 'seam', text: 'A seam instead of the fold.', lengthMm: 2050, fits: false },
  ]
  told({ told: ways }, { told: null })
  const { unmount } = render(<LayAdvice table={table(2100)} lay={lay(2000)} />)
  const items = within(screen.getByRole('region', { name: 'Not enough fabric?' })).getAllByRole('listitem')
  expect(items.map((item) => item.textContent)).toEqual([
    'Fits: In a single layer. It needs 1.95 m then.',
    'A seam instead of the fold. It needs 2.05 m then.',
  ])
  unmount()
  told({ told: [] }, { told: null })
  render(<LayAdvice table={table(2100)} lay={lay(2000)} />)
  expect(screen.getByText('None of these saves fabric here.')).toBeTruthy()
})

test('what each width takes stands in a table, too narrow ones as such', () => {
  const widths = [
    { widthMm: 900, takes: null },
    { widthMm: 1400, takes: { buy: { text: '2.1 m (2⅜ yd)' } } },
  ]
  told({ told: widths })
  render(<LayAdvice table={table(1500)} lay={lay(undefined)} />)
  expect(screen.getAllByRole('row').map((row) => row.textContent)).toEqual([
    '90 cm widetoo narrow',
    '140 cm wide2.1 m (2⅜ yd)',
  ])
})

test('a print off grain is laid both ways, and the other one can be taken', async () => {
  const ways = [
    { along: 'threads', lengthMm: 2100 },
    { along: 'print', lengthMm: null },
  ]
  told({ told: null }, { told: ways })
  render(<LayAdvice table={table(1500, -2)} lay={lay(undefined)} />)
  const leaning = within(screen.getByRole('region', { name: 'The print is off grain' }))
  expect(leaning.getByText(/It is off by 2\.0°/)).toBeTruthy()
  expect(leaning.getAllByRole('listitem').map((item) => item.textContent)).toEqual([
    expect.stringMatching(/^By the threads: 2\.1 m; it hangs straight/),
    expect.stringMatching(/^By the print: does not fit;/),
  ])
  await user.click(leaning.getByRole('button', { name: 'Lay out by the print' }))
  expect(setWishes).toHaveBeenCalledWith({ along: 'print' })
})

test('odd pieces have no width to be asked for', () => {
  told({ told: null })
  const odd = { ...lay(undefined), task: { panels: [], pieces: [] } } as unknown as OnTable
  const { container } = render(<LayAdvice table={table(0)} lay={odd} />)
  expect(container.textContent).toBe('')
})
