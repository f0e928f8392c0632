/** `#rrggbb` moved towards white (positive) or black (negative); `by` in -1 to 1. */
export function shade(hex: string, by: number): string {
  const target = by > 0 ? 255 : 0
  const channels = [1, 3, 5].map((at) => {
    const value = Number.parseInt(hex.slice(at, at + 2), 16)
    return Math.round(value + (target - value) * Math.abs(by))
      .toString(16)
      .padStart(2, '0')
  })
  return `#${channels.join('')}`
}

/** How much lighter or darker one thread is than its neighbours, for `shade`. */
export function unevenness(index: number): number {
  return ((index * 7) % 5) * 0.018 - 0.036
}
