/** So many are shown at first. */
export const FIRST_SHOWN = 24

/**
 * Projects in the order in which they are shown: those that are not done first, the latest before the others.
 * @param projects the oldest first
 * @param isAll all of them; else the first few
 */
export function shownOf<T extends { project: { data: { finished: string | null } } }>(
  projects: readonly T[],
  isAll: boolean,
): T[] {
  const isDone = ({ project }: T) => Number(project.data.finished !== null)
  const inOrder = projects.toReversed().toSorted((a, b) => isDone(a) - isDone(b))
  return isAll ? inOrder : inOrder.slice(0, FIRST_SHOWN)
}
