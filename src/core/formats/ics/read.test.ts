import { minutesOf } from '@/core/prepare/minutes'
import { MOST_KEPT, spanOf, timesIn } from './read'

const at = (written: string) => minutesOf(written)!
const SPAN = { start: at('2026-05-01T00:00'), end: at('2026-06-01T00:00') }

const calendar = (...lines: string[]) =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//EN', ...lines, 'END:VCALENDAR', ''].join('\r\n')
const entry = (...lines: string[]) => ['BEGIN:VEVENT', 'UID:one@elsewhere', ...lines, 'END:VEVENT']
const times = (text: string) => timesIn(text, SPAN).times.map(spanOf)

test('an entry by the person’s own clock takes its time', () => {
  const text = calendar(...entry('DTSTART:20260504T183000', 'DTEND:20260504T200000'))
  expect(times(text)).toEqual([{ from: '2026-05-04T18:30', to: '2026-05-04T20:00' }])
})

test('a length stands for an end', () => {
  const text = calendar(...entry('DTSTART:20260504T183000', 'DURATION:PT45M'))
  expect(times(text)).toEqual([{ from: '2026-05-04T18:30', to: '2026-05-04T19:15' }])
})

test('a time of another zone is turned to the clock of this machine', () => {
  const text = calendar(...entry('DTSTART:20260504T183000Z', 'DTEND:20260504T200000Z'))
  const here = new Date('2026-05-04T18:30:00Z')
  const two = (value: number) => String(value).padStart(2, '0')
  expect(times(text)[0]!.from.slice(11)).toBe(`${two(here.getHours())}:${two(here.getMinutes())}`)
})

test('a zone that the file itself describes is followed', () => {
  const zone = [
    ...['BEGIN:VTIMEZONE', 'TZID:Three hours on', 'BEGIN:STANDARD', 'DTSTART:19700101T000000'],
    ...['TZOFFSETFROM:+0300', 'TZOFFSETTO:+0300', 'END:STANDARD', 'END:VTIMEZONE'],
  ]
  const there = calendar(...zone, ...entry('DTSTART;TZID=Three hours on:20260504T213000', 'DURATION:PT1H'))
  const here = calendar(...entry('DTSTART:20260504T183000Z', 'DURATION:PT1H'))
  expect(times(there)).toEqual(times(here))
})

test('a zone of one file is not that of the next', () => {
  const zone = [
    ...['BEGIN:VTIMEZONE', 'TZID:Ours', 'BEGIN:STANDARD', 'DTSTART:19700101T000000'],
    ...['TZOFFSETFROM:+0500', 'TZOFFSETTO:+0500', 'END:STANDARD', 'END:VTIMEZONE'],
  ]
  const mine = entry('DTSTART;TZID=Ours:20260504T100000', 'DURATION:PT1H')
  times(calendar(...zone, ...mine))
  // Without its own description it is by the person's own clock.
  expect(times(calendar(...mine))[0]!.from).toBe('2026-05-04T10:00')
})

test('a whole day is taken from midnight to midnight', () => {
  expect(times(calendar(...entry('DTSTART;VALUE=DATE:20260509')))).toEqual([
    { from: '2026-05-09T00:00', to: '2026-05-10T00:00' },
  ])
})

test('what is repeated is taken each time, but not on the days that are left out', () => {
  const text = calendar(
    ...entry('DTSTART:20260505T190000', 'DURATION:PT1H', 'RRULE:FREQ=WEEKLY;COUNT=4', 'EXDATE:20260512T190000'),
  )
  expect(times(text).map(({ from }) => from.slice(5, 10))).toEqual(['05-05', '05-19', '05-26'])
})

test('one of a row that was moved is taken where it was moved to', () => {
  const text = calendar(
    ...entry('DTSTART:20260505T190000', 'DURATION:PT1H', 'RRULE:FREQ=WEEKLY;COUNT=2'),
    ...entry('RECURRENCE-ID:20260512T190000', 'DTSTART:20260513T100000', 'DURATION:PT1H'),
  )
  expect(times(text).map(({ from }) => from)).toEqual(['2026-05-05T19:00', '2026-05-13T10:00'])
})

test.each([
  ['called free by the calendar', ['TRANSP:TRANSPARENT']],
  ['called off', ['STATUS:CANCELLED']],
  ['before the span', ['DTSTART:20260401T100000']],
])('what is %s takes nothing', (_, more) => {
  const start = more[0]!.startsWith('DTSTART') ? [] : ['DTSTART:20260504T183000']
  expect(times(calendar(...entry(...start, 'DURATION:PT1H', ...more)))).toEqual([])
})

test('what this program itself planned does not stand in its own way', () => {
  const lines = ['BEGIN:VEVENT', 'UID:p1-cut@rough-swatch', 'DTSTART:20260504T183000', 'DURATION:PT1H', 'END:VEVENT']
  expect(timesIn(calendar(...lines), SPAN)).toEqual({ times: [], entries: 1, leftOut: 1 })
})

test('a list of free and busy times is read, the free ones left out', () => {
  const text = calendar(
    'BEGIN:VFREEBUSY',
    'FREEBUSY;FBTYPE=BUSY:20260504T080000Z/PT2H',
    'FREEBUSY;FBTYPE=FREE:20260505T080000Z/PT2H',
    'END:VFREEBUSY',
  )
  expect(times(text)).toHaveLength(1)
})

test('times that overlap are one, and what runs over the span is cut', () => {
  const text = calendar(
    ...entry('DTSTART:20260504T183000', 'DTEND:20260504T200000'),
    ...entry('DTSTART:20260504T193000', 'DTEND:20260504T210000'),
    ...entry('DTSTART:20260531T230000', 'DTEND:20260601T020000'),
  )
  expect(times(text)).toEqual([
    { from: '2026-05-04T18:30', to: '2026-05-04T21:00' },
    { from: '2026-05-31T23:00', to: '2026-06-01T00:00' },
  ])
})

test('what repeats every second does not keep the program from its work', () => {
  const text = calendar(...entry('DTSTART:20000101T000000', 'DURATION:PT1S', 'RRULE:FREQ=SECONDLY'))
  expect(times(text)).toEqual([])
  const many = Array.from({ length: 6 }, () => entry('DTSTART:20000101T000000', 'RRULE:FREQ=SECONDLY')).flat()
  expect(() => timesIn(calendar(...many), SPAN)).toThrow(/repeats too often/)
})

test('no more is kept than a plan can use', () => {
  const rule = 'RRULE:FREQ=MINUTELY;INTERVAL=10'
  const text = calendar(...entry('DTSTART:20260501T000000', 'DURATION:PT1M', rule))
  expect(times(text)).toHaveLength(MOST_KEPT)
})

test.each(['', 'no calendar at all', 'BEGIN:VCARD\r\nEND:VCARD\r\n', 'BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\n'])(
  '%j is no calendar',
  (text) => expect(() => timesIn(text, SPAN)).toThrow(/not a calendar/),
)
