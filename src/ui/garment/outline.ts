import { type Body } from '@/core/vocabulary/cloth'
import { type FlatShape, type GarmentShape, type WornShape } from './shapes'

/** Height of the waist of what hangs from the shoulder. */
const WAIST = 185
/** The middle of the drawing. */
const MID = 150
/** How far cloth stands out at the foot, and how many folds it falls in, by its body. */
const FALL: Readonly<Record<Body, { out: number; folds: number; depth: number }>> = {
  fluid: { out: -8, folds: 9, depth: 9 },
  soft: { out: 0, folds: 7, depth: 8 },
  moderate: { out: 10, folds: 5, depth: 7 },
  crisp: { out: 22, folds: 3, depth: 6 },
  stiff: { out: 32, folds: 1, depth: 2 },
}

/** A figure as paths: what cloth covers, and the folds that it falls in. */
export interface GarmentPaths {
  cloth: string[]
  folds: string[]
  /** Lines that belong to its cut: an open front, the edge of a hood. */
  seams: string[]
  /** Where it begins and ends, and half of its width there. */
  top: number
  foot: number
  hem: number
  /** Where the waist is: 185, or the top of what begins below it; and half of the width there. */
  waistAt: number
  waist: number
}

/** The figure of a thing, as its cloth makes it fall. */
export function garmentPaths(shape: GarmentShape, body: Body): GarmentPaths {
  return shape.kind === 'flat' ? flatPaths(shape, body) : wornPaths(shape, body)
}

function wornPaths(shape: WornShape, body: Body): GarmentPaths {
  const { out, folds, depth } = FALL[body]
  const hem = Math.max(20, shape.hem + out * shape.spreads)
  const cloth = [
    shape.legsFrom === undefined ? trunk(shape, hem, folds, depth) : withLegs(shape, hem, shape.legsFrom),
  ]
  cloth.push(...sleeves(shape))
  if (shape.hood) cloth.push(`M${MID - 30} 78C${MID - 44} 20 ${MID + 44} 20 ${MID + 30} 78Q${MID} 92 ${MID - 30} 78z`)
  const seams = shape.open ? [`M${MID} ${shape.top + 14}V${shape.foot}`] : []
  const from = shape.legsFrom ?? Math.max(shape.top + 30, 175)
  return {
    cloth,
    folds: foldLines(shape.waist, hem, from, shape.foot, folds),
    seams,
    top: shape.top,
    foot: shape.foot,
    hem,
    waistAt: shape.shoulder === undefined ? shape.top + 4 : WAIST,
    waist: shape.waist,
  }
}

/** From the neck or the waist down one side, along the foot in folds, and up the other. */
function trunk(
  { shoulder, chest = 0, waist, top, foot }: WornShape,
  hem: number,
  folds: number,
  depth: number,
): string {
  const down = (side: number) =>
    shoulder === undefined
      ? `C${MID + side * (waist + 6)} ${top + 40} ${MID + side * hem} ${foot - 60} ${MID + side * hem} ${foot}`
      : `L${MID + side * chest} ${top + 62}Q${MID + side * waist} ${top + 95} ${MID + side * waist} 185` +
        `C${MID + side * (waist + 4)} 215 ${MID + side * hem} ${foot - 50} ${MID + side * hem} ${foot}`
  const up = (side: number) =>
    shoulder === undefined
      ? `C${MID + side * hem} ${foot - 60} ${MID + side * (waist + 6)} ${top + 40} ${MID + side * waist} ${top}`
      : `C${MID + side * hem} ${foot - 50} ${MID + side * (waist + 4)} 215 ${MID + side * waist} 185` +
        `Q${MID + side * waist} ${top + 95} ${MID + side * chest} ${top + 62}L${MID + side * shoulder} ${top + 6}`
  const begin =
    shoulder === undefined
      ? `M${MID - waist} ${top}H${MID + waist}`
      : `M${MID - shoulder} ${top + 6}L${MID - 19} ${top - 6}Q${MID} ${top + 16} ${MID + 19} ${top - 6}` +
        `L${MID + shoulder} ${top + 6}`
  return `${begin}${down(1)}${wavy(hem, foot, folds, depth)}${up(-1)}z`
}

/** The foot, from right to left, in as many waves as there are folds. */
function wavy(half: number, foot: number, folds: number, depth: number): string {
  return Array.from({ length: folds * 2 }, (_, i) => {
    const from = MID + half - (i * half) / folds
    const to = MID + half - ((i + 1) * half) / folds
    return `Q${(from + to) / 2} ${foot + (i % 2 === 0 ? depth : -depth * 0.6)} ${to} ${foot}`
  }).join('')
}

function withLegs(shape: WornShape, hem: number, from: number): string {
  const { waist, foot, top, shoulder, chest = 0 } = shape
  const leg = (side: number) =>
    `L${MID + side * (waist + 6)} ${Math.max(from - 30, top + 10)}L${MID + side * hem} ${foot}` +
    `H${MID + side * 9}L${MID} ${from + 12}`
  const other =
    `L${MID - 9} ${foot}H${MID - hem}L${MID - waist - 6} ${Math.max(from - 30, top + 10)}` +
    (shoulder === undefined
      ? `L${MID - waist} ${top}`
      : `L${MID - waist} 185L${MID - chest} ${top + 62}L${MID - shoulder} ${top + 6}`)
  const begin =
    shoulder === undefined
      ? `M${MID - waist} ${top}H${MID + waist}`
      : `M${MID - shoulder} ${top + 6}L${MID - 19} ${top - 6}Q${MID} ${top + 16} ${MID + 19} ${top - 6}` +
        `L${MID + shoulder} ${top + 6}L${MID + chest} ${top + 62}L${MID + waist} 185`
  return `${begin}${leg(1)}${other}z`
}

const SLEEVES = { short: [28, 62, 22], long: [44, 150, 15], wide: [56, 118, 40] } as const

function sleeves({ sleeve, shoulder = 0, chest = 0, top }: WornShape): string[] {
  if (!sleeve) return []
  const [out, down, half] = SLEEVES[sleeve]
  return [1, -1].map((side) => {
    const [x, y] = [MID + side * (shoulder + out), top + down]
    return (
      `M${MID + side * (shoulder - 3)} ${top + 5}L${x + side * half * 0.5} ${y - half * 0.35}` +
      `L${x - side * half * 0.7} ${y + half * 0.45}L${MID + side * (chest - 2)} ${top + 60}z`
    )
  })
}

function flatPaths({ width, height, round = 3, handles, hangs }: FlatShape, body: Body): GarmentPaths {
  const { folds, depth } = FALL[body]
  const [left, top] = [MID - width / 2, 200 - height / 2]
  const foot = top + height
  const cloth = hangs
    ? [`M${left} ${top}H${left + width}V${foot}${wavy(width / 2, foot, folds, depth)}z`]
    : [
        `M${left + round} ${top}H${left + width - round}q${round} 0 ${round} ${round}V${foot - round}` +
          `q0 ${round} ${-round} ${round}H${left + round}q${-round} 0 ${-round} ${-round}V${top + round}` +
          `q0 ${-round} ${round} ${-round}z`,
      ]
  const seams = handles
    ? [`M${MID - 40} ${top}C${MID - 40} ${top - 90} ${MID + 40} ${top - 90} ${MID + 40} ${top}`]
    : []
  const lines = hangs ? foldLines(width / 2, width / 2, top, foot, folds) : []
  return { cloth, folds: lines, seams, top, foot, hem: width / 2, waistAt: top + 4, waist: width / 2 }
}

function foldLines(waist: number, hem: number, from: number, foot: number, folds: number): string[] {
  if (foot - from < 40) return []
  return Array.from({ length: folds }, (_, i) => {
    const t = (i + 0.5) / folds - 0.5
    const [head, end] = [MID + t * waist * 1.6, MID + t * hem * 1.9]
    return `M${head} ${from + 8}C${head} ${(from + foot) / 2} ${end} ${(from + foot) / 2} ${end} ${foot - 5}`
  })
}
