/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react'
import { saySide } from './actions'
import { type SideData } from './load'
import { SidesPage } from './SidesPage'
import userEvent from '../../../../tests/support/person'

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: jest.fn() }) }))
jest.mock('./actions', () => ({ saySide: jest.fn() }))

const data: SideData = {
  token: 'sealed',
  asks: 'Which is the right side (face)?',
  told: 'Two sides of one fabric: A shines, B is dull.',
  pictures: [
    { name: 'A' as const, url: 'data:image/svg+xml;base64,AA==' },
    { name: 'B' as const, url: 'data:image/svg+xml;base64,AA==' },
  ],
  choices: [
    { id: 'a' as const, words: 'A' },
    { id: 'b' as const, words: 'B' },
  ],
  score: { right: 3, all: 4 },
}

test('asks, shows both sides in words too, and says how it went before', () => {
  render(<SidesPage {...data} />)
  expect(screen.getByRole('status').textContent).toBe('Which is the right side (face)?')
  expect(screen.getByRole('img', { name: /^A\. Two sides/ })).toBeInstanceOf(HTMLImageElement)
  expect(screen.getByText('3 of 4 right so far.')).toBeTruthy()
})

test('sends what is said with how sure, then tells what tells it', async () => {
  jest.mocked(saySide).mockResolvedValue({ right: false, answer: 'A', because: 'Floats shine.', due: '' })
  render(<SidesPage {...data} />)
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'How sure are you?' }), 'sure')
  await userEvent.click(screen.getByRole('button', { name: 'B' }))
  expect(saySide).toHaveBeenCalledWith({ token: 'sealed', said: 'b', sure: 0.95 })
  expect(screen.getByRole('status').textContent).toBe('Not this time: A.')
  expect(screen.getByRole('region', { name: 'How to tell' }).textContent).toContain('Floats shine.')
  expect(screen.queryByRole('group', { name: 'Answers' })).toBeNull()
})

test('an answer that could not be kept is said, and can be given again', async () => {
  jest.mocked(saySide).mockRejectedValueOnce(new Error('away'))
  render(<SidesPage {...data} />)
  await userEvent.click(screen.getByRole('button', { name: 'A' }))
  expect(screen.getByRole('alert').textContent).toBe('We could not save it. Please try again.')
  expect((screen.getByRole('button', { name: 'A' }) as HTMLButtonElement).disabled).toBe(false)
})
