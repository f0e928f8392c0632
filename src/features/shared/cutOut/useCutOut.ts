'use client'

import { useState } from 'react'
import { type CutOut } from '@/core/photo/cutOut'
import { simplifyOutline } from '@/core/photo/simplifyOutline'
import { areaOf, boxOf, movePolygon, type Outline, type Point } from '@/core/shapes/polygon'
import { usePicture, type Picture } from '../picture/usePicture'
import { toFloor, type CutOutMeasure } from './outlineOf'
import { usePreferences } from '../settings/PreferencesContext'

/** How far a kept outline may leave the edge in the picture, mm. */
const WITHIN_MM = 1.5

interface Found {
  /** Of the picture that it was found in. */
  number: number
  cut: CutOut
  /** Points of the outline, pixels; the person moves them. */
  points: Point[]
  /** What may be holes in it, pixels, and whether they are. */
  holes: { points: Point[]; isHole: boolean }[]
  isCutOff: boolean
}

/** A photograph, what was cut out of it, and its outline on the floor. */
export function useCutOut() {
  const work = usePicture()
  const { picture } = work
  const [by, setBy] = useState<CutOutMeasure['by']>(usePreferences().paper)
  const [isOnlyDarker, setOnlyDarker] = useState(false)
  const [corners, setCorners] = useState<Outline | null>(null)
  const [ruler, setRuler] = useState<{ marks: readonly [Point, Point]; lengthMm: number | null } | null>(null)
  const [found, setFound] = useState<Found | null>(null)
  const marks = ruler ?? startRuler(picture)
  const measure: CutOutMeasure = by === 'ruler' ? { by, ...marks } : { by, corners }

  /** Looks again, as the person has now said. */
  const look = async (one: Picture, asked: { inside?: Point; darker: boolean; corners: Outline | null }) => {
    const cut = await work.cutOut(one.file, {
      ...(asked.corners && { corners: asked.corners }),
      ...(asked.inside && { inside: asked.inside }),
      ...(asked.darker && { isOnlyDarker: true }),
    })
    if (!cut) return
    if (cut.corners) setCorners(cut.corners)
    const map = toFloor(by === 'ruler' ? { by, ...marks } : { by, corners: cut.corners })
    const holes = cut.holes.map((edge) => ({ points: fewer(edge, map), isHole: true }))
    setFound({ number: one.number, cut, points: fewer(cut.edge, map), holes, isCutOff: cut.isCutOff })
  }
  const open = async (file: Blob) => {
    setFound(null)
    setCorners(null)
    setRuler(null)
    const one = await work.open(file)
    if (one) await look(one, { darker: isOnlyDarker, corners: null })
  }
  const isOfThis = picture !== null && found?.number === picture.number
  const points = isOfThis ? found.points : null
  const map = toFloor(measure)
  return {
    work: { ...work, open },
    measure,
    setBy,
    corners,
    setCorners,
    marks,
    setRuler,
    isOnlyDarker,
    setOnlyDarker: (next: boolean) => {
      setOnlyDarker(next)
      if (picture) void look(picture, { darker: next, corners })
    },
    pointAt: (inside: Point) => {
      if (picture) void look(picture, { inside, darker: isOnlyDarker, corners })
    },
    isCutOff: isOfThis && found.isCutOff,
    points,
    setPoints: (next: Point[]) => setFound((before) => before && { ...before, points: next }),
    /** What may be holes, and whether the person takes them for such. */
    holes: isOfThis ? found.holes : [],
    takeHole: (index: number, isHole: boolean) =>
      setFound(
        (before) =>
          before && { ...before, holes: before.holes.map((one, i) => (i === index ? { ...one, isHole } : one)) },
      ),
    ...onFloor(points, isOfThis ? found.holes : [], map),
  }
}

export type CutOutWork = ReturnType<typeof useCutOut>

function startRuler(picture: Picture | null): { marks: readonly [Point, Point]; lengthMm: number | null } {
  const { width, height } = picture?.view ?? { width: 3, height: 2 }
  return {
    marks: [
      [width / 3, height * 0.9],
      [(2 * width) / 3, height * 0.9],
    ],
    lengthMm: 300,
  }
}

/** Thinned by what it is on the floor where that is known, and by what it is in the picture elsewhere. */
function fewer(edge: Outline, map: ((at: Point) => Point) | undefined): Point[] {
  if (!map) return simplifyOutline(edge, 1)
  const onFloor = edge.map(map)
  const { minX, maxX } = boxOf(edge)
  const floor = boxOf(onFloor)
  return simplifyOutline(edge, (WITHIN_MM * (maxX - minX)) / Math.max(1, floor.maxX - floor.minX))
}

interface OnFloor {
  /** On the floor, mm, its lower left corner at the origin; null where there is none yet. */
  outline: Point[] | null
  /** Holes in it, in its own place, mm. */
  holesMm: Point[][]
}

function onFloor(points: Outline | null, holes: Found['holes'], map: ReturnType<typeof toFloor>): OnFloor {
  if (!points || !map) return { outline: null, holesMm: [] }
  const flat = points.map(map)
  const { minX, minY } = boxOf(flat)
  const placed = (line: Outline) => movePolygon(line, -minX, -minY).map(([x, y]): Point => [round(x), round(y)])
  const outline = placed(flat)
  if (areaOf(outline) <= 1) return { outline: null, holesMm: [] }
  const own = holes.filter(({ isHole }) => isHole).map((hole) => placed(hole.points.map(map)))
  return { outline, holesMm: own.filter((hole) => areaOf(hole) > 1) }
}

const round = (mm: number) => Math.round(mm * 10) / 10
