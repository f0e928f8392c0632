/** One line of the page: the name of a place, or a board with some of what was found, by its place in the order. */
export type ShelfLine =
  { kind: 'heading'; place: string; count: number } | { kind: 'board'; place: string; from: number; to: number }

/**
 * What was found laid out on boards, each place under its own heading.
 * @param places where the pieces lie, in their order; empty where they are in another order
 * @param perBoard pieces that a board holds
 */
export function linesOf(
  places: readonly { place: string; count: number }[],
  found: number,
  perBoard: number,
): ShelfLine[] {
  const groups = places.length > 0 ? places : [{ place: '', count: found }]
  const lines: ShelfLine[] = []
  let at = 0
  for (const { place, count } of groups) {
    if (places.length > 0) lines.push({ kind: 'heading', place, count })
    for (let from = at; from < at + count; from += perBoard) {
      lines.push({ kind: 'board', place, from, to: Math.min(from + perBoard, at + count) })
    }
    at += count
  }
  return lines
}
