import { type Description } from '@/core/cloths/name'
import { type FibreId } from '@/core/vocabulary/fibres'
import { type InspectionId } from '@/core/vocabulary/inspection'

/** What was seen of each thing that was looked at, in the order of looking. */
export type Answers = readonly (readonly [InspectionId, readonly string[]])[]

/** Numbers and a fibre that are known beside it. */
export interface KnownBeside {
  /** g/m² */
  gsm: number | undefined
  /** Per cent, across. */
  stretch: number | undefined
  fibre: FibreId | ''
}

/** What was seen and is known, as the core names a cloth by it. */
export function descriptionOf(answers: Answers, { gsm, stretch, fibre }: KnownBeside): Description {
  return {
    inspection: Object.fromEntries(answers.filter(([, states]) => states.length > 0)) as Description['inspection'],
    gsm,
    ...(stretch === undefined ? {} : { stretchPercent: { width: stretch } }),
    fibres: fibre ? [fibre] : [],
  }
}

/** What a piece's last inspection says, and its weight. */
export function knownOf(
  piece: { gsm: { value: number } | null } | null,
  kept: Description['inspection'] | undefined,
): { answers: Answers; gsm: number | undefined } {
  return {
    answers: Object.entries(kept ?? {}) as Answers,
    gsm: piece?.gsm ? Math.round(piece.gsm.value) : undefined,
  }
}
