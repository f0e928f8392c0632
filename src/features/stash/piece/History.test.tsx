/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react'
import { takeBackStroke } from '../../shared/history/actions'
import { PieceHistory } from './History'
import { type PieceData } from './types'
import userEvent from '../../../../tests/support/person'

jest.mock('../../shared/history/actions', () => ({ takeBackStroke: jest.fn() }))
jest.mock('../../shared/history/When', () => ({ When: () => 'today' }))
const takeBack = jest.mocked(takeBackStroke)

type Step = PieceData['history'][number]
const step = (stroke: string, rest: Partial<Step> = {}): Step => ({
  stroke,
  at: '2026-05-02T10:00:00.000Z',
  says: stroke,
  isUndone: false,
  undoes: null,
  ...rest,
})
const buttons = () => screen.queryAllByRole('button').map(({ textContent }) => textContent)

beforeEach(() => takeBack.mockReset().mockResolvedValue({ ok: true }))

test('names what it undoes: what was just done', async () => {
  render(<PieceHistory history={[step('place changed'), step('added')]} />)
  expect(buttons()).toEqual(['Undo: place changed'])
  await userEvent.click(screen.getByRole('button'))
  expect(takeBack).toHaveBeenCalledWith('place changed')
})

test('once that is undone it does not go on to something older, but can be done again', () => {
  const undone = [step('undo', { undoes: 'place changed' }), step('place changed', { isUndone: true }), step('added')]
  render(<PieceHistory history={undone} />)
  expect(buttons()).toEqual(['Redo'])
})
