import { type Minutes } from './minutes'

/** A time that the person has. */
export interface Window {
  start: Minutes
  end: Minutes
}

/** Times that touch or overlap are one. */
export function mergeWindows(free: readonly Window[]): Window[] {
  const out: Window[] = []
  for (const { start, end } of [...free].sort((a, b) => a.start - b.start)) {
    const last = out.at(-1)
    if (last && start <= last.end) last.end = Math.max(last.end, end)
    else if (end > start) out.push({ start, end })
  }
  return out
}
