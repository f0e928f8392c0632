/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { takeTable, type TableOutcome } from './actions'
import { TablePage } from './TablePage'

jest.mock('./actions', () => ({ takeTable: jest.fn() }))
const take = jest.mocked(takeTable)
const user = userEvent.setup()

const read = (rest: Partial<TableOutcome> = {}): TableOutcome => ({
  ok: true,
  headings: ['What', 'Where'],
  columns: ['name', null],
  preview: [['Awning', 'Loft']],
  pieces: 1,
  errors: [],
  moreErrors: 0,
  isKept: false,
  ...rest,
})
const asked = () => take.mock.lastCall![1] as { columns: unknown; isTrial: boolean; leavesOut: boolean }
const area = () => screen.getByRole<HTMLTextAreaElement>('textbox')

beforeEach(() => {
  take.mockReset().mockResolvedValue(read())
  render(
    <TablePage
      fields={[
        ['name', 'Name'],
        ['place', 'Where it lies'],
      ]}
    />,
  )
})
const look = () => user.click(screen.getByRole('button', { name: /look/i }))

test('is looked over first: nothing is kept until it is said', async () => {
  await look()
  expect(asked()).toEqual({ columns: null, isTrial: true, leavesOut: false })
  expect(screen.getByText('Awning')).toBeTruthy()
})

test('a column that was not known is told, looked over again so, and kept so', async () => {
  await look()
  const [, where] = screen.getAllByRole<HTMLSelectElement>('combobox')
  await user.selectOptions(where!, 'Where it lies')
  expect(asked()).toMatchObject({ columns: ['name', 'place'], isTrial: true })
  take.mockResolvedValueOnce(read({ columns: ['name', 'place'], isKept: true }))
  await user.click(screen.getByRole('button', { name: /^Keep/ }))
  expect(asked().isTrial).toBe(false)
  expect(screen.getByText(/Kept, 1 piece\./)).toBeTruthy()
  // The next table begins anew.
  expect(area().value).not.toContain('Awning')
})

test('lines with something wrong are told by line and heading, and can be left out', async () => {
  const errors = [{ line: 4, heading: 'Width', message: '“wide” is no length' }]
  take.mockResolvedValue(read({ errors, moreErrors: 3 }))
  await look()
  expect(screen.getByText(/4.*Width.*“wide” is no length/)).toBeTruthy()
  expect(screen.getByText(/3 more/)).toBeTruthy()
  await user.click(screen.getByRole('checkbox'))
  await user.click(screen.getByRole('button', { name: /^Keep/ }))
  expect(asked()).toMatchObject({ isTrial: false, leavesOut: true })
})

test('what is no table is told, and what was typed stays', async () => {
  take.mockResolvedValueOnce({ ok: false, errors: { '': 'There are no lines below the headings.' } })
  await user.clear(area())
  await user.type(area(), 'name')
  await look()
  expect(screen.getByText('There are no lines below the headings.')).toBeTruthy()
  expect(area().value).toBe('name')
})

test('a file is looked over as soon as it is chosen', async () => {
  const file = new File(['What,Where\nAwning,Loft\n'], 'stash.csv', { type: 'text/csv' })
  Object.assign(file, { text: () => Promise.resolve('What,Where\nAwning,Loft\n') })
  await user.upload(document.querySelector<HTMLInputElement>('input[type=file]')!, file)
  expect(asked()).toMatchObject({ columns: null, isTrial: true })
  expect(area().value).toContain('Awning,Loft')
})
