/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react'
import { LengthField } from './LengthField'
import { PreferencesProvider } from './PreferencesContext'
import userEvent from '../../../../tests/support/person'

const user = userEvent.setup()

function shown(units: 'metric' | 'imperial', field: Partial<Parameters<typeof LengthField>[0]>) {
  const onMm = jest.fn<void, [number | null]>()
  const value = { units, words: 'uk', paper: 'a4', theme: 'system', motion: 'still', spanMm: 1650 } as const
  render(
    <PreferencesProvider value={value}>
      <LengthField label="How long" of="short" mm={null} onMm={onMm} {...field} />
    </PreferencesProvider>,
  )
  const input = screen.getByLabelText<HTMLInputElement>('How long')
  const type = async (text: string) => {
    await user.clear(input)
    if (text) await user.type(input, text)
    await user.tab()
    return onMm.mock.lastCall?.[0]
  }
  return { input, type }
}

test.each([
  ['metric', 'fine', '12', 12, 'mm'],
  ['metric', 'short', '12', 120, 'cm'],
  ['metric', 'long', '1.2', 1200, 'm'],
  ['imperial', 'fine', '0.5', 12.7, 'in'],
  ['imperial', 'short', '45', 1143, 'in'],
  ['imperial', 'long', '2', 1828.8, 'yd'],
] as const)('in %s units, what is %s: %s are %f mm (%s)', async (units, of, typed, mm, symbol) => {
  const { type } = shown(units, { of })
  expect(screen.getByText(symbol)).toBeTruthy()
  expect(await type(typed)).toBeCloseTo(mm, 6)
})

test('shows what is kept, rounded to what a person would write', () => {
  expect(shown('imperial', { mm: 25.4 * 3.5 }).input.value).toBe('3.5')
})

test('what is emptied is nothing, and what is too long or too short is said and not taken', async () => {
  const { type } = shown('metric', { mm: 50, mostMm: 3000, leastMm: 10 })
  expect(await type('')).toBeNull()
  await type('900')
  expect(screen.getByText('Please enter a number from 1 cm to 300 cm.')).toBeTruthy()
  await type('0.2')
  expect(screen.getByText('Please enter a number from 1 cm to 300 cm.')).toBeTruthy()
  // The last that counted is the emptied one.
  expect(await type('20')).toBe(200)
})
