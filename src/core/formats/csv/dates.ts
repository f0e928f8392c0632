import { mustHave } from '../../lists/items'

/** Which of two numbers of a date is the month. */
export type DayOrder = 'month-first' | 'day-first'

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']
const DAYS_IN = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]

/** The order that a column of dates shows: where one has a number above twelve. */
export function dayOrderOf(cells: readonly string[]): DayOrder | undefined {
  const orders = new Set<DayOrder>()
  for (const cell of cells) {
    const [, first, second] = /^\s*(\d{1,2})[/-](\d{1,2})[/-]\d{2,4}\b/.exec(cell) ?? []
    if (Number(first) > 12 && Number(second) <= 12) orders.add('day-first')
    if (Number(second) > 12 && Number(first) <= 12) orders.add('month-first')
  }
  return orders.size === 1 ? [...orders][0] : undefined
}

/**
 * A day as people write it, as an ISO date.
 * @param order of the column, where it shows one
 * @returns the date, or why it is none
 */
export function readDay(
  text: string,
  order: DayOrder | undefined,
): { ok: true; day: string } | { ok: false; why: string } {
  const plain = text
    .trim()
    .toLowerCase()
    .replace(/[ t]\d{1,2}:\d{2}.*$/, '')
  const iso = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})$/.exec(plain)
  if (iso) return dayOf(Number(iso[1]), Number(iso[2]), Number(iso[3]))
  const dotted = /^(\d{1,2})\.\s?(\d{1,2})\.\s?(\d{2,4})$/.exec(plain)
  if (dotted) return dayOf(yearOf(mustHave(dotted[3])), Number(dotted[2]), Number(dotted[1]))
  const named =
    /^(?:\w+,? )?(\d{1,2})(?:st|nd|rd|th)?[ -]([a-z]{3})[a-z]*\.?,?[ -](\d{2,4})$/.exec(plain) ??
    swapped(/^(?:\w+day,? )?([a-z]{3})[a-z]*\.? (\d{1,2})(?:st|nd|rd|th)?,? (\d{4})$/.exec(plain))
  if (named) return dayOf(yearOf(mustHave(named[3])), MONTHS.indexOf(mustHave(named[2])) + 1, Number(named[1]))
  const slashed = /^(\d{1,2})[/-](\d{1,2})[/-](\d{2,4})$/.exec(plain)
  if (!slashed) return { ok: false, why: 'we can’t read this date' }
  const [first, second, year] = [Number(slashed[1]), Number(slashed[2]), yearOf(mustHave(slashed[3]))]
  const own = first > 12 ? 'day-first' : second > 12 ? 'month-first' : first === second ? 'day-first' : order
  if (!own) return { ok: false, why: 'day and month could be swapped' }
  return own === 'day-first' ? dayOf(year, second, first) : dayOf(year, first, second)
}

const swapped = (found: RegExpExecArray | null) => found && [found[0], found[2], found[1], found[3]]

const yearOf = (digits: string) => (digits.length === 2 ? 2000 + Number(digits) : Number(digits))

function dayOf(year: number, month: number, day: number): { ok: true; day: string } | { ok: false; why: string } {
  const isDay =
    year > 1900 && year < 2200 && month >= 1 && month <= 12 && day >= 1 && day <= (DAYS_IN[month - 1] ?? 0)
  const isLeap = year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0)
  if (!isDay || (month === 2 && day === 29 && !isLeap)) return { ok: false, why: 'there is no such date' }
  const two = (value: number) => String(value).padStart(2, '0')
  return { ok: true, day: `${year}-${two(month)}-${two(day)}` }
}
