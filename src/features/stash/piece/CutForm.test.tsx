/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react'
import { PreferencesProvider } from '../../shared/settings/PreferencesContext'
import { CutForm } from './CutForm'
import { cutPiece } from './kinActions'
import { type PieceData } from './types'
import userEvent from '../../../../tests/support/person'

jest.mock('./kinActions', () => ({ cutPiece: jest.fn() }))
const cut = jest.mocked(cutPiece)
const user = userEvent.setup()

function shown(units: 'metric' | 'imperial' = 'metric') {
  const value = { units, words: 'uk', paper: 'a4', theme: 'system', motion: 'still', spanMm: 1650 } as const
  render(
    <PreferencesProvider value={value}>
      <CutForm piece={{ id: 'p1', name: 'Lobby curtain' } as PieceData['piece']} />
    </PreferencesProvider>,
  )
}
const type = async (label: string, text: string, from: Pick<typeof screen, 'getByLabelText'> = screen) => {
  await user.clear(from.getByLabelText(label))
  await user.type(from.getByLabelText(label), text)
  await user.tab()
}
const press = (name: string) => user.click(screen.getByRole('button', { name }))
const cutIt = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Mark as cut' })

beforeEach(() => cut.mockReset().mockResolvedValue({ ok: true }))

test('nothing is cut until it is said how much, or what is left over', async () => {
  shown()
  expect(cutIt().disabled).toBe(true)
  await press('Add an offcut')
  expect(cutIt().disabled).toBe(false)
  await press('Remove the last')
  expect(cutIt().disabled).toBe(true)
})

test('a length is cut off for something, and the form is empty again', async () => {
  shown('imperial')
  await type('Length cut off', '2')
  await type('For', 'a smock')
  await press('Mark as cut')
  const { lengthMm, ...rest } = cut.mock.lastCall![0]
  expect(lengthMm).toBeCloseTo(1828.8, 6)
  expect(rest).toEqual({ pieceId: 'p1', what: 'a smock', offcuts: [] })
  expect(screen.getByLabelText<HTMLInputElement>('Length cut off').value).toBe('')
})

test('offcuts are numbered after their piece, each with its own size', async () => {
  shown()
  await press('Add an offcut')
  await press('Add an offcut')
  const second = within(screen.getByRole('group', { name: 'Offcut 2' }))
  await type('Offcut’s width', '30', second)
  await type('Offcut’s length', '120', second)
  await press('Mark as cut')
  // An offcut without a size is asked for it, and nothing is sent.
  expect(screen.getByText(/enter a width and a length for each offcut/)).toBeTruthy()
  expect(cut).not.toHaveBeenCalled()
  const first = within(screen.getByRole('group', { name: 'Offcut 1' }))
  await type('Offcut’s width', '20', first)
  await type('Offcut’s length', '50', first)
  await press('Mark as cut')
  expect(cut.mock.lastCall![0].offcuts).toEqual([
    { name: 'Lobby curtain, offcut 1', widthMm: 200, lengthMm: 500 },
    { name: 'Lobby curtain, offcut 2', widthMm: 300, lengthMm: 1200 },
  ])
})

test('what is refused is told, and nothing that was typed is lost', async () => {
  cut.mockResolvedValueOnce({ ok: false, errors: { lengthMm: 'There is not so much of it left.' } })
  shown()
  await type('Length cut off', '9')
  await press('Mark as cut')
  expect(screen.getByText(/There is not so much of it left/)).toBeTruthy()
  expect(screen.getByLabelText<HTMLInputElement>('Length cut off').value).toBe('9')
})
