/** @jest-environment jsdom */
import { act, render, screen } from '@testing-library/react'
import { useState } from 'react'
import { I18nProvider } from 'react-aria-components'
import { type TypedKind } from '@/core/typed/readQuantity'
import { FormBox } from './FormBox'
import { NumberField } from './NumberField'
import { useAsyncAction } from './useAsyncAction'
import userEvent from '../../../tests/support/person'

const user = userEvent.setup()
const saved = jest.fn()
const heard = jest.fn()

interface Asked {
  locale?: string
  unit?: string
  kind?: TypedKind
  start?: number
  maxValue?: number
}

/** A field in a form, with a button of another kind beside it. */
function Page({ locale = 'en-GB', start = NaN, ...rest }: Asked) {
  const [value, setValue] = useState(start)
  const { trouble, doing } = useAsyncAction()
  return (
    <I18nProvider locale={locale}>
      <FormBox onSubmit={() => saved(value)}>
        <NumberField
          label="Width"
          minValue={0}
          value={value}
          onChange={(next) => {
            heard(next)
            setValue(next)
          }}
          {...rest}
        />
        <button type="submit">Save</button>
        <button
          type="button"
          onClick={() =>
            doing(async () => {
              saved(value)
              return { ok: true }
            })
          }
        >
          Keep
        </button>
        <p role="status">{trouble}</p>
      </FormBox>
    </I18nProvider>
  )
}
const shown = (asked: Asked = {}) => render(<Page {...asked} />)
const field = () => screen.getByRole<HTMLInputElement>('textbox', { name: 'Width' })
const press = (name: string) => user.click(screen.getByRole('button', { name }))

beforeEach(() => {
  saved.mockClear()
  heard.mockClear()
})

test.each([
  ['en-GB', '2,50', 'm', 2.5],
  ['de-DE', '2.50', 'm', 2.5],
  ['en-GB', '12,4 g', 'g', 12.4],
  ['en-US', '2 ½', 'yd', 2.5],
  ['en-GB', '30 in', 'cm', 76.2],
  ['en-GB', '1 yd 9 in', 'm', 1.143],
  ['en-GB', '12 oz', 'g/m²', 406.8689697],
  ['en-GB', '24 threads per cm', 'threads per cm', 24],
])('in %s, %j counts as it was meant', async (locale, typed, unit, value) => {
  shown({ locale, unit })
  await user.type(field(), `${typed}{Enter}`)
  expect(heard.mock.calls).toEqual([[value]])
  expect(saved).toHaveBeenCalledWith(value)
})

test('what is pasted counts too, and an emptied field is empty', async () => {
  shown({ unit: 'm', start: 3 })
  await user.clear(field())
  await user.paste('2,50')
  await press('Save')
  expect(saved).toHaveBeenLastCalledWith(2.5)
  await user.clear(field())
  await press('Save')
  expect(saved).toHaveBeenLastCalledWith(NaN)
})

test('what can be read in two ways is asked, and nothing is saved meanwhile', async () => {
  shown({ unit: 'm', start: 3, locale: 'en-GB' })
  await user.clear(field())
  await user.type(field(), '1,250')
  await press('Save')
  await press('Keep')
  expect([heard, saved].map(({ mock }) => mock.calls.length)).toEqual([0, 0])
  expect(screen.getByRole('status').textContent).toBe('Please check “Width” first: nothing was saved.')
  expect(document.activeElement).toBe(field())
  expect(field().getAttribute('aria-invalid')).toBe('true')
  await press('1.25 m')
  expect(heard.mock.calls).toEqual([[1.25]])
  await press('Keep')
  expect(saved).toHaveBeenLastCalledWith(1.25)
})

test('what is unlike any fabric is asked about, in the units in which it would make sense too', async () => {
  shown({ unit: 'cm', kind: 'width' })
  await user.type(field(), '1400{Enter}')
  expect(saved).not.toHaveBeenCalled()
  expect(screen.getAllByRole('button').map(({ textContent }) => textContent)).toEqual([
    '1,400 cm',
    '1,400 mm',
    'Save',
    'Keep',
  ])
  await press('1,400 mm')
  expect(heard.mock.calls).toEqual([[140]])
})

test('what is no number, or beyond the field’s bounds, stands there with what to do, and is not saved', async () => {
  shown({ unit: 'cm', maxValue: 200 })
  await user.type(field(), 'wide{Enter}')
  expect(screen.getByText(/We can’t read “wide” as a number in cm/)).toBeTruthy()
  await user.clear(field())
  await user.type(field(), '300{Enter}')
  expect(screen.getByText('Please enter a number from 0 cm to 200 cm.')).toBeTruthy()
  expect([field().value, saved.mock.calls.length]).toEqual(['300', 0])
})

test('arrows step within the bounds; a field that goes away stands in nobody’s way', async () => {
  const { unmount } = shown({ unit: 'cm', start: 199.5, maxValue: 200 })
  act(() => field().focus())
  await user.keyboard('{ArrowUp}{ArrowUp}{ArrowDown}')
  expect(heard.mock.calls).toEqual([[200], [199]])
  await user.type(field(), 'x{Enter}')
  unmount()
  shown()
  await press('Keep')
  expect(saved).toHaveBeenCalledTimes(1)
})
