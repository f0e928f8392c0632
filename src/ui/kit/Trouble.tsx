'use client'

/** What stood in the way of what was just asked for. */
export function Trouble({ children }: { children: string }) {
  return children === '' ? null : <p role="alert">{children}</p>
}
