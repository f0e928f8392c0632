import { WEAR_WORDS, type Wear } from '../vocabulary/making'
import { itemAt } from '../lists/items'

/** A finished thing: of which cloth, and how it wore. */
export interface Worn {
  project: string
  /** Id of a named cloth; null where nobody knows its name. */
  cloth: string | null
  wore: readonly Wear[]
  /** The day on which it was finished. */
  finished: string
}

/** Of so many of the last things in a cloth a lesson is told, and so many of them have to agree. */
const [LOOKED_AT, AGREE] = [3, 0.5]

/**
 * What was made of this cloth before teaches: “the last three in this cloth creased more than you liked”; null where
 * nothing was made of it, or nothing of it was said.
 */
export function lessonOf(cloth: string | null, worn: readonly Worn[]): string | null {
  if (cloth === null) return null
  const last = worn
    .filter((one) => one.cloth === cloth && one.wore.length > 0)
    .toSorted((a, b) => b.finished.localeCompare(a.finished))
    .slice(0, LOOKED_AT)
  if (last.length === 0) return null
  const counts = new Map<Wear, number>()
  for (const wear of last.flatMap(({ wore }) => wore)) counts.set(wear, (counts.get(wear) ?? 0) + 1)
  const agreed = [...counts].filter(([, count]) => count / last.length > AGREE).map(([wear]) => WEAR_WORDS[wear])
  if (agreed.length === 0) return null
  const which =
    last.length === 1
      ? `Your last project in this fabric (${itemAt(last, 0).project})`
      : `Your last ${last.length} projects in this fabric`
  return `${which}: ${agreed.join('; ')}.`
}
