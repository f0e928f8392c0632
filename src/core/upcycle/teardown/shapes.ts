import { type Outline, type Point } from '../../shapes/polygon'

/** A worn place, about round. mm */
export function patch(x: number, y: number, across: number, along: number): Outline {
  const corners = 16
  return Array.from({ length: corners }, (_, i): Point => {
    const angle = (2 * Math.PI * i) / corners
    return [x + (across / 2) * Math.cos(angle), y + (along / 2) * Math.sin(angle)]
  })
}

/** Share of the chest that an armhole is deep, and the neck wide and deep. Common practice of drafting. */
const ARMHOLE = 0.23
const NECK_HALF = 0.085
const NECK_FRONT = 0.09
const NECK_BACK = 0.02
const SHOULDER_HALF = 0.21
const SLOPE = 45

/** Half of a front or back as it is worn, from the middle (x = 0) to its side. mm */
function halfBody(chest: number, length: number, neckDrop: number): Point[] {
  const half = chest / 4
  const under = Math.max(length * 0.3, length - chest * ARMHOLE)
  const shoulder = Math.min(half, chest * SHOULDER_HALF)
  const neck = chest * NECK_HALF
  // However short it is cut off: the neck ends above the armhole, and the shoulder slopes less.
  const yoke = length - under
  const slope = Math.min(SLOPE, yoke * 0.3)
  const drop = Math.min(neckDrop, yoke * 0.8)
  return [
    [0, 0],
    [half, 0],
    [half, under],
    [shoulder * 0.96, under + yoke * 0.35],
    [shoulder, length - slope],
    [neck, length],
    [neck * 0.8, length - drop * 0.6],
    [0, length - drop],
  ]
}

/** A whole front or back, its left edge on x = 0. */
export function body(chest: number, length: number, isBack: boolean): Point[] {
  const half = halfBody(chest, length, chest * (isBack ? NECK_BACK : NECK_FRONT))
  const middle = chest / 4
  const right = half.slice(1).map(([x, y]): Point => [middle + x, y])
  const left = half.slice(1, -1).map(([x, y]): Point => [middle - x, y])
  return [...right, ...left.reverse()]
}

/** One of two fronts, with so much more beyond the middle. */
export function openFront(chest: number, length: number, overlap: number): Point[] {
  return halfBody(chest, length, chest * NECK_FRONT).map(([x, y], i, all): Point =>
    i === 0 || i === all.length - 1 ? [0, y] : [x + overlap, y],
  )
}

/** A sleeve: wide at the arm, narrow at the hand, with its cap. */
export function sleeve(chest: number, length: number): Point[] {
  const wide = chest * 0.36
  const hand = length < chest * 0.4 ? wide * 0.92 : chest * 0.24
  const cap = Math.min(chest * 0.1, length * 0.5)
  const inset = (wide - hand) / 2
  return [
    [inset, 0],
    [wide - inset, 0],
    [wide, length - cap],
    [wide * 0.72, length - cap * 0.25],
    [wide * 0.5, length],
    [wide * 0.28, length - cap * 0.25],
    [0, length - cap],
  ]
}

/** Share of the hips that a leg’s rise is deep, and its forks are wide. Common practice of drafting. */
const RISE = 0.26
const FORK = { front: 0.045, back: 0.1 }

/** A leg from hem to waist, its outer side on the left. @param flare hem over hip, 0 … 1 */
export function leg(hip: number, length: number, isBack: boolean, flare: number): Point[] {
  const wide = hip / 4 + (isBack ? 10 : -10)
  const fork = hip * (isBack ? FORK.back : FORK.front)
  const rise = Math.min(hip * RISE, length * 0.8)
  const hem = wide * flare
  return [
    [0, 0],
    [hem, 0],
    [wide + fork, length - rise],
    [wide, length - rise * 0.7],
    [wide * 0.94, length],
    [wide * 0.06, length],
  ]
}

/** Where a leg’s knee and seat are. */
export const kneeOf = (hip: number, length: number) => [hip / 9, Math.max(100, (length - hip * RISE) * 0.56)] as const
export const seatOf = (hip: number, length: number) => [hip / 5.2, length - hip * RISE * 0.75] as const

/** A panel of a skirt, wider at the hem. */
export function gore(hip: number, length: number, flare: number): Point[] {
  const hem = (hip / 2) * flare
  const waist = (hip / 2) * 0.76
  return [
    [0, 0],
    [hem, 0],
    [(hem + waist) / 2, length],
    [(hem - waist) / 2, length],
  ]
}
