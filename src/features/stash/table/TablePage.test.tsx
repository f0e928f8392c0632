/** @jest-environment jsdom */
import { act, render, screen, waitFor } from '@testing-library/react'
import { PreferencesProvider } from '../../shared/settings/PreferencesContext'
import { importTable, type TableTaken } from './actions'
import { TablePage } from './TablePage'
import userEvent from '../../../../tests/support/person'

jest.mock('./actions', () => ({ importTable: jest.fn() }))
const take = jest.mocked(importTable)
const user = userEvent.setup()

const read = (rest: Partial<TableTaken> = {}): TableTaken & { ok: true } => ({
  ok: true,
  headings: ['What', 'Where'],
  columns: ['name', null],
  preview: [{ line: 2, fabric: { name: 'Awning' }, doubts: [] }],
  pieces: 1,
  doubts: [],
  moreDoubts: 0,
  refused: [],
  isKept: false,
  ...rest,
})
const asked = () => take.mock.lastCall![1] as { columns: unknown; isTrial: boolean }
const area = () => screen.getByRole<HTMLTextAreaElement>('textbox')

beforeEach(() => {
  take.mockReset().mockResolvedValue(read())
  render(
    <PreferencesProvider
      value={{ units: 'metric', words: 'uk', paper: 'a4', theme: 'system', motion: 'still', spanMm: 1650 }}
    >
      <TablePage
        fields={[
          ['name', 'Name'],
          ['place', 'Location'],
        ]}
      />
    </PreferencesProvider>,
  )
})
const look = () => user.click(screen.getByRole('button', { name: /check the list/i }))

test('is looked over first: nothing is kept until it is said', async () => {
  await look()
  expect(asked()).toEqual({ columns: null, isTrial: true })
  expect(await screen.findByText('Awning')).toBeTruthy()
})

const keep = () => screen.findByRole<HTMLButtonElement>('button', { name: /^Save/ })

test('a column that was not known is told, looked over again so, and kept so', async () => {
  await look()
  const where = await screen.findByRole<HTMLSelectElement>('combobox', { name: 'Where' })
  await user.selectOptions(where, 'Location')
  await waitFor(() => expect(asked()).toMatchObject({ columns: ['name', 'place'], isTrial: true }))
  take.mockResolvedValueOnce(read({ columns: ['name', 'place'], isKept: true }))
  const button = await keep()
  await waitFor(() => expect(button.disabled).toBe(false))
  await user.click(button)
  await waitFor(() => expect(asked().isTrial).toBe(false))
  expect(await screen.findByText(/Saved: 1 fabric\./)).toBeTruthy()
  // The next table begins anew.
  expect(area().value).not.toContain('Awning')
})

test('two columns that are chosen quickly both count, whichever answer comes first', async () => {
  take.mockResolvedValueOnce(read({ columns: [null, null] }))
  await look()
  const [what, where] = await screen.findAllByRole<HTMLSelectElement>('combobox')
  const answers: ((outcome: TableTaken & { ok: true }) => void)[] = []
  take.mockImplementation(() => new Promise((resolve) => answers.push(resolve)))
  await user.selectOptions(what!, 'Name')
  await user.selectOptions(where!, 'Location')
  await waitFor(() => expect(take.mock.calls.length).toBe(3))
  expect(asked()).toMatchObject({ columns: ['name', 'place'] })
  // The second answer overtakes the first.
  await act(async () => answers[1]!(read({ columns: ['name', 'place'] })))
  await act(async () => answers[0]!(read({ columns: ['name', null] })))
  await waitFor(() => expect([what!.value, where!.value]).toEqual(['name', 'place']))
})

test('cells that were left open are told by line and heading, and the rest can be kept', async () => {
  const doubts = [{ line: 4, column: 'Width', text: 'wide', why: 'that is no width ' }]
  const refused = [{ line: 6, why: 'the line is empty' }]
  take.mockResolvedValue(read({ doubts, moreDoubts: 3, refused }))
  await look()
  expect(await screen.findByText(/Line 4, Width: “wide”/)).toBeTruthy()
  expect(screen.getByText(/3 more/)).toBeTruthy()
  expect(screen.getByText('Left out: line 6 (the line is empty).')).toBeTruthy()
  const button = await keep()
  await waitFor(() => expect(button.disabled).toBe(false))
  await user.click(button)
  await waitFor(() => expect(asked().isTrial).toBe(false))
})

test('what is no table is told, and what was typed stays', async () => {
  take.mockResolvedValueOnce({ ok: false, errors: { '': 'There are no lines below the headings.' } })
  await user.clear(area())
  await user.type(area(), 'name')
  await look()
  expect(await screen.findByText('There are no lines below the headings.')).toBeTruthy()
  expect(area().value).toBe('name')
})

test('a file is looked over as soon as it is chosen', async () => {
  const file = new File(['What,Where\nAwning,Loft\n'], 'stash.csv', { type: 'text/csv' })
  Object.assign(file, { text: () => Promise.resolve('What,Where\nAwning,Loft\n') })
  await user.upload(document.querySelector<HTMLInputElement>('input[type=file]')!, file)
  await waitFor(() => expect(take).toHaveBeenCalled())
  expect(asked()).toMatchObject({ columns: null, isTrial: true })
  expect(area().value).toContain('Awning,Loft')
})
