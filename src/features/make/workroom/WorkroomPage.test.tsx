/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react'
import { WorkroomSchema } from '@/core/notebook/kinds/workroom'
import { forgetCalendar, saveWorkroom, takeCalendar } from './actions'
import { calendarTold } from './calendarTold'
import { WorkroomPage } from './WorkroomPage'
import userEvent from '../../../../tests/support/person'

jest.mock('./actions', () => ({ saveWorkroom: jest.fn(), takeCalendar: jest.fn(), forgetCalendar: jest.fn() }))

const { calendar, machine, household, hours, schools: picked } = WorkroomSchema.parse({ machine: { feet: ['zip'] } })
const said = { machine, household, hours, schools: picked }
const schools = [{ id: 'marking', words: 'marking', sides: ['chalk', 'tacks'] }]

const shown = (told = calendarTold(calendar)) => {
  render(<WorkroomPage workroom={said} calendar={told} schools={schools} />)
  return screen.getByRole('region', { name: 'Your calendar' })
}

beforeEach(() => {
  jest.resetAllMocks()
  jest.mocked(saveWorkroom).mockResolvedValue({ ok: true })
  jest.mocked(takeCalendar).mockResolvedValue({ ok: true })
  jest.mocked(forgetCalendar).mockResolvedValue({ ok: true })
})

test('what is said is kept as a whole, without what a calendar said', async () => {
  shown()
  await userEvent.click(screen.getByRole('checkbox', { name: 'Walking foot' }))
  await userEvent.click(screen.getByRole('checkbox', { name: 'An iron that makes steam' }))
  await userEvent.selectOptions(screen.getByLabelText('Marking'), 'tacks')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  const [kept] = jest.mocked(saveWorkroom).mock.lastCall! as [typeof said]
  expect(kept.machine).toMatchObject({ feet: ['walking', 'zip'], steamIron: false })
  expect(kept.schools).toEqual({ marking: 'tacks' })
  expect(kept).not.toHaveProperty('calendar')
  expect(screen.getByText('Saved.')).toBeTruthy()
})

test('why it was not kept is said', async () => {
  jest
    .mocked(saveWorkroom)
    .mockResolvedValue({ ok: false, errors: { 'hours.0.to': 'The time must end after it begins.' } })
  shown()
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  expect(screen.getByText('The time must end after it begins.')).toBeTruthy()
  expect(screen.queryByText('Saved.')).toBeNull()
})

test('a calendar is sent as what it is said to be', async () => {
  const region = shown()
  await userEvent.click(within(region).getByText('more free time'))
  const file = new File(['BEGIN:VCALENDAR'], 'mine.ics', { type: 'text/calendar' })
  await userEvent.upload(region.querySelector('input[type=file]')!, file)
  const [form] = jest.mocked(takeCalendar).mock.lastCall! as [FormData]
  expect(form.get('kind')).toBe('free')
  expect((form.get('calendar') as File).name).toBe('mine.ics')
})

test('what it said is told in a line, and forgotten when asked', async () => {
  const span = (day: string) => ({ from: `${day}T10:00`, to: `${day}T12:00` })
  const told = calendarTold({ taken: [span('2026-05-04'), span('2026-06-01')], free: [], readOn: '2026-05-02' })
  const region = shown(told)
  expect(within(region).getByRole('status').textContent).toBe(
    'Imported on 2026-05-02: 2 times busy, up to 2026-06-01.',
  )
  await userEvent.click(within(region).getByRole('button', { name: 'Forget calendar' }))
  expect(forgetCalendar).toHaveBeenCalledTimes(1)
})
