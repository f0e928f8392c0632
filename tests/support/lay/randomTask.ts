import { type Outline, type Point } from '@/core/shapes/polygon'
import {
  BORDER_SIDES,
  LAYERS,
  TURNS,
  type ClothBorder,
  type LayPanel,
  type LayPiece,
  type LayTask,
} from '@/core/lay/types'
import { layFault } from '@/core/lay/sense'
import { plainPiece } from './jigsaw'

type Chance = () => number
const pick = <T>(list: readonly T[], chance: Chance): T => list[Math.floor(chance() * list.length)]!
const upTo = (most: number, chance: Chance) => 1 + Math.floor(chance() * most)

/** A star-shaped outline with bays, about a middle. mm */
export function blob(size: number, chance: Chance, corners = 3 + Math.floor(chance() * 10)): Point[] {
  const stretch = 0.4 + chance()
  return Array.from({ length: corners }, (_, i) => {
    const angle = ((i + 0.6 * chance()) / corners) * 2 * Math.PI
    const radius = size * (0.35 + 0.65 * chance())
    return [radius * Math.cos(angle) * stretch, radius * Math.sin(angle)]
  })
}

/** Half of a piece, with a straight edge on x = 0. */
function halfPiece(size: number, chance: Chance): Point[] {
  const [low, high] = [-size * (0.3 + chance()), size * (0.3 + chance())]
  const steps = upTo(5, chance)
  const side = chance() < 0.8 ? 1 : -1
  const bows = Array.from({ length: steps }, (_, i): Point => {
    const y = low + ((high - low) * (i + 0.5)) / steps
    return [side * size * (0.2 + 0.8 * chance()), y]
  })
  return [[0, low], ...bows, [0, high]]
}

function randomPiece(i: number, chance: Chance): LayPiece {
  const size = 30 + 220 * chance() ** 2
  const onFold = chance() < 0.25
  const pair = !onFold && chance() < 0.35
  const count = pair ? 2 * upTo(2, chance) : upTo(3, chance)
  const outline: Outline = onFold ? halfPiece(size, chance) : blob(size, chance)
  return plainPiece(`p${i}`, outline, {
    count,
    pair,
    onFold,
    turn: pick(TURNS, chance),
    warpDeg: onFold ? pick([90, 90, 0], chance) : pick([90, 90, 0, 37], chance),
    toleranceDeg: pick([0, 0, 2, 5], chance),
    crosswise: chance() < 0.2,
    bias: chance() < 0.1,
    onBorder: chance() < 0.3,
    notches: [{ id: 'n', at: outline[1]! }],
  })
}

function randomPanel(i: number, chance: Chance): LayPanel {
  const outline = blob(250 + 350 * chance(), chance, 5 + Math.floor(chance() * 6))
  const middle = 30 * chance()
  const hole: Outline = [
    [-middle, -20],
    [middle + 5, -20],
    [middle, 25],
  ]
  return {
    id: `panel ${i}`,
    outline,
    holes: chance() < 0.5 ? [hole] : [],
    warpDeg: pick([90, 0, 75], chance),
    count: upTo(2, chance),
  }
}

function randomBorder(chance: Chance): ClothBorder {
  const reachMm = 40 + 200 * chance()
  return {
    side: pick(BORDER_SIDES, chance),
    reachMm,
    footMm: pick([0, 0.4], chance) * reachMm,
    isKeptClear: chance() < 0.6,
  }
}

/** A task such as nobody would think of; one that makes no sense is drawn again. */
export function randomTask(seed: number, chance: Chance): LayTask {
  for (;;) {
    const pieces = Array.from({ length: upTo(6, chance) }, (_, i) => randomPiece(i, chance))
    const isPanels = chance() < 0.3
    const matches = !isPanels && chance() < 0.25 && pieces.length > 1
    const task: LayTask = {
      pieces,
      seed,
      gapMm: pick([0, 0, 0, 4, 10], chance),
      match: matches ? [{ a: ['p0', 'n'], b: ['p1', 'n'], axes: pick(['x', 'y', 'xy'] as const, chance) }] : [],
      ...(isPanels
        ? { panels: Array.from({ length: upTo(3, chance) }, (_, i) => randomPanel(i, chance)) }
        : {
            cloth: {
              widthMm: 350 + 1200 * chance(),
              selvedgeMm: pick([0, 13], chance),
              oneWay: chance() < 0.3,
              layers: pick([...LAYERS, 'best'] as const, chance),
              repeatMm: matches ? { x: 40 + 60 * chance(), y: 40 + 100 * chance() } : { x: 0, y: 0 },
              ...(chance() < 0.4 && { lengthMm: 300 + 1500 * chance() }),
              ...(chance() < 0.15 && { border: randomBorder(chance) }),
            },
          }),
    }
    if (!layFault(task)) return task
  }
}
