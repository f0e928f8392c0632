import { type Construction } from '../vocabulary/cloth'
import { type Quantity } from '../units/quantity'
import { meanOver } from './mix'
import { type Offer } from './types'

/** How close cloth lies, g/cm³ of the cloth with its air, by how it is made; from memory of thickness gauges. */
const DENSITY: Readonly<Record<Construction, number>> = {
  woven: 0.42,
  knit: 0.28,
  felted: 0.2,
  net: 0.2,
  hide: 0.75,
  sheet: 0.6,
}

/** Cloths that hold more air than their kind, or less; g/cm³, from memory. */
const OWN_DENSITY: Readonly<Partial<Record<string, number>>> = {
  wadding: 0.02,
  fur: 0.1,
  sheepskin: 0.15,
  neoprene: 0.2,
  'foam-sheet': 0.03,
  'spacer-mesh': 0.09,
  'upholstery-velvet': 0.28,
  moquette: 0.25,
  duffel: 0.24,
  zibeline: 0.22,
  'camel-cloth': 0.22,
  'velour-towelling': 0.16,
  'stretch-velvet': 0.22,
  'quilted-woven': 0.1,
  fleece: 0.09,
  sherpa: 0.07,
  'faux-fur': 0.06,
  minky: 0.12,
  'fleece-back': 0.16,
  sweatshirting: 0.18,
  loopback: 0.22,
  terry: 0.14,
  chenille: 0.18,
  velvet: 0.2,
  velveteen: 0.22,
  corduroy: 0.24,
  needlecord: 0.3,
  'flannel-wool': 0.2,
  flannel: 0.24,
  winceyette: 0.22,
  coating: 0.2,
  'blanket-cloth': 0.13,
  melton: 0.24,
  tweed: 0.24,
  boucle: 0.16,
  'boiled-wool': 0.16,
  felt: 0.2,
  bump: 0.13,
  'quilted-knit': 0.1,
  waffle: 0.17,
  'sweater-knit': 0.14,
  'thermal-knit': 0.16,
  denim: 0.5,
  'denim-heavy': 0.52,
  duck: 0.5,
  canvas: 0.48,
  'interfacing-nonwoven': 0.15,
}

/** How far cloths of one kind differ, as a share of their thickness. */
const SPREAD = 0.2

/** How thick a cloth is without load, mm: its weight over how close it lies. Undefined where its weight is unknown. */
export function thicknessOf({ gsm, construction, called = '', interlacing, mix = [] }: Offer): Quantity | undefined {
  if (!gsm) return undefined
  const ofKind = DENSITY[construction?.value ?? 'woven'] * (interlacing === 'satin' ? 1.15 : 1)
  const bulk = meanOver(mix, ({ handle }) => handle.bulk)?.value ?? 1
  // A cloth that is dense or airy by name has its fibre in that figure already.
  const own = OWN_DENSITY[called]
  const density = own ?? ofKind / bulk
  const { value, sd } = gsm.value
  const thickness = value / density / 1000
  return { value: thickness, sd: thickness * Math.hypot(SPREAD, value > 0 ? sd / value : 0) }
}
