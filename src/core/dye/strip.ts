import { type Phrase, type TextWithId } from '../text/text'
import { shareOf } from '../fabric/mix'
import { type MixPart } from '../fabric/types'
import { fibresOf, type Likeness } from '../fibres/traits'

export interface Strip {
  advised: boolean
  id: string
  text: Phrase
  cautions: TextWithId[]
}

/** So much of a fibre is no slip of the label. */
const COUNTS = 0.02

const CHLORINE_CAUTIONS: readonly TextWithId[] = [
  {
    id: 'bleach-alone',
    text: 'Never mix bleach with acid, vinegar, ammonia, alcohol or any other cleaner: the gas harms the lungs.',
  },
  {
    id: 'bleach-eyes',
    text: 'Gloves and eye protection, cold water, open windows; rinse a splash for 15 minutes.',
  },
  {
    id: 'bleach-stop',
    text:
      'Stop it with a bath of sodium thiosulphate or of hydrogen peroxide, then rinse: bleach left ' +
      'in the fabric keeps damaging it.',
  },
]
const REMOVER_CAUTIONS: readonly TextWithId[] = [
  {
    id: 'remover-fumes',
    text:
      'Colour remover smells of sulphur: use it outdoors or under the hood, not with asthma, never ' + 'near bleach.',
  },
  {
    id: 'remover-damp',
    text:
      'Keep sodium dithionite dry, closed and away from acids until you use it: damp powder heats up by itself and ' +
      'can catch fire. Stir the powder into plenty of water, never a little water onto the powder.',
  },
  { id: 'remover-pot', text: 'Use a steel or enamel pot that you never cook in again; wear gloves.' },
]

/** Whether the old colour can be taken out, as far as the fibres allow. Common practice; the packet comes first. */
export function stripFor(mix: readonly MixPart[]): Strip {
  const holds = (likeness: Likeness) => shareOf({ mix }, fibresOf(likeness)) > COUNTS
  const isOf = (likeness: Likeness) => shareOf({ mix }, fibresOf(likeness)) >= 0.98
  if (holds('protein'))
    return no('strip-never-protein', 'Don’t: bleach dissolves wool and silk, and removing the dye ruins the handle.')
  if (holds('elastic'))
    return no('strip-never-elastane', 'Don’t: bleach and heat destroy elastane, and it never recovers.')
  if (isOf('bears-bleach'))
    return {
      advised: true,
      id: 'strip-cellulose',
      text:
        'First a colour remover (sodium dithionite) in hot water; only if it leaves too much, weak ' +
        'bleach in cold water for minutes, watched. Test a snip first: some dyes change colour instead ' +
        'of disappearing.',
      cautions: [...REMOVER_CAUTIONS, ...CHLORINE_CAUTIONS],
    }
  if (isOf('cellulose'))
    return {
      advised: true,
      id: 'strip-regenerated',
      text: 'A colour remover (sodium dithionite) in hot water, handled gently: it is weak when wet. No bleach.',
      cautions: [...REMOVER_CAUTIONS],
    }
  return no(
    'strip-synthetic',
    'Not at home: the colour is inside fibres that release it only to solvents, or was spun in.',
  )
}

const no = (id: string, text: string): Strip => ({ advised: false, id, text, cautions: [] })
