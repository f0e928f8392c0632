import { type LayTask, type NotchMatch } from '../types'
import { asItLies, type LayItem, type LayItems } from './items'
import { type Shape } from './shape'
import { mustHave } from '../../lists/items'

/** Where the origin of a shape may lie along one axis: anywhere, or only at base + a whole number of steps. mm */
export interface Rungs {
  base: number
  /** 0: anywhere. */
  step: number
}

export interface Lattice {
  x: Rungs
  y: Rungs
}

const ANYWHERE: Rungs = { base: 0, step: 0 }
export const FREE: Lattice = { x: ANYWHERE, y: ANYWHERE }

/** Places that differ by no more agree, mm. */
const AGREE = 0.25

/** Where a match’s notch lies, from the origin of a shape. */
type Spot = (shape: Shape) => number

interface Node {
  item: string
  spot: Spot
  /** Which notches agree with which: all of one group. */
  group: number
}

/**
 * What the matched notches leave of the places where each shape may lie. Notches that are to agree have one phase of
 * the repeat; a piece with several of them hands it on.
 * @param lead which of the matched kinds of piece lies at the edge, the longest being 0: the others follow its phase
 * @returns by the item’s number, then by the shape’s; and the ids of pieces whose notches cannot all agree
 */
export function latticesOf(
  plan: LayItems,
  task: LayTask,
  lead = 0,
): { of: Map<Shape, Lattice>[]; torn: Set<string> } {
  const repeat = task.cloth?.repeatMm ?? { x: 0, y: 0 }
  const torn = new Set<string>()
  const of = plan.items.map(() => new Map<Shape, Lattice>())
  for (const axis of ['x', 'y'] as const) {
    if (repeat[axis] <= 0) continue
    const matches = task.match.filter(({ axes }) => axes.includes(axis))
    for (const [item, shape, rungs] of rungsOf({ plan, task, matches, axis, repeat: repeat[axis], torn, lead })) {
      const known = of[item]!.get(shape) ?? FREE
      of[item]!.set(shape, { ...known, [axis]: rungs })
    }
  }
  return { of, torn }
}

interface Asked {
  plan: LayItems
  task: LayTask
  matches: readonly NotchMatch[]
  axis: 'x' | 'y'
  repeat: number
  torn: Set<string>
  lead: number
}

function rungsOf(asked: Asked): [item: number, shape: Shape, rungs: Rungs][] {
  const { plan, axis, repeat, torn, lead } = asked
  const nodes = nodesOf(asked)
  const phases = new Map<number, number>()
  const done = new Set<number>()
  const found: [number, Shape, Rungs][] = []
  const order = [...plan.items.keys()].sort((a, b) => firstOf(plan.items[b]!, axis) - firstOf(plan.items[a]!, axis))
  for (let round = 0; round < order.length; round++) {
    // A piece that shares a notch with one already placed goes on from it; else the next begins anew, at the edge.
    const waiting = order.filter((i) => !done.has(i) && nodes.some(({ item }) => item === plan.items[i]!.id))
    const kinds = [...new Set(waiting.map((i) => plan.items[i]!.id))]
    const first = waiting.find((i) => plan.items[i]!.id === kinds[lead % kinds.length])
    const next = waiting.find((i) => own(i).some(({ group }) => phases.has(group))) ?? first
    if (next === undefined) break
    done.add(next)
    found.push(...placed(next))
  }
  return found

  function own(i: number) {
    return nodes.filter(({ item }) => item === plan.items[i]!.id)
  }

  function placed(i: number): [number, Shape, Rungs][] {
    const item = plan.items[i]!
    const spots = own(i)
    const shapes = item.choices.flat()
    const kept: [number, Shape, Rungs][] = []
    for (const shape of new Set(shapes)) {
      const known = spots.find(({ group }) => phases.has(group))
      const base = known ? phases.get(known.group)! - known.spot(shape) : edgeOf(shape)
      const bases = spots.map(({ group, spot }) => {
        if (!phases.has(group)) phases.set(group, base + spot(shape))
        return phases.get(group)! - spot(shape)
      })
      const agrees = bases.every((other) => isNear(other, base, repeat))
      if (!agrees || (item.onFold === axis && !isNear(base, 0, repeat))) continue
      kept.push([i, shape, { base, step: repeat }])
    }
    if (kept.length === 0) torn.add(item.id)
    const refused = [...new Set(shapes)].filter((shape) => !kept.some(([, other]) => other === shape))
    return [...kept, ...refused.map((shape): [number, Shape, Rungs] => [i, shape, { base: NaN, step: repeat }])]
  }

  function edgeOf(shape: Shape): number {
    const [bin] = plan.bins
    return axis === 'y' ? bin!.minY - shape.box.minY : bin!.minX - shape.box.minX
  }
}

/** Those on the fold come first, since the fold holds them; then the longest. */
function firstOf(item: LayItem, axis: 'x' | 'y'): number {
  const shape = item.choices.flat()[0]
  if (!shape) return -Infinity
  const length = axis === 'y' ? shape.box.maxY - shape.box.minY : shape.box.maxX - shape.box.minX
  return length + (item.onFold === axis ? 1e6 : 0)
}

function nodesOf({ task, matches, axis }: Asked): Node[] {
  const keys: string[] = []
  const groups = new Map<string, number>()
  const groupOf = (key: string) => {
    if (!keys.includes(key)) keys.push(key)
    return groups.get(key) ?? keys.indexOf(key)
  }
  for (const { a, b } of matches) {
    const [one, other] = [groupOf(a.join('\n')), groupOf(b.join('\n'))]
    for (const key of keys) if (groupOf(key) === other) groups.set(key, one)
  }
  return keys.map((key) => {
    const [item, notch] = key.split('\n') as [string, string]
    const at = mustHave(mustHave(task.pieces.find(({ id }) => id === item)).notches.find(({ id }) => id === notch)).at
    return {
      item,
      group: groupOf(key),
      spot: (shape) => asItLies([at], shape)[0]![axis === 'x' ? 0 : 1],
    }
  })
}

function isNear(one: number, other: number, step: number): boolean {
  const off = ((((one - other) % step) + step) % step) / step
  return Math.min(off, 1 - off) * step <= AGREE
}

/** The rung nearest a place, between two ends; NaN where there is none between them. */
export function nearestRung({ base, step }: Rungs, at: number, from: number, to: number): number {
  if (step === 0) return Math.min(Math.max(at, from), to)
  const low = Math.ceil((from - base - 1e-9) / step)
  const high = Math.floor((to - base + 1e-9) / step)
  if (!(low <= high)) return NaN
  return base + Math.min(Math.max(Math.round((at - base) / step), low), high) * step
}
