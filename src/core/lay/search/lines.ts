import { type Field } from './field'
import { nearestRung } from './lattice'
import { crossings } from './noFit'
import { type Shape } from './shape'

/** A line through places of an item: along y at an x, or along x at a y. */
export interface Line {
  item: number
  bin: number
  shape: Shape
  isUpright: boolean
  at: number
  from: number
  to: number
}

/** Crossings of one region that are looked at, and events on one line: more than any lay of ours has. */
const MOST_CROSSINGS = 64
const MOST_EVENTS = 4096

// Looked along millions of times: the buffers are kept, and hold what the last look found.
const found = new Float64Array(MOST_CROSSINGS)
const eventAt = new Float64Array(MOST_EVENTS)
const eventWeight = new Float64Array(MOST_EVENTS)
let events = 0

/** The stretches of the line that was looked along last: from, to, and the weight of what lies there already. */
export const stretchFrom = new Float64Array(MOST_EVENTS + 1)
export const stretchTo = new Float64Array(MOST_EVENTS + 1)
export const stretchWeight = new Float64Array(MOST_EVENTS + 1)

/** Less weight than this is what adding and taking off has left. */
const NOTHING = 1e-6

/**
 * A whole line looked at once: where along it an item would lie free, and upon how much where it would not. Exact,
 * where points drawn at random would only come near.
 * @returns how many stretches it falls into; they are in the buffers until the next look
 */
export function lookAlong(field: Field, line: Line): number {
  const { item, bin, shape, isUpright, at } = line
  const n = field.items.length
  events = 0
  const off = field.noFitOff(bin, shape)
  if (off) collect(crossings(off, at, isUpright, found), 0, field.weights[item * n + item]!)
  for (let other = 0; other < n; other++) {
    const spot = field.spots[other]!
    if (spot.bin !== bin || other === item) continue
    const noFit = field.noFit(spot.shape, shape)
    const local = at - (isUpright ? spot.x : spot.y)
    if (local <= (isUpright ? noFit.minX : noFit.minY) || local >= (isUpright ? noFit.maxX : noFit.maxY)) continue
    const count = crossings(noFit, local, isUpright, found)
    collect(count, isUpright ? spot.y : spot.x, field.weights[item * n + other]!)
  }
  return sweep(line.from, line.to)
}

/** Puts the two ends of each crossed stretch among the events, in order. */
function collect(count: number, along: number, weight: number): void {
  sortFirst(found, count)
  for (let i = 0; i + 1 < count; i += 2) {
    insert(found[i]! + along, weight)
    insert(found[i + 1]! + along, -weight)
  }
}

function sortFirst(list: Float64Array, count: number): void {
  for (let i = 1; i < count; i++) {
    const value = list[i]!
    let j = i - 1
    for (; j >= 0 && list[j]! > value; j--) list[j + 1] = list[j]!
    list[j + 1] = value
  }
}

function insert(at: number, weight: number): void {
  if (events >= MOST_EVENTS) return
  let j = events++ - 1
  for (; j >= 0 && eventAt[j]! > at; j--) {
    eventAt[j + 1] = eventAt[j]!
    eventWeight[j + 1] = eventWeight[j]!
  }
  eventAt[j + 1] = at
  eventWeight[j + 1] = weight
}

function sweep(from: number, to: number): number {
  let count = 0
  let since = from
  let weight = 0
  const push = (end: number) => {
    stretchFrom[count] = since
    stretchTo[count] = end
    stretchWeight[count++] = weight < NOTHING ? 0 : weight
  }
  for (let i = 0; i < events && eventAt[i]! <= to; i++) {
    if (eventAt[i]! > since) {
      push(eventAt[i]!)
      since = eventAt[i]!
    }
    weight += eventWeight[i]!
  }
  if (since <= to) push(to)
  return count
}

/** The lowest place along a line at which the item lies free; NaN where there is none. */
export function lowestFree(field: Field, line: Line): number {
  const rungs = field.lattice(line.item, line.shape)[line.isUpright ? 'y' : 'x']
  const count = lookAlong(field, line)
  for (let i = 0; i < count; i++) {
    if (stretchWeight[i]! > 0) continue
    const place = nearestRung(rungs, stretchFrom[i]!, stretchFrom[i]!, stretchTo[i]!)
    if (!Number.isNaN(place)) return place
  }
  return NaN
}
