/** Where the answer to an action says what was done, for the page that comes next. */
export const DONE_COOKIE = 'rough-swatch-done'

/** Something that was done to the notebook, to be told with its undoing. */
export interface DoneThing {
  /** The stroke that takes it back. */
  stroke: string
  /** What was done, as somebody would say it. */
  says: string
  /** The record that was made, where one was. */
  made: string | null
  /** Whether it took something back itself. */
  isUndoing: boolean
}

export function doneText({ stroke, made, isUndoing, says }: DoneThing): string {
  return [stroke, made ?? '', isUndoing ? 'undo' : '', says].join('|')
}

/** What a cookie says was done; undefined where it says nothing. */
export function doneFrom(text: string): DoneThing | undefined {
  const [stroke, made, undoing, ...says] = text.split('|')
  if (!stroke || says.length === 0) return undefined
  return { stroke, made: made || null, isUndoing: undoing === 'undo', says: says.join('|') }
}
