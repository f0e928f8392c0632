import { isNotWritten } from '../store/connection'
import { troubleOf } from '../store/signs'

/** So long a page waits for what is only remembered, ms. */
const PATIENCE_MS = 300

/**
 * Waits a little for a writing of what is only remembered: a page is told from memory where another program holds the
 * notebook, or the disk is full. It is tried again when it is asked for next.
 */
export async function waitBriefly(writing: Promise<unknown>): Promise<void> {
  const done = writing.catch((error: unknown) => {
    if (!isNotWritten(error) && troubleOf(error)?.kind !== 'full') throw error
  })
  let timer: NodeJS.Timeout | undefined
  const patience = new Promise<void>((resolve) => (timer = setTimeout(resolve, PATIENCE_MS)))
  await Promise.race([done, patience])
  clearTimeout(timer)
  // Whoever went on without it is not disturbed by what comes of it.
  done.catch(() => undefined)
}
