import { boxOf, type Point } from '@/core/shapes/polygon'

// Taken out once: they stand in loops over every pixel.
const { floor: down, max, min, round, sqrt } = Math

/** What lies on a floor, seen by a camera that is held askew. All lengths mm, on the floor x to the right, y away. */
export interface Scene {
  shape: readonly Point[]
  /** Through which the floor shows. */
  holes?: readonly (readonly Point[])[]
  /** Corner of the sheet and its turn, degrees. */
  sheet: { at: Point; degrees: number; sides: readonly [number, number] }
  tiltDeg: number
  /** Colours are sRGB 0 … 255; a cloth by its place. */
  floor: readonly [number, number, number]
  cloth: (x: number, y: number) => readonly [number, number, number]
  /** The cloth's shadow falls so far beside it, soft over so much. */
  shadow?: { by: Point; soft: number; left: number }
  /** How unevenly it is lit over the picture, and grain of the floor and camera. */
  slope: number
  noise: number
  width: number
  height: number
}

/** Both ways by table: they are asked some millions of times a picture. */
const LIGHTS = Float64Array.from({ length: 256 }, (_, value) => ((value / 255 + 0.055) / 1.055) ** 2.4)
const light = (value: number) => LIGHTS[value]!
const FINE = 8192
/** Of the square root of light, so that the dark end is as fine as the bright one. */
const VALUES = Uint8Array.from({ length: FINE + 1 }, (_, i) =>
  max(0, min(255, round((1.055 * ((i / FINE) ** 2) ** (1 / 2.4) - 0.055) * 255))),
)
const value = (of: number) => VALUES[round(min(1, sqrt(max(of, 0))) * FINE)]!

type Inside = (x: number, y: number) => boolean

function insideOf(shape: readonly Point[]): Inside {
  const n = shape.length
  const [xs, ys] = [0, 1].map((c) => Float64Array.from(shape, (at) => at[c]!)) as [Float64Array, Float64Array]
  const { minX, maxX, minY, maxY } = boxOf(shape)
  return (x, y) => {
    if (x < minX || x > maxX || y < minY || y > maxY) return false
    let inside = false
    for (let i = 0, j = n - 1; i < n; j = i++) {
      const [yi, yj] = [ys[i]!, ys[j]!]
      if (yi > y !== yj > y && x < ((xs[j]! - xs[i]!) * (y - yi)) / (yj - yi) + xs[i]!) inside = !inside
    }
    return inside
  }
}

/** Where a ray through each place of the picture meets the floor: a pinhole above the middle, tilted about x. */
export function camera({ tiltDeg, width, height, shape, sheet }: Scene) {
  const all = [...shape, ...sheetCorners(sheet)]
  const [midX, midY] = [0, 1].map(
    (c) => (Math.max(...all.map((p) => p[c]!)) + Math.min(...all.map((p) => p[c]!))) / 2,
  )
  const reach = Math.max(
    ...all.map(([x, y]) => Math.max(Math.abs(x - midX!), (Math.abs(y - midY!) * width) / height)),
  )
  const focal = width * 1.1
  const far = (reach * 1.35 * focal) / (width / 2)
  const tilt = (tiltDeg * Math.PI) / 180
  const [sin, cos] = [Math.sin(tilt), Math.cos(tilt)]
  // The camera stands back along −y and looks at the middle of it all.
  const at = [midX!, midY! - far * sin, far * cos] as const
  return (px: number, py: number): Point => {
    const [dx, dy] = [(px - width / 2) / focal, (height / 2 - py) / focal]
    const ray = [dx, sin + dy * cos, -cos + dy * sin] as const
    const t = at[2] / -ray[2]
    return [at[0] + t * ray[0], at[1] + t * ray[1]]
  }
}

export function sheetCorners({ at, degrees, sides: [w, h] }: Scene['sheet']): Point[] {
  const [c, s] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)]
  return (
    [
      [0, 0],
      [w, 0],
      [w, h],
      [0, h],
    ] as const
  ).map(([x, y]): Point => [at[0] + x * c - y * s, at[1] + x * s + y * c])
}

/** Light of a sheet of paper. */
const SHEET = [0.86, 0.85, 0.83]

/** Takes the photograph. @param chance uniform in [0, 1) */
export function photograph(scene: Scene, chance: () => number) {
  const { width, height, floor, cloth, shape, holes = [], shadow, slope, noise } = scene
  const toFloor = camera(scene)
  const corners = sheetCorners(scene.sheet)
  const data = new Uint8ClampedArray(width * height * 4)
  const floorLight = floor.map(light)
  const box = boxOf(shape)
  const [isShape, isSheet] = [insideOf(shape), insideOf(corners)]
  const areHoles = holes.map(insideOf)
  const shadeAt = (x: number, y: number) => {
    if (!shadow) return 1
    const [sx, sy, soft] = [x - shadow.by[0], y - shadow.by[1], shadow.soft]
    if (sx < box.minX - soft || sx > box.maxX + soft || sy < box.minY - soft || sy > box.maxY + soft) return 1
    let covered = 0
    for (let k = 0; k < 9; k++) if (isShape(sx + ((k % 3) - 1) * soft, sy + (down(k / 3) - 1) * soft)) covered++
    return 1 - (1 - shadow.left) * (covered / 9)
  }
  /** What lies at a place of the picture: 2 the cloth, 1 the sheet, 0 the floor. */
  const thingAt = (px: number, py: number) => {
    const [x, y] = toFloor(px, py)
    if (isShape(x, y) && !areHoles.some((isHole) => isHole(x, y))) return 2
    return isSheet(x, y) ? 1 : 0
  }
  const sum = [0, 0, 0]
  const addSeen = (px: number, py: number, share: number) => {
    const thing = thingAt(px, py)
    const [x, y] = toFloor(px, py)
    const seen = thing === 2 ? cloth(x, y) : thing === 1 ? SHEET : floorLight
    const shade = thing === 0 ? share * shadeAt(x, y) : share
    for (let c = 0; c < 3; c++) sum[c]! += (thing === 2 ? light(seen[c]!) : seen[c]!) * shade
  }
  const rows = Array.from({ length: height + 1 }, (_, py) =>
    Uint8Array.from({ length: width + 1 }, (_, px) => thingAt(px, py)),
  )
  for (let py = 0; py < height; py++)
    for (let px = 0; px < width; px++) {
      const thing = rows[py]![px]!
      const below = rows[py + 1]!
      const isMixed = rows[py]![px + 1] !== thing || below[px] !== thing || below[px + 1] !== thing
      const each = isMixed ? 4 : thing === 2 ? 2 : 1
      sum.fill(0)
      for (let k = 0; k < each * each; k++) {
        addSeen(px + ((k % each) + 0.5) / each, py + (down(k / each) + 0.5) / each, 1 / (each * each))
      }
      const lit = 1 + slope * (px / width - 0.5) + slope * 0.6 * (py / height - 0.5)
      const grain = 1 + noise * (chance() + chance() - 1)
      const at = (py * width + px) * 4
      for (let c = 0; c < 3; c++) data[at + c] = value(sum[c]! * lit * grain * (1 + noise * 0.4 * (chance() - 0.5)))
      data[at + 3] = 255
    }
  return { width, height, data }
}
