/** What an address asks, as a page is given it. */
export type AskedAddress = Record<string, string | string[] | undefined>

/** One thing that is asked, as text; nothing where it is not, or twice. */
export function textFrom(asked: AskedAddress, key: string): string {
  const value = asked[key]
  return typeof value === 'string' ? value : ''
}

/** One thing that is asked, as a number within bounds; null where it is none. */
export function numberFrom(asked: AskedAddress, key: string, [low, high]: readonly [number, number]): number | null {
  const text = textFrom(asked, key)
  const value = Number(text)
  return text !== '' && value >= low && value <= high ? value : null
}
