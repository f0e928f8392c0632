import { inspectionById, type InspectionId } from './inspection'

/** The answers of an inspection that a cloth is known by, the likeliest first. */
export type Marks = Partial<Record<InspectionId, readonly string[]>>

/** How often a cloth crosses the table against others, beside its marks; 1 where not said. */
export interface MarkSet {
  marks: Marks
  common: number
}

/**
 * Reads `surface=smooth; back=same,duller; common=2`.
 * @throws RangeError where a feature or state is not in the vocabulary
 */
export function marksFrom(cloth: string, text: string): MarkSet {
  const marks: Partial<Record<InspectionId, string[]>> = {}
  let common = 1
  for (const part of text
    .split(';')
    .map((one) => one.trim())
    .filter(Boolean)) {
    const [key, list] = part.split('=') as [string, string]
    if (key === 'common') {
      common = Number(list)
      continue
    }
    const { id, states } = inspectionById(key)
    marks[id] = list.split(',').map((state) => {
      if (!states.some((known) => known.id === state))
        throw new RangeError(`cloth ${cloth}: "${state}" is no state of ${key}`)
      return state
    })
  }
  return { marks, common }
}
