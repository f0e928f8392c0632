/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react'
import { type Placement } from '@/core/lay/types'
import { rectangle, type Point } from '@/core/shapes/polygon'
import { Board, boardBoundsOf, type Stretch } from './Board'
import userEvent from '../../../../tests/support/person'

const stretch: Stretch = {
  id: null,
  tile: null,
  outline: rectangle(1000, 2000),
  holes: [rectangle(50, 60)],
  bands: [],
  along: 0,
  across: 0,
}
const placed = (id: string, copies: number[], x: number): Placement => ({
  ...{ id, copies, panel: null, panelCopy: null, mirrored: false, degrees: 0, at: [x, 0] },
  polygon: rectangle(300, 400).map(([px, py]): Point => [px + x, py]),
})

function board(rest: Partial<Parameters<typeof Board>[0]> = {}) {
  const told = { onChoose: jest.fn(), onMove: jest.fn(), onKey: jest.fn(() => false) }
  render(
    <Board
      label="The cloth"
      stretches={[stretch]}
      placements={[placed('front', [1], 0), placed('back', [1, 2], 400)]}
      names={new Map([['front', 'Front']])}
      grain={() => 90}
      chosen={null}
      held={new Set(['front 1'])}
      wrong={new Set(['back 1+2'])}
      zoom={1}
      {...told}
      {...rest}
    />,
  )
  return told
}

test('every piece is a button that says what it is, whether it is held, and whether it is in a wrong place', () => {
  board()
  expect(screen.getAllByRole('button').map((one) => one.getAttribute('aria-label'))).toEqual([
    'Front, copy 1, held',
    'back, through both layers, in a wrong place',
  ])
})

test('arrow keys move a piece along and across, with Shift by little; other keys are handed on', async () => {
  const { onMove, onKey, onChoose } = board()
  screen.getByRole('button', { name: /^Front/ }).focus()
  expect(onChoose).toHaveBeenCalledWith('front 1')
  await userEvent.keyboard('{ArrowRight}{ArrowUp}{Shift>}{ArrowDown}{/Shift}t')
  // The cloth’s length runs from left to right.
  expect(onMove.mock.calls).toEqual([
    ['front 1', [0, 10], true],
    ['front 1', [-10, 0], true],
    ['front 1', [1, 0], true],
  ])
  expect(onKey).toHaveBeenLastCalledWith('front 1', 't')
})

test('a drag is told once, at its end, and not at all where nothing moved', () => {
  const { onMove } = board()
  const piece = screen.getByRole('button', { name: /^back/ })
  piece.setPointerCapture = jest.fn()
  const svg = screen.getByRole('group', { name: 'The cloth' })
  // Without a browser there is no pointer event that says where it is.
  const pointer = (how: string, clientX: number, clientY: number) =>
    fireEvent(piece, new MouseEvent(`pointer${how}`, { bubbles: true, clientX, clientY }))
  // Its width would be 1 mm a pixel; its height, which leaves less room, is 2.
  svg.getBoundingClientRect = () => ({ width: 2000, height: 500 }) as DOMRect
  pointer('down', 100, 100)
  pointer('up', 100, 100)
  expect(onMove).not.toHaveBeenCalled()
  pointer('down', 100, 100)
  pointer('move', 150, 110)
  expect(piece.getAttribute('transform')).toContain('translate(')
  pointer('up', 150, 110)
  expect(onMove).toHaveBeenCalledTimes(1)
  const [key, [across, along]] = onMove.mock.calls[0] as [string, [number, number]]
  expect(key).toBe('back 1+2')
  expect([across, along].map(Math.round)).toEqual([20, 100])
})

test('a click on bare cloth chooses nothing', () => {
  const { onChoose } = board({ chosen: 'front 1' })
  fireEvent.pointerDown(screen.getByRole('group', { name: 'The cloth' }))
  expect(onChoose).toHaveBeenCalledWith(null)
})

test('the board reaches as far as all that lies on it', () => {
  const other: Stretch = { ...stretch, id: 'odd', outline: rectangle(300, 500), along: 2060 }
  expect(boardBoundsOf([stretch, other])).toEqual({ along: 2560, across: 1000 })
})
