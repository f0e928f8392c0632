/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react'
import { PreferencesProvider } from '../../shared/settings/PreferencesContext'
import { quickKeep } from './actions'
import { QuickForm } from './QuickForm'
import userEvent from '../../../../tests/support/person'

jest.mock('./actions', () => ({ quickKeep: jest.fn() }))
// Making a picture smaller wants a browser's canvas; where that fails the picture goes as it is.
jest.mock('../../shared/pictures/shrinkPicture', () => ({
  shrinkPicture: () => Promise.reject(new Error('no canvas')),
}))
const keep = jest.mocked(quickKeep)
const user = userEvent.setup()
const onKept = jest.fn()

beforeEach(() => {
  localStorage.clear()
  onKept.mockReset()
  keep.mockReset().mockResolvedValue({ ok: true, id: 'new', revision: 1 })
  Object.assign(URL, { createObjectURL: () => 'blob:picture', revokeObjectURL: jest.fn() })
  const value = { units: 'metric', words: 'uk', theme: 'system', motion: 'still', paper: 'a4', spanMm: 1600 } as const
  render(
    <PreferencesProvider value={value}>
      <QuickForm
        heapId="heap"
        place="Loft"
        endings={[
          { label: 'Add', sorting: null },
          { label: 'Save', sorting: 'keep' },
          { label: 'Test', sorting: 'test' },
        ]}
        onKept={onKept}
      />
    </PreferencesProvider>,
  )
})
const press = (name: string) => user.click(screen.getByRole('button', { name }))
const sent = () => keep.mock.lastCall![0] as Record<string, unknown>

test('nothing said is kept as such, in its heap and place', async () => {
  await press('Save')
  expect(sent()).toMatchObject({ called: '', spans: null, widthMm: null, price: null, heapId: 'heap', place: 'Loft' })
  expect(keep.mock.lastCall![1]).toBeUndefined()
  expect(onKept).toHaveBeenCalledWith({ id: 'new', sorting: 'keep' })
})

test('a tap in passing makes no empty fabric where sorting it says nothing either', async () => {
  await press('Add')
  expect(screen.getByText(/Nothing to save yet/)).toBeTruthy()
  expect(keep).not.toHaveBeenCalled()
  await press('2 spans')
  await press('Add')
  expect(sent()).toMatchObject({ spans: 2, sorting: null })
})

test('spans go by halves, in this person’s own, and none is less than nothing', async () => {
  for (let i = 0; i < 3; i++) await press('Half a span more')
  expect(screen.getByText(/^1.5 spans: about 2.4 m, give or take/)).toBeTruthy()
  for (let i = 0; i < 5; i++) await press('Half a span less')
  expect(screen.getByText('One span is 1.6 m.')).toBeTruthy()
  await press('Half a span more')
  await press('Test')
  expect(sent()).toMatchObject({ spans: 0.5, spanMm: 1600, sorting: 'test' })
})

test('a width is chosen and chosen off again; a price has the currency that was used last', async () => {
  await press('140 cm')
  await press('90 cm')
  await press('90 cm')
  await user.type(screen.getByLabelText('Price'), '4.5')
  await user.tab()
  await user.type(screen.getByLabelText('Currency'), '£')
  await press('Save')
  expect(sent()).toMatchObject({ widthMm: null, price: { amount: 4.5, currency: '£', per: 'all' } })
  // What was said is gone for the next piece, the currency is not.
  expect(screen.getByLabelText<HTMLInputElement>('Price').value).toBe('')
  expect(screen.getByLabelText<HTMLInputElement>('Currency').value).toBe('£')
})

test('a picture goes along, and is let go of when it is kept', async () => {
  const file = new File(['picture'], 'cloth.jpg', { type: 'image/jpeg' })
  await user.upload(document.querySelector<HTMLInputElement>('input[type=file]')!, file)
  expect(screen.getByRole('img', { name: 'Your photo' })).toBeTruthy()
  await press('Save')
  expect((keep.mock.lastCall![1] as FormData).get('picture')).toBeInstanceOf(Blob)
  expect(URL.revokeObjectURL).toHaveBeenCalledWith('blob:picture')
  expect(screen.queryByRole('img', { name: 'Your photo' })).toBeNull()
})

test('what is refused is told, and nothing that was said is lost', async () => {
  keep.mockResolvedValueOnce({ ok: false, errors: { called: 'that is too long' } })
  await user.type(screen.getByLabelText('What do you think it is?'), 'denim')
  await press('Save')
  expect(screen.getByText(/that is too long/)).toBeTruthy()
  expect(onKept).not.toHaveBeenCalled()
  expect(screen.getByLabelText<HTMLInputElement>('What do you think it is?').value).toBe('denim')
})

test('off line nothing is said to be kept, and what was said stays', async () => {
  keep.mockRejectedValueOnce(new TypeError('Failed to fetch'))
  await user.type(screen.getByLabelText('What do you think it is?'), 'denim')
  await press('Save')
  expect(await screen.findByText(/Please try again: nothing is done twice/)).toBeTruthy()
  expect(onKept).not.toHaveBeenCalled()
  expect(screen.getByLabelText<HTMLInputElement>('What do you think it is?').value).toBe('denim')
})
