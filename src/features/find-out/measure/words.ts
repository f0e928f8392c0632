import { type ForetoldOpacity } from '@/core/measure/opacity'
import { formatPercent } from '@/core/units/format'

const SHOWS: Record<ForetoldOpacity['likeliest'], string> = {
  sheer: 'much',
  'semi-sheer': 'a little',
  opaque: 'nothing',
}

/** What is foretold of a cloth that was not held up, with its doubt. */
export function foretoldWords({ likeliest, grades, transmission, interval95: [low, high] }: ForetoldOpacity): string {
  return (
    `Foretold without holding it up: ${SHOWS[likeliest]} shows through ` +
    `(${formatPercent(grades[likeliest])}). About ${Math.round(transmission * 100)} % of the light comes ` +
    `through, ${Math.round(low * 100)} to ${Math.round(high * 100)} % with 95 % confidence.`
  )
}
