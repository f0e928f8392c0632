/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react'
import { useState } from 'react'
import { DayField } from './DayField'
import userEvent from '../../../tests/support/person'

function Holding({ from, heard }: { from: string | null; heard: (day: string | null) => void }) {
  const [day, setDay] = useState(from)
  return (
    <DayField
      label="Came on"
      day={day}
      onChange={(next) => {
        setDay(next)
        heard(next)
      }}
    />
  )
}

const shown = (from: string | null) => {
  const heard = jest.fn()
  render(<Holding from={from} heard={heard} />)
  return { heard, part: (name: RegExp) => screen.getByRole('spinbutton', { name }) }
}

test('shows the day that it is given, and none where there is none or can’t be read', () => {
  expect(shown('2026-03-14').part(/^year/).textContent).toBe('2026')
  document.body.innerHTML = ''
  expect(shown('the day before').part(/^year/).textContent).toBe('yyyy')
})

test('a part changes by arrow keys, and the day is told as a whole', async () => {
  const { heard, part } = shown('2026-03-14')
  await userEvent.click(part(/^month/))
  await userEvent.keyboard('{ArrowUp}')
  expect(heard).toHaveBeenLastCalledWith('2026-04-14')
})

test('a day that is half typed is none yet', async () => {
  const { heard, part } = shown(null)
  await userEvent.click(part(/^year/))
  await userEvent.keyboard('2026')
  expect(heard).not.toHaveBeenCalledWith(expect.stringMatching(/\d/))
})

test('a day is chosen from its month', async () => {
  const { heard } = shown('2026-03-14')
  await userEvent.click(screen.getByRole('button', { name: /Calendar/ }))
  const month = screen.getByRole('grid')
  await userEvent.click(within(month).getByText('21'))
  expect(heard).toHaveBeenLastCalledWith('2026-03-21')
})
