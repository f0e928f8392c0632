import { namedCloths } from '../cloths/catalogue'
import { offerFrom } from '../fabric/offer'
import { type Offer } from '../fabric/types'
import { SEW_SCHOOLS } from '../sew/schools'
import { type Machine } from '../sew/sewCase'
import { DETAILS, GARMENTS, type Detail, type Garment } from '../vocabulary/choosing'

/** A fabric, with what is made of it and how. */
export interface StatementCase {
  words: string
  offer: Offer
  garment?: Garment
  details?: readonly Detail[]
  schools?: Readonly<Record<string, string>>
  machine?: Partial<Machine>
  lined?: boolean
}

/** Fabrics on which garments and details are tried: one of each kind. */
const TYPICAL = [
  'lawn',
  'challis',
  'charmeuse',
  'denim',
  'velvet',
  'jersey',
  'swim knit',
  'coating',
  'tulle',
  'leather',
]

/** Every named fabric by itself, and typical ones made up into everything, with every detail and by every school. */
export function toldCases(): StatementCase[] {
  const own = namedCloths.map(({ name }) => ({ words: name.uk, offer: offerFrom({ called: name.uk }) }))
  const made = TYPICAL.flatMap((called): StatementCase[] => {
    const offer = offerFrom({ called })
    return [
      ...GARMENTS.map((garment) => ({ words: `${called}, ${garment}`, offer, garment })),
      ...DETAILS.map((detail) => ({ words: `${called}, ${detail}`, offer, details: [detail] })),
      ...Object.entries(SEW_SCHOOLS).flatMap(([school, { sides }]) =>
        sides.map((side) => ({ words: `${called}, ${side}`, offer, schools: { [school]: side } })),
      ),
    ]
  })
  return [...own, ...made, ...withMachines(), ...UNUSUAL]
}

/** What no name alone brings. */
const UNUSUAL: readonly StatementCase[] = [
  { words: 'a fabric of no name', offer: offerFrom({}) },
  { words: 'fine silk', offer: offerFrom({ fibres: ['silk'], gsm: 60, construction: 'woven' }) },
  { words: 'heavy wool', offer: offerFrom({ fibres: ['wool'], gsm: 450, construction: 'woven' }) },
  { words: 'a springy woven', offer: offerFrom({ gsm: 200, construction: 'woven', stretchPercent: { width: 40 } }) },
  { words: 'lined coating, blazer', offer: offerFrom({ called: 'coating' }), garment: 'blazer', lined: true },
  { words: 'lined linen, blazer', offer: offerFrom({ called: 'linen' }), garment: 'blazer', lined: true },
  { words: 'lined tweed, coat', offer: offerFrom({ called: 'tweed' }), garment: 'coat', lined: true },
  { words: 'lined chiffon, blazer', offer: offerFrom({ called: 'chiffon' }), garment: 'blazer', lined: true },
  { words: 'a dark satin', offer: offerFrom({ called: 'satin', colour: '#101010' }) },
  { words: 'a striped lawn', offer: offerFrom({ called: 'lawn', repeatMm: 40 }) },
  { words: 'thick vinyl', offer: offerFrom({ called: 'vinyl', gsm: 600 }) },
  { words: 'glass fibre', offer: offerFrom({ fibres: ['glass'], gsm: 200 }), garment: 'curtain' },
]

/** What hangs on the machine, and on what is known of this very length. */
function withMachines(): StatementCase[] {
  return ['chambray', 'velvet', 'tweed', 'lawn'].flatMap((called): StatementCase[] => {
    const offer = offerFrom({ called })
    return [
      { words: `${called}, everything at hand`, offer, machine: { overlocker: true, walkingFoot: true } },
      { words: `${called}, needles from 90`, offer, machine: { smallestNeedle: 90 } },
      {
        words: `${called}, striped, a walking foot`,
        offer: offerFrom({ called, repeatMm: 40 }),
        machine: { walkingFoot: true },
      },
      { words: `${called}, washed`, offer: offerFrom({ called, washed: true }) },
      { words: `${called}, printed`, offer: offerFrom({ called, coloured: 'printed' }) },
      { words: `${called}, with a nap`, offer: offerFrom({ called, nap: true }) },
      { words: `${called}, dark`, offer: offerFrom({ called, colour: '#101010' }) },
    ]
  })
}
