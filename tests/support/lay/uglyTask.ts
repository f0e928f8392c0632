import {
  anticlockwise,
  mirrorPolygon,
  movePolygon,
  turnPolygon,
  type Outline,
  type Point,
} from '@/core/shapes/polygon'
import { layFault } from '@/core/lay/sense'
import { LAYERS, TURNS, type LayPiece, type LayTask } from '@/core/lay/types'
import { plainPiece } from './jigsaw'
import { blob } from './randomTask'
import { shirt } from './shirt'

type Chance = () => number
const pick = <T>(list: readonly T[], chance: Chance): T => list[Math.floor(chance() * list.length)]!
/** Whole centimetres: so that sides of different pieces are as long and run the same way. */
const cm = (least: number, most: number, chance: Chance) => 10 * Math.round(least + chance() * (most - least))

const ell = (chance: Chance): Point[] => {
  const [w, h, t] = [cm(12, 40, chance), cm(12, 40, chance), cm(4, 10, chance)]
  return [
    [0, 0],
    [w, 0],
    [w, t],
    [t, t],
    [t, h],
    [0, h],
  ]
}
const facing = (chance: Chance): Point[] => {
  const [w, h, t] = [cm(20, 45, chance), cm(12, 35, chance), cm(4, 8, chance)]
  return [
    [0, 0],
    [w, 0],
    [w, h],
    [w - t, h],
    [w - t, t],
    [t, t],
    [t, h],
    [0, h],
  ]
}
const star = (chance: Chance): Point[] => {
  const [size, points] = [cm(8, 18, chance), 3 + Math.floor(chance() * 4)]
  return Array.from({ length: 2 * points }, (_, i) => {
    const radius = i % 2 === 0 ? size : size * 0.45
    return [radius * Math.cos((i * Math.PI) / points), radius * Math.sin((i * Math.PI) / points)]
  })
}
const comb = (chance: Chance): Point[] => {
  const [teeth, step, deep] = [2 + Math.floor(chance() * 3), cm(4, 8, chance), cm(6, 18, chance)]
  const edge = Array.from({ length: teeth }, (_, i): Point[] => [
    [(2 * i + 1) * step, deep],
    [(2 * i + 1) * step, 40],
    [(2 * i + 2) * step, 40],
    [(2 * i + 2) * step, deep],
  ]).flat()
  const width = (2 * teeth + 1) * step
  return [[0, 0], [width, 0], [width, deep], ...edge.reverse(), [0, deep]]
}
const ofShirt = (chance: Chance): Outline => pick(shirt(), chance).outline

/** An outline with bays: of a yoke, a collar, a facing, a star, a comb, or of none. */
export function concave(chance: Chance): Point[] {
  const draw = pick([ofShirt, ofShirt, ell, facing, star, comb, (c: Chance) => blob(140, c)], chance)
  return anticlockwise(draw(chance))
}

/** The same outline again, as it is, turned over, or turned by a right angle or half a right angle. */
export function again(outline: Outline, chance: Chance): Point[] {
  const over = chance() < 0.4 ? mirrorPolygon(outline) : outline
  return movePolygon(turnPolygon(over, pick([0, 180, 180, 90, 270, 45], chance)), cm(-9, 9, chance), 0)
}

/** Pieces as they are hardest to lay: with bays, several alike, turned over and round, with sides that run alike. */
export function uglyTask(seed: number, chance: Chance): LayTask {
  for (;;) {
    const drawn: Outline[] = []
    const count = 2 + Math.floor(chance() * 3)
    while (drawn.length < count)
      drawn.push(drawn.length > 0 && chance() < 0.5 ? again(pick(drawn, chance), chance) : concave(chance))
    const pieces = drawn.map((outline, i): LayPiece => {
      const pair = chance() < 0.3
      return plainPiece(`p${i}`, outline, {
        pair,
        count: pair ? 2 : pick([1, 1, 2, 3], chance),
        turn: pick(TURNS, chance),
      })
    })
    const panel = chance() < 0.2
    const common = { pieces, match: [], gapMm: pick([0, 0, 0, 6], chance), seed }
    const task: LayTask = panel
      ? { ...common, panels: [{ id: 'a', outline: facing(() => 0.99), holes: [], warpDeg: 90, count: 2 }] }
      : {
          ...common,
          cloth: {
            widthMm: cm(60, 150, chance),
            selvedgeMm: pick([0, 13], chance),
            oneWay: chance() < 0.2,
            layers: pick([...LAYERS, 'single', 'best'] as const, chance),
            repeatMm: { x: 0, y: 0 },
            ...(chance() < 0.3 && { lengthMm: cm(40, 150, chance) }),
          },
        }
    if (!layFault(task)) return task
  }
}
