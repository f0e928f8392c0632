import { type TextWithId } from '../vocabulary/words'
import { shareOf } from '../fabric/mix'
import { type MixPart } from '../fabric/types'
import { fibresOf, type Likeness } from '../fibres/traits'

export interface Strip {
  advised: boolean
  id: string
  text: string
  cautions: TextWithId[]
}

/** So much of a fibre is no slip of the label. */
const COUNTS = 0.02

const CHLORINE_CAUTIONS: readonly TextWithId[] = [
  {
    id: 'bleach-alone',
    text: 'Bleach never with acid, vinegar, ammonia, alcohol or any other cleaner: the gas harms the lungs.',
  },
  {
    id: 'bleach-eyes',
    text: 'Gloves and eye protection, cold water, open windows; a splash is rinsed for 15 minutes.',
  },
  {
    id: 'bleach-stop',
    text:
      'Stop it with a bath of sodium thiosulphate or of hydrogen peroxide, then rinse: what is left goes on eating ' +
      'the cloth.',
  },
]
const REMOVER_CAUTIONS: readonly TextWithId[] = [
  {
    id: 'remover-fumes',
    text: 'Colour remover smells of sulphur: out of doors or under the hood, not with asthma, never beside bleach.',
  },
  {
    id: 'remover-damp',
    text:
      'Keep sodium dithionite dry, closed and away from acids until you use it: damp powder heats up by itself and ' +
      'can catch fire. Stir the powder into plenty of water, never a little water onto the powder.',
  },
  { id: 'remover-pot', text: 'In a pot of steel or enamel that is never cooked in again; gloves.' },
]

/** Whether the old colour can be taken out, as far as the fibres allow. Common practice; the packet comes first. */
export function stripFor(mix: readonly MixPart[]): Strip {
  const holds = (likeness: Likeness) => shareOf({ mix }, fibresOf(likeness)) > COUNTS
  const isOf = (likeness: Likeness) => shareOf({ mix }, fibresOf(likeness)) >= 0.98
  if (holds('protein'))
    return no(
      'strip-never-protein',
      'Not this: bleach dissolves wool and silk, and what takes the dye out takes the hand.',
    )
  if (holds('elastic'))
    return no('strip-never-elastane', 'Not this: bleach and heat eat the elastane, and it never springs back.')
  if (isOf('bears-bleach'))
    return {
      advised: true,
      id: 'strip-cellulose',
      text:
        'A colour remover (sodium dithionite) in hot water first; only if it leaves too much, thin bleach in cold ' +
        'water for minutes, watched. A snip first: some dyes turn another colour instead of going.',
      cautions: [...REMOVER_CAUTIONS, ...CHLORINE_CAUTIONS],
    }
  if (isOf('cellulose'))
    return {
      advised: true,
      id: 'strip-regenerated',
      text: 'A colour remover (sodium dithionite) in hot water, handled softly: wet it is weak. No bleach on it.',
      cautions: [...REMOVER_CAUTIONS],
    }
  return no(
    'strip-synthetic',
    'Not at home: the colour lies inside fibres that let nothing out without solvents, or was spun in.',
  )
}

const no = (id: string, text: string): Strip => ({ advised: false, id, text, cautions: [] })
