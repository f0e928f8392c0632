/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react'
import { rectangle, type Outline } from '@/core/shapes/polygon'
import { plainPiece } from '../../../../tests/support/lay/jigsaw'
import { BorderFields } from './BorderFields'
import { type LayoutEditor } from './useLayoutEditor'
import userEvent from '../../../../tests/support/person'

const CURVED: Outline = [
  [-300, 40],
  [0, 0],
  [300, 40],
  [250, 700],
  [-250, 700],
]
const pieces = [
  { ...plainPiece('a', rectangle(600, 700)), name: 'Skirt' },
  { ...plainPiece('b', CURVED), name: 'Cape' },
  { ...plainPiece('c', rectangle(80, 240)), name: 'Cuff' },
  { ...plainPiece('d', rectangle(90, 300)), name: 'Cuff' },
]

function shown(border: { side: string; reachMm: number } | null, onBorder: object | null = null) {
  const table = {
    data: { pieces },
    grounds: [{ border }],
    wishes: { onBorder },
    ground: jest.fn(),
    setWishes: jest.fn(),
  }
  render(<BorderFields table={table as unknown as LayoutEditor} />)
  return table
}

const LEFT = { side: 'left', reachMm: 180 }

test('asks nothing more where the cloth has no border', async () => {
  const { ground } = shown(null)
  expect(screen.queryByRole('group')).toBeNull()
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Border print' }), 'both')
  expect(ground).toHaveBeenCalledWith({ border: { side: 'both', reachMm: 250 } })
})

test('takes the feet that are likely, says which is curved, and tells pieces of one name apart', () => {
  shown(LEFT)
  const box = (name: RegExp) => screen.getByRole<HTMLInputElement>('checkbox', { name })
  expect(box(/^Skirt/).checked).toBe(true)
  expect(box(/^Cuff ?, 8 cm × 24 cm/).checked).toBe(false)
  expect(box(/^Cuff ?, 9 cm × 30 cm/).checked).toBe(false)
  expect(box(/^Cape.*runs 40 mm away from it/)).toBeTruthy()
  expect(box(/^Keep all other pieces/).checked).toBe(true)
})

test('keeps what was chosen when something else is changed', async () => {
  const onBorder = { ids: ['a'], footMm: 25, isKeptClear: true }
  const { setWishes, ground } = shown(LEFT, onBorder)
  await userEvent.click(screen.getByRole('checkbox', { name: /^Cape/ }))
  expect(setWishes).toHaveBeenLastCalledWith({ onBorder: { ...onBorder, ids: ['a', 'b'] } })
  await userEvent.click(screen.getByRole('checkbox', { name: /^Skirt/ }))
  expect(setWishes).toHaveBeenLastCalledWith({ onBorder: { ...onBorder, ids: [] } })
  await userEvent.click(screen.getByRole('checkbox', { name: /^Keep all other pieces/ }))
  expect(setWishes).toHaveBeenLastCalledWith({ onBorder: { ...onBorder, isKeptClear: false } })
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Border print' }), 'none')
  expect(ground).toHaveBeenLastCalledWith({ border: null })
})

test('takes figures in the units that stand beside them', async () => {
  const { ground, setWishes } = shown(LEFT)
  const reach = screen.getByRole('textbox', { name: /Depth of the border/ })
  await userEvent.clear(reach)
  await userEvent.type(reach, '22.5')
  await userEvent.tab()
  expect(ground).toHaveBeenLastCalledWith({ border: { side: 'left', reachMm: 225 } })
  const foot = screen.getByRole('textbox', { name: /Distance from the edge/ })
  await userEvent.clear(foot)
  await userEvent.type(foot, '30')
  await userEvent.tab()
  expect(setWishes).toHaveBeenLastCalledWith({ onBorder: expect.objectContaining({ footMm: 30 }) })
})
