import { rectangle, type Outline, type Point } from '@/core/shapes/polygon'
import { type LayPiece } from '@/core/lay/types'
import { plainPiece } from './jigsaw'

/** Points along a curve of the second degree. */
function bend(from: Point, by: Point, to: Point, steps = 6): Point[] {
  return Array.from({ length: steps }, (_, i) => {
    const t = (i + 1) / steps
    const at = (k: 0 | 1) => (1 - t) ** 2 * from[k] + 2 * t * (1 - t) * by[k] + t * t * to[k]
    return [at(0), at(1)] as const
  })
}

const FRONT: Outline = [
  [0, 0],
  [290, 0],
  ...bend([290, 0], [275, 300], [280, 500]),
  ...bend([280, 500], [215, 540], [225, 700]),
  [85, 745],
  ...bend([85, 745], [70, 660], [0, 650]),
]
const BACK: Outline = [
  [0, 0],
  [560, 0],
  ...bend([560, 0], [545, 300], [550, 500]),
  ...bend([550, 500], [495, 540], [500, 640]),
  [60, 640],
  ...bend([60, 640], [65, 540], [10, 500]),
  ...bend([10, 500], [15, 300], [0, 0]).slice(0, -1),
]
const SLEEVE: Outline = [
  [90, 0],
  [400, 0],
  [490, 430],
  ...bend([490, 430], [400, 440], [340, 530]),
  ...bend([340, 530], [245, 620], [150, 530]),
  ...bend([150, 530], [90, 440], [0, 430]),
]
const YOKE: Outline = [
  [0, 0],
  [480, 0],
  [460, 110],
  [330, 150],
  ...bend([330, 150], [240, 105], [150, 150]),
  [20, 110],
]
const COLLAR: Outline = [[0, 0], [460, 0], [490, 90], ...bend([490, 90], [245, 70], [0 - 30, 90], 8)]

/** A shirt of eight kinds of piece, seventeen in all, with seam allowances. @param isOneWay nothing may be turned */
export function shirt(): LayPiece[] {
  const half = { turn: 'half' as const }
  return [
    plainPiece('front', FRONT, { count: 2, pair: true, ...half }),
    plainPiece('back', BACK, { ...half }),
    plainPiece('sleeve', SLEEVE, { count: 2, pair: true, ...half }),
    plainPiece('yoke', YOKE, { count: 2, ...half }),
    plainPiece('cuff', rectangle(260, 140), { count: 4, ...half }),
    plainPiece('collar', COLLAR, { count: 2, ...half }),
    plainPiece('stand', rectangle(480, 55), { count: 2, ...half }),
    plainPiece(
      'pocket',
      [
        [0, 30],
        [70, 0],
        [140, 30],
        [140, 170],
        [0, 170],
      ],
      { count: 2, ...half },
    ),
  ]
}
