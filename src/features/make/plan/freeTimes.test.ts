import { WorkroomSchema } from '@/core/notebook/kinds/workroom'
import { minutesOf, writtenAt } from '@/core/prepare/minutes'
import { freeTimes } from './freeTimes'

// A Monday.
const NOW = minutesOf('2026-05-04T08:00')!
const span = (from: string, to: string) => ({ from: `2026-05-${from}`, to: `2026-05-${to}` })
const told = (input: object) =>
  freeTimes(NOW, WorkroomSchema.parse(input))
    .slice(0, 3)
    .map(({ start, end }) => `${writtenAt(start).slice(8)} to ${writtenAt(end).slice(11)}`)
const hours = [{ day: 0, from: '18:00', to: '21:00' }]

test('the hours of the week, from now on', () => {
  expect(told({ hours })).toEqual(['04T18:00 to 21:00', '11T18:00 to 21:00', '18T18:00 to 21:00'])
})

test('what the calendar takes is cut out, also from the middle', () => {
  const taken = [span('04T19:00', '04T19:30'), span('11T00:00', '12T00:00')]
  expect(told({ hours, calendar: { taken } })).toEqual([
    '04T18:00 to 19:00',
    '04T19:30 to 21:00',
    '18T18:00 to 21:00',
  ])
})

test('what the calendar gives comes to it, but nothing that is past', () => {
  const free = [span('04T07:00', '04T09:00'), span('04T20:00', '04T22:00'), span('03T10:00', '03T12:00')]
  expect(told({ hours, calendar: { free } }).slice(0, 2)).toEqual(['04T08:00 to 09:00', '04T18:00 to 22:00'])
})

test('where both stand in it, it is taken', () => {
  const same = [span('05T10:00', '05T12:00')]
  expect(told({ hours, calendar: { free: same, taken: same } })).toEqual(told({ hours }))
})

test('where nobody said when they have time, it is what is usual', () => {
  expect(told({})[0]).toBe('05T19:00 to 21:00')
})
