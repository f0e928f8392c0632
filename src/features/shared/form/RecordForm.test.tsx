/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react'
import { TextField } from '@/ui/kit/fields'
import { type Outcome } from '../outcome'
import { RecordForm } from './RecordForm'
import { useForm } from './useForm'
import userEvent from '../../../../tests/support/person'

const kept: Outcome = { ok: true, id: 'p1', revision: 1 }

function Filled({ save, isDisabled }: { save: () => Promise<Outcome>; isDisabled?: boolean }) {
  const form = useForm({ initial: { name: '', place: '' }, revision: 1, save, onKept: () => {} })
  const { value, set, error } = form
  return (
    <RecordForm form={form} keep="Keep it" compared={[['Name', ({ name }) => name]]} isDisabled={isDisabled}>
      <TextField label="Place" value={value.place} onChange={(place) => set({ place })} error={error('place')} />
      <TextField label="Name" value={value.name} onChange={(name) => set({ name })} error={error('name')} />
    </RecordForm>
  )
}

const shown = (...answers: Outcome[]) => {
  const save = jest.fn(async () => answers.shift() ?? kept)
  render(<Filled save={save} />)
  return { save, name: screen.getByLabelText('Name') }
}

test('is sent by its button, and by Enter in any field', async () => {
  const { save, name } = shown()
  await userEvent.type(name, 'Curtain')
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  await userEvent.type(screen.getByLabelText('Place'), 'loft{Enter}')
  expect(save).toHaveBeenCalledTimes(2)
})

test('is not sent by Enter while its button is off', async () => {
  const save = jest.fn(async () => kept)
  render(<Filled save={save} isDisabled />)
  await userEvent.type(screen.getByLabelText('Name'), 'Curtain{Enter}')
  expect(save).not.toHaveBeenCalled()
})

test('the keyboard is taken to the first field that is refused, where its error stands', async () => {
  const { name } = shown({ ok: false, errors: { name: 'it needs a name' } })
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  expect(document.activeElement).toBe(name)
  expect(name.getAttribute('aria-invalid')).toBe('true')
  expect(screen.getByRole('alert').textContent).toContain('Not saved yet. it needs a name')
})

test('where it was changed elsewhere, only what differs is shown, and one side is chosen', async () => {
  const theirs = { name: 'Drape', place: '' }
  const { save, name } = shown({
    ok: false,
    errors: { '': 'changed' },
    clash: { revision: 5, updatedAt: '', data: theirs },
  })
  await userEvent.type(name, 'Curtain')
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  expect(screen.getByText(/here “Curtain”, in the other window “Drape”/)).toBeTruthy()
  await userEvent.click(screen.getByRole('button', { name: 'Use the other version' }))
  expect((name as HTMLInputElement).value).toBe('Drape')
  expect(save).toHaveBeenCalledTimes(1)
})
