const waiting = new Set<() => void>()
let running = false

function next(): void {
  const [first] = waiting
  if (!first) {
    running = false
    return
  }
  waiting.delete(first)
  first()
  requestAnimationFrame(next)
}

/**
 * Does one such work a frame, in the order in which they were asked for: each draws a cloth, and many at once would
 * hold the page up.
 * @returns takes it back, where it is not done yet
 */
export function inDrawingTurn(work: () => void): () => void {
  waiting.add(work)
  if (!running) {
    running = true
    requestAnimationFrame(next)
  }
  return () => void waiting.delete(work)
}
