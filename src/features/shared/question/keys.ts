/** Keys of the answers, in their order. */
const ANSWER_KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0', '-', '=', '[']

/** The key that gives the answer at `index`, or an empty text past the last key. */
export function keyFor(index: number): string {
  return ANSWER_KEYS[index] ?? ''
}

/** What a key means beside the answers. */
export function keyOf({ key }: { key: string }): 'blank' | 'undo' | 'next' | undefined {
  if (key === 'n' || key === 'N') return 'blank'
  if (key === 'u' || key === 'U' || key === 'Backspace') return 'undo'
  return key === 'Enter' ? 'next' : undefined
}
