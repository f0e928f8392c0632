/** So many are planned in the same hours; who has more going plans those that were begun first. */
export const MOST_TOGETHER = 12

/**
 * Which of these projects are planned together, in their order, and which wait.
 * @param open in the order in which they were begun
 * @param asked is always among the first; left out: none in particular
 */
export function planAllProjects<T extends { project: { id: string } }>(
  open: readonly T[],
  asked: string | undefined,
): [first: T[], waiting: T[]] {
  const inTurn = open.toSorted((a, b) => Number(b.project.id === asked) - Number(a.project.id === asked))
  const first = new Set(inTurn.slice(0, MOST_TOGETHER))
  return [open.filter((one) => first.has(one)), open.filter((one) => !first.has(one))]
}
