/**
 * Whether all that was answered lies in the notebook.
 * @param keeping something is being written; @param allKept nothing is, and nothing waits of an earlier visit
 */
export function KeptMark({ keeping, allKept }: { keeping: boolean; allKept: boolean }) {
  return (
    <span data-kept={allKept ? 'yes' : 'no'}>{keeping ? 'Keeping it…' : 'Every answer is kept as you give it.'}</span>
  )
}
