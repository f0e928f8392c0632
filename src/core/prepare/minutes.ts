/** A place in time by the person's own clock, minutes since 1970-01-01T00:00; without a time zone. */
export type Minutes = number

const A_DAY = 24 * 60
const WRITTEN = /^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2})(?::\d{2}(?:\.\d+)?)?$/

/** Days since 1970 of a day of the Gregorian calendar (by eras of 400 years, counted from March). */
function daysOf(year: number, month: number, day: number): number {
  const y = month <= 2 ? year - 1 : year
  const era = Math.floor(y / 400)
  const ofEra = y - era * 400
  const ofYear = Math.floor((153 * (month + (month > 2 ? -3 : 9)) + 2) / 5) + day - 1
  return era * 146_097 + ofEra * 365 + Math.floor(ofEra / 4) - Math.floor(ofEra / 100) + ofYear - 719_468
}

/**
 * Reads `2026-05-02T09:00`.
 * @returns undefined where that is no time of any day
 */
export function minutesOf(written: string): Minutes | undefined {
  const parts = WRITTEN.exec(written)?.slice(1).map(Number)
  if (!parts) return undefined
  const [year, month, day, hour, minute] = parts as [number, number, number, number, number]
  if (hour > 23 || minute > 59) return undefined
  const at = daysOf(year, month, day) * A_DAY + hour * 60 + minute
  return writtenAt(at).slice(0, 10) === written.slice(0, 10) ? at : undefined
}

/** Writes a time as it is read. */
export function writtenAt(at: Minutes): string {
  const days = Math.floor(at / A_DAY)
  const z = days + 719_468
  const era = Math.floor(z / 146_097)
  const ofEra = z - era * 146_097
  const yearOfEra = Math.floor(
    (ofEra - Math.floor(ofEra / 1460) + Math.floor(ofEra / 36_524) - Math.floor(ofEra / 146_096)) / 365,
  )
  const ofYear = ofEra - (365 * yearOfEra + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100))
  const mp = Math.floor((5 * ofYear + 2) / 153)
  const month = mp < 10 ? mp + 3 : mp - 9
  const year = yearOfEra + era * 400 + (month <= 2 ? 1 : 0)
  const day = ofYear - Math.floor((153 * mp + 2) / 5) + 1
  const rest = Math.round(at - days * A_DAY)
  return `${two(year, 4)}-${two(month)}-${two(day)}T${two(Math.floor(rest / 60))}:${two(rest % 60)}`
}

const two = (value: number, width = 2) => String(value).padStart(width, '0')
