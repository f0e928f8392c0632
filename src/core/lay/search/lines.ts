import { type PlacementField } from './field'
import { nearestRung } from './lattice'
import { crossings, type NoFit } from './noFit'
import { type Shape } from './shape'

/** A line through places of an item: along y at an x, or along x at a y. */
export interface SearchLine {
  item: number
  bin: number
  shape: Shape
  isUpright: boolean
  at: number
  from: number
  to: number
}

/** Room for the crossings of one region, and of all on one line; it grows where there are more. */
const SOME_CROSSINGS = 512
const SOME_EVENTS = 4096

// Looked along millions of times: the buffers are kept, and hold what the last look found.
let found = new Float64Array(SOME_CROSSINGS)
let enters = new Int8Array(SOME_CROSSINGS)
let eventAt = new Float64Array(SOME_EVENTS)
let eventWeight = new Float64Array(SOME_EVENTS)
let events = 0

/** The stretches of the line that was looked along last: from, to, and the weight of what lies there already. */
export let stretchFrom = new Float64Array(SOME_EVENTS + 1)
export let stretchTo = new Float64Array(SOME_EVENTS + 1)
export let stretchWeight = new Float64Array(SOME_EVENTS + 1)

/** Less weight than this is what adding and taking off has left. */
const NOTHING = 1e-6

/**
 * A whole line looked at once: where along it an item would lie free, and upon how much where it would not. Exact,
 * where points drawn at random would only come near.
 * @returns how many stretches it falls into; they are in the buffers until the next look
 */
export function lookAlong(field: PlacementField, line: SearchLine): number {
  const { item, bin, shape, isUpright, at } = line
  const n = field.items.length
  events = 0
  const off = field.noFitOff(bin, shape)
  if (off) collect(off, at, { isUpright, along: 0, weight: field.weights[item * n + item]! })
  for (let other = 0; other < n; other++) {
    const spot = field.spots[other]!
    if (spot.bin !== bin || other === item) continue
    const noFit = field.noFit(spot.shape, shape)
    const local = at - (isUpright ? spot.x : spot.y)
    if (local <= (isUpright ? noFit.minX : noFit.minY) || local >= (isUpright ? noFit.maxX : noFit.maxY)) continue
    const weight = field.weights[item * n + other]!
    collect(noFit, local, { isUpright, along: isUpright ? spot.y : spot.x, weight })
  }
  return sweep(line.from, line.to)
}

interface Crossed {
  isUpright: boolean
  /** By how far the region is moved along the line, mm. */
  along: number
  weight: number
}

/**
 * Puts the two ends of each crossed stretch among the events, in order. Where the line only touches a corner, rounding
 * may have it go out before it comes in: such a stretch counts as none.
 */
function collect(noFit: NoFit, at: number, { isUpright, along, weight }: Crossed): void {
  if (noFit.count > found.length) {
    found = new Float64Array(noFit.count)
    enters = new Int8Array(noFit.count)
  }
  const count = crossings(noFit, at, isUpright, found, enters)
  sortFirst(count)
  if (events + count > eventAt.length) makeRoom()
  let winding = 0
  for (let i = 0; i < count; i++) {
    const before = winding
    winding += enters[i]!
    if (before <= 0 && winding > 0) insert(found[i]! + along, weight)
    else if (before > 0 && winding <= 0) insert(found[i]! + along, -weight)
  }
}

/** Sorts the crossings that were found by their places. */
function sortFirst(count: number): void {
  for (let i = 1; i < count; i++) {
    const [value, sign] = [found[i]!, enters[i]!]
    let j = i - 1
    for (; j >= 0 && found[j]! > value; j--) {
      found[j + 1] = found[j]!
      enters[j + 1] = enters[j]!
    }
    found[j + 1] = value
    enters[j + 1] = sign
  }
}

function makeRoom(): void {
  const twice = (values: Float64Array) => {
    const wider = new Float64Array(2 * values.length)
    wider.set(values)
    return wider
  }
  eventAt = twice(eventAt)
  eventWeight = twice(eventWeight)
  stretchFrom = new Float64Array(eventAt.length + 1)
  stretchTo = new Float64Array(eventAt.length + 1)
  stretchWeight = new Float64Array(eventAt.length + 1)
}

function insert(at: number, weight: number): void {
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
export function lowestFree(field: PlacementField, line: SearchLine): number {
  const rungs = field.lattice(line.item, line.shape)[line.isUpright ? 'y' : 'x']
  const count = lookAlong(field, line)
  for (let i = 0; i < count; i++) {
    if (stretchWeight[i]! > 0) continue
    const place = nearestRung(rungs, stretchFrom[i]!, stretchFrom[i]!, stretchTo[i]!)
    if (!Number.isNaN(place)) return place
  }
  return NaN
}
