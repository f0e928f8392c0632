import { type Outline, type Point } from '../shapes/polygon'
import { edgeOf } from './contour'
import { LIGHT, unlikeGround } from './ground'
import { regionsOf, type Region, type Regions } from './regions'
import { fourCorners, pairsOfSides } from './sheet'
import { NoCutOut, type Pixels } from './types'

/** What is known beforehand about a photograph. */
export interface CutOutAsked {
  /** Corners of the sheet, where the person has set them; left out: they are looked for. Pixels. */
  corners?: Outline
  /** A place inside what is meant; left out: the largest thing that is not the sheet. Pixels. */
  inside?: Point
  /** What is only darker than the ground counts as a thing too, not as a shadow. */
  isOnlyDarker?: boolean
}

export interface CutOut {
  /** Of the sheet, clockwise; null where none was found and none given. Pixels. */
  corners: Point[] | null
  /** Pixels, a point every pixel or so. */
  edge: Point[]
  /** Edges of what may be holes in it, the largest first. Pixels. */
  holes: Point[][]
  isCutOff: boolean
}

/** More holes than these are a print. */
const MOST_HOLES = 12

/** A sheet is white: its light, and how much its colours differ. */
const [WHITE, GREY] = [0.25, 0.35]

/**
 * Cuts a thing out of the plain ground that it lies on, and finds the sheet of paper beside it.
 * @throws NoCutOut where nothing lies there, in words for the person
 */
export function cutOut(picture: Pixels, { corners, inside, isOnlyDarker }: CutOutAsked): CutOut {
  const first = look(picture, isOnlyDarker ?? false, corners)
  const found = chosen(first, picture, inside)
  if (found) return answer(picture, first, found)
  const second = isOnlyDarker === undefined ? look(picture, true, corners) : undefined
  const dark = second && chosen(second, picture, inside)
  if (second && dark) return answer(picture, second, dark)
  throw new NoCutOut(
    'We can’t tell the piece from the background. Use a plain floor of another colour, and take ' +
      'all of the piece in.',
  )
}

interface Looked {
  regions: Regions
  corners: Point[] | null
  /** The region that the sheet is. */
  sheet: number
}

function look(picture: Pixels, isOnlyDarker: boolean, given: Outline | undefined): Looked {
  const regions = regionsOf(picture, unlikeGround(picture, !isOnlyDarker))
  if (given) return { regions, corners: [...given], sheet: within(regions, picture, given) }
  const white = regions.found
    .filter(({ isCutOff }) => !isCutOff)
    .flatMap((region) => {
      const { light, colour } = lookOf(picture, regions, region)
      if (light < WHITE || colour > GREY) return []
      const four = fourCorners(edgeOf(picture, regions.labels, region.label))
      return four ? [{ region, four, score: light - colour - sheetUnlike(four) }] : []
    })
    .sort((a, b) => b.score - a.score)
  const [best] = white
  return { regions, corners: best?.four ?? null, sheet: best?.region.label ?? 0 }
}

/** How far the sides are from those of any sheet seen from anywhere, roughly. */
function sheetUnlike(corners: Outline): number {
  const [one, other] = pairsOfSides(corners)
  const ratio = Math.abs(Math.log(one / other))
  return Math.max(0, Math.abs(ratio - Math.log(1.35)) - 0.2)
}

function within({ labels }: Regions, { width, height }: Pixels, corners: Outline): number {
  const [x, y] = [0, 1].map((c) => Math.floor(corners.reduce((sum, at) => sum + at[c]!, 0) / corners.length))
  return x! >= 0 && y! >= 0 && x! < width && y! < height ? labels[y! * width + x!]! : 0
}

/** Mean light of a region, 0 … 1, and how far its colours are apart, as a share of it. */
function lookOf({ data }: Pixels, { labels }: Regions, { label, pixels }: Region): { light: number; colour: number } {
  const sums = [0, 0, 0]
  for (let at = 0; at < labels.length; at++)
    if (labels[at] === label) for (let c = 0; c < 3; c++) sums[c]! += LIGHT[data[at * 4 + c]!]!
  const [low, high] = [Math.min(...sums), Math.max(...sums)]
  return { light: (sums[0]! + sums[1]! + sums[2]!) / (3 * pixels), colour: (high - low) / (high || 1) }
}

function chosen({ regions, sheet }: Looked, { width }: Pixels, inside: Point | undefined): Region | undefined {
  const others = regions.found.filter(({ label }) => label !== sheet)
  if (inside) {
    const label = regions.labels[Math.floor(inside[1]) * width + Math.floor(inside[0])]
    return others.find((region) => region.label === label)
  }
  return others.reduce<Region | undefined>((most, one) => (one.pixels > (most?.pixels ?? 0) ? one : most), undefined)
}

function answer(picture: Pixels, { regions, corners }: Looked, { label, isCutOff }: Region): CutOut {
  const holes = regions.holes
    .filter(({ of }) => of === label)
    .sort((a, b) => b.pixels - a.pixels)
    .slice(0, MOST_HOLES)
    .map((hole) => edgeOf(picture, regions.holeLabels, hole.label))
  return { corners, edge: edgeOf(picture, regions.labels, label), holes, isCutOff }
}
