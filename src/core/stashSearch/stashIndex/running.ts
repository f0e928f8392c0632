import { type PieceSummary } from '../pieceSummary'
import { SortedList } from './sortedList'

/** Something that is worked out of all pieces, and follows each that comes, changes or goes. */
export interface RunningTotal<T> {
  add(piece: PieceSummary): void
  /** Takes a piece out that was added, as it was then. */
  remove(piece: PieceSummary): void
  result(): T
}

/** Pieces in the order of their ids, which is that in which they were kept. */
const inOrderOfIds = () => new SortedList<PieceSummary>([], (a, b) => Number(a.id > b.id) - Number(a.id < b.id))

/** Those of which something is true, the first that was kept first. */
export function runningPart(isIt: (piece: PieceSummary) => boolean): RunningTotal<readonly PieceSummary[]> {
  const part = inOrderOfIds()
  return {
    add: (piece) => void (isIt(piece) && part.insert(piece)),
    remove: (piece) => void (isIt(piece) && part.remove(piece)),
    result: () => part.all,
  }
}

/** Pieces by something that they have. */
export interface PieceGroups {
  /** Those that have it, the first that was kept first. */
  of: (key: string) => readonly PieceSummary[]
}

/** @param keysOf by what a piece stands in a group */
export function runningGroups(keysOf: (piece: PieceSummary) => readonly string[]): RunningTotal<PieceGroups> {
  const groups = new Map<string, SortedList<PieceSummary>>()
  const told: PieceGroups = { of: (key) => groups.get(key)?.all ?? [] }
  return {
    add: (piece) => {
      for (const key of keysOf(piece)) {
        const group = groups.get(key) ?? inOrderOfIds()
        group.insert(piece)
        groups.set(key, group)
      }
    },
    remove: (piece) => {
      for (const key of keysOf(piece)) {
        const group = groups.get(key)
        group?.remove(piece)
        if (group?.all.length === 0) groups.delete(key)
      }
    },
    result: () => told,
  }
}

/** Pieces by another record that they refer to. */
export function runningGroupsBy(field: 'heapId' | 'lotId' | 'cutFromId'): RunningTotal<PieceGroups> {
  return runningGroups((piece) => (piece[field] === null ? [] : [piece[field]]))
}

/** Sums by key, with how many pieces are in each; one without any piece is gone, and no rest of it stays. */
export function runningSums<Of extends string>(
  linesOf: (piece: PieceSummary) => readonly { key: string; add: Readonly<Record<Of, number>> }[],
): RunningTotal<ReadonlyMap<string, { pieces: number; sums: Readonly<Record<Of, number>> }>> {
  const all = new Map<string, { pieces: number; sums: Record<Of, number> }>()
  const change = (piece: PieceSummary, by: 1 | -1) => {
    for (const { key, add } of linesOf(piece)) {
      const line = all.get(key) ?? { pieces: 0, sums: {} as Record<Of, number> }
      line.pieces += by
      for (const name in add) line.sums[name] = (line.sums[name] ?? 0) + by * add[name]
      if (line.pieces > 0) all.set(key, line)
      else all.delete(key)
    }
  }
  return { add: (piece) => change(piece, 1), remove: (piece) => change(piece, -1), result: () => all }
}
