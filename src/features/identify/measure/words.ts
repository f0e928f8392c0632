import { type ForetoldOpacity } from '@/core/measure/opacity'
import { formatPercent, withDoubt } from '@/core/units/format'
import { type Quantity } from '@/core/units/quantity'

const SHOWS: Record<ForetoldOpacity['likeliest'], string> = {
  sheer: 'much',
  'semi-sheer': 'a little',
  opaque: 'nothing',
}

/** What is foretold of a cloth that was not held up, with its doubt. */
export function foretoldWords({ likeliest, grades, transmission, interval95: [low, high] }: ForetoldOpacity): string {
  return (
    `Estimated without holding it up: ${SHOWS[likeliest]} shows through ` +
    `(${formatPercent(grades[likeliest])}). About ${Math.round(transmission * 100)} % of the light ` +
    `comes through, between ${Math.round(low * 100)} and ${Math.round(high * 100)} % (95 % sure).`
  )
}

/** What a side has become. @param change per cent of what it was, less where it shrank */
export function changeWords({ value, sd }: Quantity, [less, more]: readonly [string, string]): string {
  return `${withDoubt({ value: Math.abs(value), sd })} % ${value <= 0 ? less : more}`
}
