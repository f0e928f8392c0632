import { clothWithId } from '../cloths/traits'
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

/** How far cloths of one kind differ, as a share of their thickness. */
const SPREAD = 0.2

/** How thick a cloth is without load, mm: its weight over how close it lies. Undefined where its weight is unknown. */
export function thicknessOf({ gsm, construction, called = '', interlacing, mix = [] }: Offer): Quantity | undefined {
  if (!gsm) return undefined
  const ofKind = DENSITY[construction?.value ?? 'woven'] * (interlacing === 'satin' ? 1.15 : 1)
  const bulk = meanOver(mix, ({ handle }) => handle.bulk)?.value ?? 1
  // A cloth that is dense or airy by name has its fibre in that figure already.
  const own = clothWithId(called)?.density
  const density = own ?? ofKind / bulk
  const { value, sd } = gsm.value
  const thickness = value / density / 1000
  return { value: thickness, sd: thickness * Math.hypot(SPREAD, value > 0 ? sd / value : 0) }
}
