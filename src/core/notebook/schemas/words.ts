/** How much of what was sent is said again in a refusal. */
const MOST_SHOWN = 40

/** What was sent, as a refusal names it: never longer than a few words, whatever it is. */
export function showInput(input: unknown): string {
  if (typeof input === 'string') return `"${input.length > MOST_SHOWN ? `${input.slice(0, MOST_SHOWN)}…` : input}"`
  return typeof input === 'number' || typeof input === 'boolean' || input === null ? String(input) : 'this'
}
