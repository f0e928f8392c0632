/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react'
import { useState } from 'react'
import { TimeField } from './TimeField'
import userEvent from '../../../tests/support/person'

function Holding({ from, heard }: { from: string; heard: (time: string) => void }) {
  const [time, setTime] = useState(from)
  return (
    <TimeField
      label="From"
      time={time}
      onChange={(next) => {
        setTime(next)
        heard(next)
      }}
    />
  )
}

const shown = (from: string) => {
  const heard = jest.fn()
  render(<Holding from={from} heard={heard} />)
  return { heard, part: (name: RegExp) => screen.getByRole('spinbutton', { name }) }
}

test('shows the time that it is given on a clock of 24 hours, and none where can’t be read', () => {
  const { part } = shown('18:05')
  expect([part(/^hour/).textContent, part(/^minute/).textContent]).toEqual(['18', '05'])
  document.body.innerHTML = ''
  expect(shown('after tea').part(/^hour/).getAttribute('aria-valuetext')).toBe('Empty')
})

test('a part moves by arrow keys, and the time is told as a whole', async () => {
  const { heard, part } = shown('09:30')
  await userEvent.click(part(/^hour/))
  await userEvent.keyboard('{ArrowUp}')
  expect(heard).toHaveBeenLastCalledWith('10:30')
})

test('digits run on from the hours to the minutes', async () => {
  const { heard, part } = shown('09:30')
  await userEvent.click(part(/^hour/))
  await userEvent.keyboard('1845')
  expect(heard).toHaveBeenLastCalledWith('18:45')
})
