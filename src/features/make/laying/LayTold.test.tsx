/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react'
import { rectangle } from '@/core/shapes/polygon'
import { buy } from '@/core/units/buy'
import { PreferencesProvider } from '../../shared/settings/PreferencesContext'
import { confirmCut, keepLay } from './actions'
import { LayTold } from './LayTold'
import { type OnTable, type LayoutEditor } from './useLayoutEditor'
import userEvent from '../../../../tests/support/person'

jest.mock('./actions', () => ({ keepLay: jest.fn(), confirmCut: jest.fn() }))
jest.mock('./SavePlan', () => ({ SavePlan: () => null }))
const keep = jest.mocked(keepLay)
const cut = jest.mocked(confirmCut)
const user = userEvent.setup()

const placement = (id: string, at = 0) => ({
  id,
  panel: 'c1',
  polygon: rectangle(500, 500).map(([x, y]) => [x, y + at]),
})

/** A lay of one square half as wide as its cloth. */
function lay(rest: { lengthMm?: number; isOddPieces?: boolean; unplaced?: object[]; buy?: object } = {}): OnTable {
  const { lengthMm, isOddPieces, unplaced = [], buy } = rest
  return {
    placements: [placement('front')],
    layers: 'single',
    answer: { unplaced, buy, text: '' },
    task: {
      cloth: isOddPieces ? undefined : { widthMm: 1000, lengthMm, selvedgeMm: 0 },
      panels: [{ id: 'c1', outline: rectangle(1000, 500) }],
      pieces: [],
    },
  } as unknown as OnTable
}

function tableOf(rest: Partial<Record<keyof LayoutEditor, unknown>> = {}): LayoutEditor {
  return {
    data: { id: 'p', name: 'Gull smock', project: null, chosen: ['c1'], size: '', pieces: [] },
    grounds: [{ widthMm: 1000 }],
    wishes: {},
    lay: null,
    isRunning: false,
    since: 0,
    trouble: undefined,
    faults: [],
    isChecked: true,
    held: new Set(),
    names: new Map([['front', 'Front']]),
    usedMm: 500,
    start: jest.fn(),
    stop: jest.fn(),
    ...rest,
  } as unknown as LayoutEditor
}
const shown = (table: LayoutEditor) => {
  const value = { units: 'metric', words: 'uk', paper: 'a4', theme: 'system', motion: 'still', spanMm: 1650 } as const
  return render(
    <PreferencesProvider value={value}>
      <LayTold table={table} />
    </PreferencesProvider>,
  )
}
const verdict = () => screen.getAllByRole('status')[0]!.textContent!
const button = (name: string) => screen.getByRole<HTMLButtonElement>('button', { name })

beforeEach(() => {
  keep.mockReset().mockResolvedValue({ ok: true, id: 'l1', revision: 1 })
  cut.mockReset().mockResolvedValue({ ok: true, offcuts: [] } as never)
})

describe('the verdict', () => {
  test('says which pieces overlap instead of what it takes, and nothing before the check', () => {
    const faults = [1, 2, 3, 4, 5].map((i) => ({ keys: [], words: `Yoke ${i} overlaps Collar` }))
    const { unmount } = shown(tableOf({ lay: lay({ lengthMm: 2000 }), faults }))
    expect(verdict()).toBe(
      'Yoke 1 overlaps Collar; Yoke 2 overlaps Collar; Yoke 3 overlaps Collar; and 2 more. ' +
        'Move the pieces apart, or lay them out again.',
    )
    expect([button('Save layout').disabled, button('Mark as cut').disabled]).toEqual([true, true])
    unmount()
    shown(tableOf({ lay: lay({ lengthMm: 2000 }), isChecked: false }))
    expect(verdict()).toBe('Checking the layout…')
    expect(button('Mark as cut').disabled).toBe(true)
  })
  test('says what is needed where the cloth has no length yet', () => {
    shown(tableOf({ lay: lay() }))
    expect(verdict()).toMatch(/^You need 0.5 m, in a single layer: buy .*0\.5 m/)
  })
  test.each([
    [2000, /^There is enough: you need 0.5 m of 2 m/],
    [499.8, /^There is enough/],
    [400, /^Too short by 0.1 m: you need 0.5 m/],
  ])('of %f mm of cloth', (lengthMm, words) => {
    shown(tableOf({ lay: lay({ lengthMm }) }))
    expect(verdict()).toMatch(words)
  })
  test('names what does not fit and why, each once, and what all of it takes', () => {
    const why = { id: 'front', why: 'wider than the cloth' }
    const short = lay({ lengthMm: 400, unplaced: [why, why], buy: buy(1200) })
    shown(tableOf({ lay: short }))
    expect(verdict()).toBe('Some pieces don’t fit (Front: wider than the cloth). All of it needs 1.2 m (1⅜ yd).')
  })
  test('of odd pieces says how much of them is used', () => {
    shown(tableOf({ lay: lay({ isOddPieces: true }) }))
    expect(verdict()).toBe('Everything fits on these fabrics; you use 50 % of them.')
  })
})

describe('what is next', () => {
  test('is to lay it, and while it is laid to stop', async () => {
    const still = tableOf()
    const { unmount } = shown(still)
    expect(verdict()).toContain('Choose a fabric')
    await user.click(button('Lay out'))
    expect(still.start).toHaveBeenCalledTimes(1)
    unmount()
    const running = tableOf({ isRunning: true, since: 3, lay: lay() })
    shown(running)
    expect(screen.getByRole('progressbar', { name: 'Layout progress' })).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Save layout' })).toBeNull()
    await user.click(button('Stop'))
    expect(running.stop).toHaveBeenCalledTimes(1)
  })
  test('is to lay the rest where some is pinned', () => {
    shown(tableOf({ lay: lay(), held: new Set(['front']) }))
    expect(button('Lay out the rest again')).toBeTruthy()
  })
  test('nothing that lies on another piece, or beside the cloth, is kept or cut', () => {
    const { unmount } = shown(tableOf({ lay: lay(), faults: [{}] }))
    expect(button('Save layout').disabled).toBe(true)
    expect(button('Mark as cut').disabled).toBe(true)
    unmount()
    shown(tableOf({ lay: lay({ unplaced: [{ id: 'front', why: 'no room' }] }) }))
    expect(button('Save layout').disabled).toBe(true)
  })
  test('a plan is kept, and said to be so only as long as it lies so', async () => {
    const table = tableOf({ lay: lay() })
    const { rerender } = shown(table)
    await user.click(button('Save layout'))
    expect(keep.mock.lastCall![0]).toMatchObject({ patternId: 'p', pieceId: 'c1', widthMm: 1000, usedLengthMm: 500 })
    expect(screen.getByText('Saved.')).toBeTruthy()
    const moved = { ...lay(), placements: [placement('front', 40)] } as unknown as OnTable
    rerender(<LayTold table={{ ...table, lay: moved }} />)
    expect(screen.queryByText('Saved.')).toBeNull()
    keep.mockResolvedValueOnce({ ok: false, errors: { '': 'It was thrown away elsewhere.' } })
    await user.click(button('Save layout'))
    expect(screen.getByText('It was thrown away elsewhere.')).toBeTruthy()
    expect(screen.queryByText('Saved.')).toBeNull()
  })
  test('what was cut leads to its offcuts, and is not cut twice', async () => {
    cut.mockResolvedValueOnce({ ok: true, offcuts: ['o1', 'o2'] } as never)
    shown(tableOf({ lay: lay({ lengthMm: 2000 }) }))
    await user.click(button('Mark as cut'))
    expect(cut.mock.lastCall![0]).toMatchObject({ cloths: ['c1'], what: 'Gull smock' })
    const links = screen.getAllByRole('link').map((link) => link.getAttribute('href'))
    expect(links).toEqual(['/stash/o1', '/stash/o2'])
    expect(screen.queryByRole('button', { name: 'Mark as cut' })).toBeNull()
  })
  test('cloth that is not of the stash is not cut from it', () => {
    const data = { ...tableOf().data, chosen: [] }
    shown(tableOf({ lay: lay(), data }))
    expect(screen.queryByRole('button', { name: 'Mark as cut' })).toBeNull()
  })
})
