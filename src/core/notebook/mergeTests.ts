import { type TestAnswer } from './answers'
import { type SpecimenNote, type TestSetup } from './kinds/burnTest'

/** What a person wrote of one test. */
export interface TestWritten {
  answers: TestAnswer[]
  setup: TestSetup
  specimens: SpecimenNote[]
}

/** The same question on the same specimen, answered differently in two places. */
export interface Disagreement {
  specimen: number
  feature: string
  first: readonly string[]
  second: readonly string[]
}

const placeOf = ({ specimen, part, feature }: TestAnswer) => `${specimen} ${part} ${feature}`
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)

/** Where two writings of one test contradict one another. */
export function disagreements(first: TestWritten, second: TestWritten): Disagreement[] {
  const others = new Map(second.answers.map((answer) => [placeOf(answer), answer]))
  return first.answers.flatMap((answer) => {
    const other = others.get(placeOf(answer))
    if (!other || same(answer.states, other.states)) return []
    return [{ specimen: answer.specimen, feature: answer.feature, first: answer.states, second: other.states }]
  })
}

/**
 * Both writings of one test in one: every answer and every note that either has. Where they contradict one another,
 * the first counts, and so does its set-up.
 */
export function mergedTests(first: TestWritten, second: TestWritten): TestWritten {
  const own = new Set(first.answers.map(placeOf))
  const notes = new Map([...second.specimens, ...first.specimens].map((note) => [note.specimen, note]))
  for (const note of second.specimens) {
    const mine = first.specimens.find(({ specimen }) => specimen === note.specimen)
    if (mine) notes.set(note.specimen, filledUp(mine, note))
  }
  return {
    answers: [...second.answers.filter((answer) => !own.has(placeOf(answer))), ...first.answers],
    setup: first.setup,
    specimens: [...notes.values()].sort((a, b) => a.specimen - b.specimen),
  }
}

/** What a note does not say, the other says for it. */
function filledUp(note: SpecimenNote, other: SpecimenNote): SpecimenNote {
  return {
    ...note,
    note: note.note || other.note,
    catchSeconds: note.catchSeconds ?? other.catchSeconds,
    burnSeconds: note.burnSeconds ?? other.burnSeconds,
    burnMm: note.burnMm ?? other.burnMm,
    picture: note.picture ?? other.picture,
  }
}
