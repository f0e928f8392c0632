import { signedArea, type Point } from '../shapes/polygon'
import { itemAt, lastOf, mustHave } from '../lists/items'

/** Ends that lie no further apart than this meet, mm. */
export const MEET_MM = 0.5

/** Where more lines meet in one point, no outline runs through it. */
const MOST_MEETING = 60

/** Lines that were joined to closed ones. */
export interface Joined {
  /** Closed lines, the first point not said again. */
  loops: Point[][]
  /** Lines that bound nothing, as they were. */
  rest: Point[][]
  /** The widest gap that was closed, mm. */
  widestMm: number
  /** Of lines that bound nothing: how far the nearest end of another is at most, mm; undefined where there is none. */
  apartMm: number | undefined
}

interface Edge {
  from: number
  to: number
  line: readonly Point[]
}

/**
 * Closed lines among lines of any order and direction. Ends that nearly meet are joined; what ends nowhere is left;
 * where more than two lines meet, the outer way round is taken.
 */
export function joinedLines(lines: readonly (readonly Point[])[], meetMm = MEET_MM): Joined {
  const loops: Point[][] = []
  const open: (readonly Point[])[] = []
  for (const line of lines) {
    if (line.length > 3 && apart(itemAt(line, 0), lastOf(line)) <= 1e-6) loops.push(line.slice(0, -1))
    else if (line.length >= 2) open.push(line)
  }
  const { nodes, widestMm } = nodesOf(
    open.flatMap((line) => [itemAt(line, 0), lastOf(line)]),
    meetMm,
  )
  const edges = open.map((line, i): Edge => ({ from: itemAt(nodes, 2 * i), to: itemAt(nodes, 2 * i + 1), line }))
  const { kept, loose } = withoutEnds(edges)
  for (const part of partsOf(kept)) {
    const loop = roundOf(part)
    if (loop) loops.push(loop)
    else loose.push(...part)
  }
  const rest = loose.map(({ line }) => [...line])
  return { loops, rest, widestMm, apartMm: apartOf(loose) }
}

const apart = (a: Point, b: Point) => Math.hypot(a[0] - b[0], a[1] - b[1])

/** Ends that meet are one node: found by a grid of cells as wide as the gap that is closed. */
function nodesOf(ends: readonly Point[], meetMm: number): { nodes: number[]; widestMm: number } {
  const cells = new Map<string, number[]>()
  const nodes: number[] = []
  let widestMm = 0
  ends.forEach((end, i) => {
    const [cx, cy] = [Math.floor(end[0] / meetMm), Math.floor(end[1] / meetMm)]
    let nearest = -1
    let least = meetMm
    for (let dx = -1; dx <= 1; dx++)
      for (let dy = -1; dy <= 1; dy++)
        for (const j of cells.get(`${cx + dx} ${cy + dy}`) ?? []) {
          const gap = apart(end, itemAt(ends, j))
          if (gap <= least) [nearest, least] = [j, gap]
        }
    nodes.push(nearest < 0 ? i : itemAt(nodes, nearest))
    if (nearest >= 0) widestMm = Math.max(widestMm, least)
    // Where one lies already another says nothing new.
    if (nearest < 0 || least > meetMm / 8) added(cells, `${cx} ${cy}`, i)
  })
  return { nodes, widestMm }
}

function added<Key, One>(lists: Map<Key, One[]>, key: Key, one: One): void {
  const list = lists.get(key)
  if (list) list.push(one)
  else lists.set(key, [one])
}

/** Lines by the nodes that they end in. */
function byNode(edges: readonly Edge[]): Map<number, Edge[]> {
  const at = new Map<number, Edge[]>()
  for (const edge of edges) for (const node of [edge.from, edge.to]) added(at, node, edge)
  return at
}

/** Without lines one end of which meets nothing, and those that meet nothing once these are gone. */
function withoutEnds(edges: readonly Edge[]): { kept: Edge[]; loose: Edge[] } {
  const at = byNode(edges)
  const degree = new Map([...at].map(([node, own]) => [node, own.length]))
  const loose = new Set<Edge>()
  const waiting = [...degree].flatMap(([node, count]) => (count < 2 ? node : []))
  for (let node = waiting.pop(); node !== undefined; node = waiting.pop())
    for (const edge of mustHave(at.get(node))) {
      if (loose.has(edge)) continue
      loose.add(edge)
      for (const end of [edge.from, edge.to]) {
        const left = mustHave(degree.get(end)) - 1
        degree.set(end, left)
        if (left === 1) waiting.push(end)
      }
    }
  return { kept: edges.filter((edge) => !loose.has(edge)), loose: [...loose] }
}

/** Lines that hang together. */
function partsOf(edges: readonly Edge[]): Edge[][] {
  const at = byNode(edges)
  const seen = new Set<Edge>()
  const gone = new Set<number>()
  return edges.flatMap((first) => {
    if (seen.has(first)) return []
    const part: Edge[] = []
    const waiting = [first]
    seen.add(first)
    for (let edge = waiting.pop(); edge; edge = waiting.pop()) {
      part.push(edge)
      // Each node is gone through once, however many lines meet there.
      for (const node of [edge.from, edge.to].filter((one) => !gone.has(one))) {
        gone.add(node)
        for (const next of mustHave(at.get(node)))
          if (!seen.has(next)) {
            seen.add(next)
            waiting.push(next)
          }
      }
    }
    return [part]
  })
}

/** The way round the outside of lines that hang together: from the lowest node, always the rightmost turn. */
function roundOf(edges: readonly Edge[]): Point[] | undefined {
  if (edges.length > MOST_MEETING && [...byNode(edges).values()].some((own) => own.length > MOST_MEETING))
    return undefined
  const ways = edges.flatMap(({ from, to, line }) => [
    { from, to, line },
    { from: to, to: from, line: [...line].reverse() },
  ])
  const leaving = new Map<number, Edge[]>()
  for (const way of ways) added(leaving, way.from, way)
  let best: Point[] | undefined
  const walked = new Set<Edge>()
  for (const start of ways) {
    if (walked.has(start)) continue
    const loop: Point[] = []
    let way: Edge | undefined = start
    while (way && !walked.has(way)) {
      walked.add(way)
      loop.push(...way.line.slice(0, -1))
      way = nextWay(way, mustHave(leaving.get(way.to)))
    }
    // Of all ways round, the outer one has the largest area, and runs clockwise where the turn is always to the right.
    if (way === start && loop.length >= 3 && (!best || Math.abs(signedArea(loop)) > Math.abs(signedArea(best))))
      best = loop
  }
  return best
}

/** The way that turns most to the right from the one that is gone. */
function nextWay(gone: Edge, ways: readonly Edge[]): Edge | undefined {
  const back = direction(lastOf(gone.line), mustHave(gone.line.at(-2)))
  const turn = (way: Edge) => {
    const by = (direction(itemAt(way.line, 0), itemAt(way.line, 1)) - back) / (2 * Math.PI)
    const whole = by - Math.floor(by)
    // Straight back is the last choice.
    return whole < 1e-9 ? 1 : whole
  }
  return ways.reduce<Edge | undefined>((best, way) => (!best || turn(way) < turn(best) ? way : best), undefined)
}

const direction = (from: Point, to: Point) => Math.atan2(to[1] - from[1], to[0] - from[0])

/** How far the nearest other end is from the end that is furthest from any. */
function apartOf(edges: readonly Edge[]): number | undefined {
  const ends = edges.slice(0, 400).flatMap(({ line }, i) => [itemAt(line, 0), lastOf(line)].map((at) => ({ at, i })))
  const nearest = ends.map(({ at, i }) =>
    Math.min(...ends.flatMap((other) => (other.i === i ? [] : [apart(at, other.at)]))),
  )
  const known = nearest.filter((gap) => Number.isFinite(gap) && gap > 0)
  return known.length > 0 ? Math.max(...known) : undefined
}
