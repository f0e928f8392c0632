const WHEN = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
})

/**
 * Names a fabric that nobody named: “Unnamed fabric, 30 Nov, 14:05”, or “Denim, 30 Nov, 14:05”.
 * @param called what somebody takes it for; empty where nobody said
 * @param at the time by the clock of this machine
 */
export function unnamedFabric(called: string, at: Date): string {
  return `${called || 'Unnamed fabric'}, ${WHEN.format(at)}`
}
