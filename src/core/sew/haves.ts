import { FOOT_WORDS, type Foot } from '../vocabulary/making'
import { type SewAdvice } from './advice'
import { inMm } from '../text/amounts'
import { type Phrase, lowerFirst, phrase } from '../text/text'

/** What the person has, as far as advice asks for it. */
export interface Haves {
  feet: readonly Foot[]
  steamIron: boolean
}

/** What an advice would like, and what does instead. Common practice. */
export interface Instead {
  id: string
  /** What it is about. */
  about: 'foot' | 'hems' | 'pressing'
  text: Phrase
}

interface Wish {
  about: Instead['about']
  foot: Foot
  /** Whether this advice would like it. */
  wants: (advice: SewAdvice) => boolean
  instead: Phrase
}

const WISHES: readonly Wish[] = [
  {
    about: 'foot',
    foot: 'non-stick',
    wants: ({ foot }) => foot.id === 'non-stick',
    instead: 'Put a strip of tissue between foot and film, and tear it off afterwards.',
  },
  {
    about: 'foot',
    foot: 'straight',
    wants: ({ foot }) => foot.id === 'straight-stitch',
    instead: 'Move the needle to the side, close to the plate’s edge, with tissue under the start.',
  },
  {
    about: 'hems',
    foot: 'rolled-hem',
    wants: ({ hems }) => hems[0]?.id === 'rolled',
    instead: phrase`Sew ${inMm(6)} from the edge, press on the stitches, fold twice; or roll it by hand.`,
  },
  {
    about: 'hems',
    foot: 'blind-hem',
    wants: ({ hems }) => hems[0]?.id === 'single-blind',
    instead: 'By hand, one thread of the fold at each stitch: it shows least.',
  },
]

/** What is advised and not at hand: what does instead, and that it is worth buying. */
export function insteadOf(advice: SewAdvice, { feet, steamIron }: Haves): Instead[] {
  const missing = WISHES.filter(({ foot, wants }) => !feet.includes(foot) && wants(advice)).map(
    ({ about, foot, instead }): Instead => ({
      id: `no-${foot}`,
      about,
      text: phrase`You have no ${FOOT_WORDS[foot]}: worth buying if you often sew such fabric. Until then:
        ${lowerFirst(instead)}`,
    }),
  )
  if (steamIron || !advice.pressing.steam) return missing
  const dry =
    'Your iron makes no steam: a damp cotton cloth between iron and fabric does the same; test it ' + 'on a scrap.'
  return [...missing, { id: 'no-steam-iron', about: 'pressing', text: dry }]
}
