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
