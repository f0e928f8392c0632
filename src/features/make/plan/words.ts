import { countNoun } from '@/core/units/format'

/** “25 min”, “1 h 30”. */
export function minuteWords(minutes: number): string {
  if (minutes < 60) return `${minutes} min`
  const rest = minutes % 60
  return rest === 0 ? `${minutes / 60} h` : `${Math.floor(minutes / 60)} h ${rest} min`
}

/** How long something runs by itself: “2 to 6 hours”, “1 to 2 days”. */
export function waitWords([low, high]: readonly [number, number]): string {
  if (high === 0) return ''
  const [unit, words] = high >= 2880 ? [1440, 'days'] : high >= 120 ? [60, 'hours'] : [1, 'minutes']
  const [from, to] = [Math.max(1, Math.round(low / unit)), Math.max(1, Math.round(high / unit))]
  return from === to ? `about ${to} ${to === 1 ? words.slice(0, -1) : words}` : `${from} to ${to} ${words}`
}

/** “: Curtain, Lining”; nothing where all fabrics of the project are meant. @param names by id */
export function piecesWords(names: Readonly<Record<string, string>>, pieces: readonly string[]): string {
  const known = pieces.flatMap((id) => names[id] ?? [])
  return known.length > 0 && known.length < Object.keys(names).length ? `: ${known.join(', ')}` : ''
}

/** The project; of shopping for several, how many. @param names of the projects */
export const projectsWords = (names: readonly string[]): string =>
  names.length > 1 ? `for ${countNoun(names.length, 'project')}` : names.join('')

/** “30 min, then leave it 3 to 10 hours”; “Leave it 3 to 10 hours”. @param wait in words */
export function workWords(hands: number, wait: string): string {
  if (hands === 0) return `Leave it ${wait}`
  return wait ? `${minuteWords(hands)}, then leave it ${wait}` : minuteWords(hands)
}
