import { IRON_DOTS } from '../fibres/irons'
import { type IronDots } from '../fibres/types'
import { careSymbol, type CareId } from '../vocabulary/care'
import { TUMBLES, type Care } from './care'

/** Which of the two tumbling symbols asks for how much heat. */
const TUMBLED: Readonly<Partial<Record<CareId, 'low' | 'normal'>>> = {
  'tumble-low': 'low',
  'tumble-normal': 'normal',
}

/**
 * Whether a cloth bears what a care symbol allows: the heat of a bath, of an iron, of a drum.
 * @returns undefined where the symbol forbids, or is about something else
 */
export function toleratesCare(id: CareId, { washCelsius, ironDots, tumble }: Care): boolean | undefined {
  const { group, celsius, never } = careSymbol(id)
  if (never || celsius === undefined) return undefined
  if (group === 'wash') return washCelsius !== null && washCelsius >= celsius
  if (group === 'iron') return hottestOf(ironDots) >= celsius
  const drum = TUMBLED[id]
  return drum && TUMBLES.indexOf(tumble) >= TUMBLES.indexOf(drum)
}

const hottestOf = (dots: IronDots) => IRON_DOTS[dots] ?? 0
