/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react'
import { ASKS_NOTHING, type ShelfQuery } from '@/core/stashSearch/query'
import { PreferencesProvider } from '../../shared/settings/PreferencesContext'
import { AmountFilter } from './Amounts'
import userEvent from '../../../../tests/support/person'

const user = userEvent.setup()

function shown(query: Partial<ShelfQuery> = {}, units: 'metric' | 'imperial' = 'metric') {
  const onAsk = jest.fn<void, [ShelfQuery]>()
  const value = { units, words: 'uk', paper: 'a4', theme: 'system', motion: 'still', spanMm: 1650 } as const
  render(
    <PreferencesProvider value={value}>
      <AmountFilter query={{ ...ASKS_NOTHING, ...query }} onAsk={onAsk} />
    </PreferencesProvider>,
  )
  return { asked: () => onAsk.mock.lastCall![0], onAsk }
}
const type = async (label: string, value: string) => {
  await user.clear(screen.getByLabelText(label))
  await user.type(screen.getByLabelText(label), value)
  await user.tab()
}
const press = (name: string) => user.click(screen.getByRole('button', { name }))

test('asks for all of it at once, and only when that is meant', async () => {
  const { asked, onAsk } = shown()
  await type('Weight from', '120')
  await type('Weight to', '180')
  await type('At most a square metre', '9.5')
  expect(onAsk).not.toHaveBeenCalled()
  await press('Show fabrics')
  expect(asked()).toMatchObject({ gsm: [120, 180], mostPerM2: 9.5, enough: null, colour: null })
})

test('enough is a length at a width, and nothing where one of the two is missing', async () => {
  const { asked } = shown()
  await type('Enough for a length of', '2.1')
  await press('Show fabrics')
  expect(asked().enough).toBeNull()
  await type('at a width of', '140')
  await press('Show fabrics')
  expect(asked().enough).toEqual({ lengthMm: 2100, widthMm: 1400 })
})

test('is read in the person’s own units', async () => {
  const { asked } = shown({ gsm: [136, null] }, 'imperial')
  expect(Number(screen.getByLabelText<HTMLInputElement>('Weight from').value)).toBeCloseTo(4.01, 2)
  await type('Enough for a length of', '2')
  await type('at a width of', '45')
  await press('Show fabrics')
  expect(asked()).toMatchObject({ gsm: [136, null], enough: { lengthMm: 1829, widthMm: 1143 } })
})

test('a colour is asked for when it is ticked; leaving open leaves the other filters as they are', async () => {
  const { asked } = shown({ gsm: [100, 200], text: 'curtain' })
  await user.click(screen.getByRole('checkbox', { name: 'Similar colour' }))
  await press('Show fabrics')
  expect(asked().colour).toMatch(/^#[0-9a-f]{6}$/)
  await press('Clear these')
  expect(asked()).toEqual({ ...ASKS_NOTHING, text: 'curtain' })
  expect(screen.getByLabelText<HTMLInputElement>('Weight from').value).toBe('')
})
