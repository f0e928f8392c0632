import { type LengthAsked } from '../../notebook/schemas/making'
import { itemAt, mustHave } from '../../lists/items'

/** The same table as text that reads back to it, lengths in metres. */
export function lengthsAsText(lengths: readonly LengthAsked[]): string {
  const lines: string[] = []
  let headed = ''
  let view: string | null = null
  for (const row of rowsOf(lengths)) {
    const [first] = row
    if (mustHave(first).view !== view) lines.push(`View ${mustHave(first).view ?? ''}`)
    view = mustHave(first).view
    const sizes = row.map(({ size }) => size ?? '').join(' ')
    if (sizes.trim() !== '' && sizes !== headed) lines.push(`Sizes ${sizes}`)
    if (sizes.trim() !== '') headed = sizes
    const metres = row.map(({ lengthMm }) => Number((lengthMm / 1000).toFixed(3))).join(' ')
    lines.push(
      `${Number((mustHave(first).widthMm / 10).toFixed(1))} cm: ${metres} m${mustHave(first).nap ? ', with nap' : ''}`,
    )
  }
  return lines.join('\n')
}

/** Lengths that stood on one line: of one width, view and nap, each of another size. */
function rowsOf(lengths: readonly LengthAsked[]): LengthAsked[][] {
  const rows: LengthAsked[][] = []
  for (const one of lengths) {
    const last = rows.at(-1)
    const goesOn =
      last !== undefined &&
      itemAt(last, 0).widthMm === one.widthMm &&
      itemAt(last, 0).view === one.view &&
      itemAt(last, 0).nap === one.nap &&
      one.size !== null &&
      last.every(({ size }) => size !== null && size !== one.size)
    if (goesOn) last.push(one)
    else rows.push([one])
  }
  return rows
}

/** The lengths of one size and view: those that are of it, and those that are for all. */
export function lengthsFor(
  lengths: readonly LengthAsked[],
  { size, view }: { size: string; view: string },
): LengthAsked[] {
  return lengths.filter(
    (one) =>
      (one.size === null || size === '' || one.size.toLowerCase() === size.toLowerCase()) &&
      (one.view === null || view === '' || one.view.toLowerCase() === view.toLowerCase()),
  )
}

/** Every size that a pattern’s lengths name, in their order. */
export function sizesIn(lengths: readonly LengthAsked[]): string[] {
  return [...new Set(lengths.flatMap(({ size }) => size ?? []))]
}
