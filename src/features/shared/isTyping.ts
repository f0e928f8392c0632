/** Inputs that a letter or a figure means nothing to. */
const NOT_TYPED_INTO = ['radio', 'checkbox', 'button', 'submit', 'reset', 'file', 'color', 'range', 'image']

/** Whether a key goes into something that is typed into, and is no shortcut then. */
export function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false
  if (target instanceof HTMLInputElement) return !NOT_TYPED_INTO.includes(target.type)
  return target.isContentEditable || /^(TEXTAREA|SELECT)$/.test(target.tagName)
}
