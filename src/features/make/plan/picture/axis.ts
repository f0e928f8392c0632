import { type Minutes } from '@/core/prepare/minutes'
import { type Window } from '@/core/prepare/window'

const AN_HOUR = 60
export const A_DAY = 24 * AN_HOUR

/** What is drawn of a span of days. Free hours are wide, the others narrow: little is done in most of a week. */
export interface TimeAxis {
  /** Pixels. */
  width: number
  /** Where a time stands, pixels from the left; what lies outside stands at the edge. */
  xOf: (at: Minutes) => number
  /** The time at a place. */
  atX: (x: number) => Minutes
  /** Midnights, with the width of the day that follows. */
  days: { at: Minutes; x: number; width: number }[]
  /** Free times within it. */
  free: Window[]
}

interface Drawn {
  start: Minutes
  end: Minutes
  x: number
  width: number
}

/** An hour that is free is drawn as wide as fits, between these, pixels; one that is not, as the last of them. */
const [LEAST_HOUR, MOST_HOUR, CLOSED_HOUR] = [48, 110, 2.6]

/**
 * An axis of so many days on which free hours are drawn wider than the rest.
 * @param from a midnight
 * @param free in order, without overlaps
 * @param room pixels that there are
 */
export function timeAxis(from: Minutes, days: number, free: readonly Window[], room: number): TimeAxis {
  const end = from + days * A_DAY
  const shown = free
    .map((one) => ({ start: Math.max(from, one.start), end: Math.min(end, one.end) }))
    .filter((one) => one.end > one.start)
  const hours = shown.reduce((sum, one) => sum + one.end - one.start, 0) / AN_HOUR
  const closed = (days * 24 - hours) * CLOSED_HOUR
  const hour = hours === 0 ? LEAST_HOUR : Math.min(MOST_HOUR, Math.max(LEAST_HOUR, (room - closed) / hours))
  const parts: Drawn[] = []
  let [at, x] = [from, 0]
  const draw = (until: Minutes, perHour: number) => {
    if (until <= at) return
    const width = ((until - at) / AN_HOUR) * perHour
    parts.push({ start: at, end: until, x, width })
    ;[at, x] = [until, x + width]
  }
  for (const one of shown) {
    draw(one.start, CLOSED_HOUR)
    draw(one.end, hour)
  }
  draw(end, CLOSED_HOUR)
  const xOf = (time: Minutes) => {
    if (time <= from) return 0
    const part = parts.find((one) => time <= one.end)
    return part ? part.x + ((time - part.start) / (part.end - part.start)) * part.width : x
  }
  const atX = (place: number) => {
    if (place <= 0) return from
    const part = parts.find((one) => place <= one.x + one.width)
    return part ? part.start + ((place - part.x) / part.width) * (part.end - part.start) : end
  }
  const midnights = Array.from({ length: days }, (_, i) => from + i * A_DAY)
  return {
    width: x,
    xOf,
    atX,
    days: midnights.map((day) => ({ at: day, x: xOf(day), width: xOf(day + A_DAY) - xOf(day) })),
    free: shown,
  }
}

/** The midnight before a time, or that time. */
export const midnightOf = (at: Minutes): Minutes => Math.floor(at / A_DAY) * A_DAY
