'use client'

/** Fields that hold something that was not understood, or that the person is still asked about. */
const unread = new Map<string, { label: string; focus: () => void }>()

/** Notes that a field cannot be read yet. @param id the field's own */
export function markUnread(id: string, field: { label: string; focus: () => void } | null): void {
  if (field) unread.set(id, field)
  else unread.delete(id)
}

/**
 * What stands in the way of saving, in words: saved now, a value that was typed would be lost. The field gets the
 * focus.
 */
export function unreadTrouble(): string | undefined {
  const [first] = unread.values()
  if (!first) return undefined
  first.focus()
  return `Please check “${first.label}” first: nothing was saved.`
}
