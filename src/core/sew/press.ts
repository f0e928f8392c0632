import { type Phrase, joinTexts } from '../text/text'
import { hasMeltingPile } from '../fabric/handling'
import { materialById } from '../materials/materials'
import { countNoun } from '../units/format'
import { materialSteams } from './materialRules'
import { chooseSafest, type Chosen, type Rule } from './rule'
import { type SewCase } from './sewCase'

export const STEAM_RULES: readonly Rule<boolean>[] = [
  { id: 'steam-usual', when: () => true, gives: true, text: 'With steam.', safety: 0 },
  {
    id: 'steam-no-silk',
    when: (c) => c.isMostly('silken'),
    gives: false,
    text: 'Without steam: drops leave rings on silk.',
    safety: 3,
  },
  {
    id: 'steam-no-acetate',
    when: (c) => c.holds('acetate'),
    gives: false,
    text: 'Without steam: acetate spots and softens.',
    safety: 3,
  },
  {
    id: 'steam-no-film',
    when: (c) => c.isFilm,
    gives: false,
    text: 'Hardly at all, dry, on the backing: a film softens and blisters.',
    safety: 5,
  },
  {
    id: 'steam-no-melting-pile',
    when: (c) => hasMeltingPile(c.offer),
    gives: false,
    text: 'No steam and no weight on it: a pile that melts glazes for good.',
    safety: 5,
  },
  {
    id: 'steam-no-cool',
    when: (c) => c.care.ironDots <= 1,
    gives: false,
    text: 'Too cool for steam: an iron at one dot drips.',
    safety: 2,
  },
  {
    id: 'steam-wool',
    when: (c) => c.isMostly('felts') && c.care.ironDots >= 2,
    gives: true,
    text:
      'Plenty of steam through a press cloth. Lift the iron and set it down, never slide it; a wooden block takes ' +
      'the heat out.',
    safety: 3,
  },
  {
    id: 'steam-pile',
    when: (c) => c.is('pile') && !hasMeltingPile(c.offer) && c.care.ironDots >= 2,
    gives: true,
    text: 'Steam held above it, pile down on a needle board or a towel; the iron never rests on it.',
    safety: 4,
  },
  {
    id: 'steam-linen-damp',
    when: (c) => c.isMostly('iron-damp'),
    gives: true,
    text: 'Iron it while it is damp: creases in dry linen stay.',
    safety: 1,
  },
  ...materialSteams,
]

export const CLOTH_RULES: readonly Rule<boolean>[] = [
  { id: 'cloth-none', when: () => true, gives: false, text: 'No press cloth needed.', safety: 0 },
  {
    id: 'cloth-shine',
    when: (c) => c.isMostly('shines-when-pressed') || c.care.ironDots <= 1 || c.isMelting,
    gives: true,
    text: 'Under a press cloth: it shines or sticks under bare metal.',
    safety: 2,
  },
  {
    id: 'cloth-silk',
    when: (c) => c.isMostly('silken'),
    gives: true,
    text: 'Under a dry cotton cloth: it marks.',
    safety: 3,
  },
  {
    id: 'cloth-surface',
    when: (c) => c.is('pile', 'coated') || c.isOf('dulled-by-iron'),
    gives: true,
    text: 'Its surface would go flat or dull: always use a press cloth.',
    safety: 3,
  },
]

export const SIDE_RULES: readonly Rule<'face' | 'wrong'>[] = [
  { id: 'side-wrong', when: () => true, gives: 'wrong', text: 'From the wrong side.', safety: 1 },
  {
    id: 'side-face',
    when: (c) => c.isWoven && c.isMostly('plant') && !c.is('pile', 'coated') && c.gsm < 260 && !isDark(c),
    gives: 'face',
    text: 'From either side: plain cotton and linen tolerate it.',
    safety: 2,
  },
  {
    id: 'side-wrong-raised',
    when: (c) => c.isOf('raised-figure'),
    gives: 'wrong',
    text: 'From the wrong side, into something soft: what is raised stays raised.',
    safety: 4,
  },
]

/** Dark cloth shines where it is pressed from its face: less light than this, 0 … 1. */
const DARK = 0.12

function isDark({ offer: { colour } }: SewCase): boolean {
  if (!colour) return false
  const [r, g, b] = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16) / 255) as [number, number, number]
  return 0.2126 * r ** 2.2 + 0.7152 * g ** 2.2 + 0.0722 * b ** 2.2 < DARK
}

export interface PressAdvice {
  ironDots: number
  steam: Chosen<boolean>
  pressCloth: Chosen<boolean>
  side: Chosen<'face' | 'wrong'>
  text: Phrase
  because: string[]
}

/** How it is pressed: the dots of its tenderest fibre (ISO 3758), steam, a cloth between, from which side. */
export function pressAdvice(c: SewCase): PressAdvice {
  const [steam, pressCloth, side] = [
    chooseSafest(STEAM_RULES, c),
    chooseSafest(CLOTH_RULES, c),
    chooseSafest(SIDE_RULES, c),
  ]
  const { ironDots } = c.care
  if (ironDots === 0) return notIroned(c.material ? materialById(c.material).press : NO_IRON.text, side)
  const dots = `Iron at ${countNoun(ironDots, 'dot')}`
  return {
    ironDots,
    steam,
    pressCloth,
    side,
    text: joinTexts([
      `${dots}.`,
      steam.text,
      ...(pressCloth.gives ? [pressCloth.text] : []),
      side.text,
      'Test on a scrap first.',
    ]),
    because: ['iron-by-tenderest', ...steam.because, ...pressCloth.because, ...side.because],
  }
}

const NO_IRON = {
  id: 'no-iron',
  text: 'Do not iron it: open the seams with a fingernail, or press them with a wooden clapper and weight.',
}

/** What bears no iron at all is pressed with fingers or wood: nothing is said of dots, steam or a cloth. */
function notIroned(text: Phrase, side: PressAdvice['side']): PressAdvice {
  const { id } = NO_IRON
  const none = { gives: false, text: '', because: [id], others: [] }
  return { ironDots: 0, steam: none, pressCloth: none, side, text, because: [id] }
}
