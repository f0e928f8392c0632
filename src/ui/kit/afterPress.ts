'use client'

let isDown = false
if (typeof window !== 'undefined') {
  const note = (down: boolean) => () => {
    isDown = down
  }
  window.addEventListener('pointerdown', note(true), true)
  window.addEventListener('pointerup', note(false), true)
  window.addEventListener('pointercancel', note(false), true)
}

/**
 * Does something that may move what is below once the pointer is up again: a button that moves between press and
 * release is not pressed.
 */
export function afterPress(work: () => void): void {
  if (!isDown) return work()
  const later = () => setTimeout(work)
  window.addEventListener('pointerup', later, { once: true })
}
