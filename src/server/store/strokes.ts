import { AsyncLocalStorage } from 'node:async_hooks'

const written = new AsyncLocalStorage<Set<string>>()

/** Does something, and says which strokes were written meanwhile; one that was rolled back is among them. */
export async function withStrokes<T>(work: () => Promise<T>): Promise<{ answer: T; strokes: readonly string[] }> {
  const strokes = new Set<string>()
  const answer = await written.run(strokes, work)
  return { answer, strokes: [...strokes] }
}

/** Says that something is written in a stroke. */
export function strokeWritten(stroke: string): void {
  written.getStore()?.add(stroke)
}
