import { type NamedCloth } from '@/core/cloths/types'
import { PieceSchema } from '@/core/notebook/kinds/piece'
import { FIBRE_IDS } from '@/core/vocabulary/fibres'
import { SORTINGS, THINGS } from '@/core/vocabulary/stash'
import { WASH_STATES } from '@/core/vocabulary/cloth'
import { CARE_IDS } from '@/core/vocabulary/care'
import { type Draw } from './bigNotebook'

const ROOMS = ['Loft', 'Press', 'Stage left', 'Under the stage', 'Boat house', 'Long shelf', 'Cellar', 'Landing']
/** Two hundred locations, and nowhere. */
const PLACES = [
  ...Array.from({ length: 200 }, (_, i) => `${ROOMS[i % ROOMS.length]}, box ${Math.floor(i / ROOMS.length) + 1}`),
  '',
]
export const WORDS = [
  'lobby',
  'terrace',
  'winter garden',
  'night',
  'laundry',
  'ballroom',
  'staff',
  'lounge',
  'blind',
  'sash',
]
const LONG = ' from above the canal, never washed'

/** A piece of that cloth: measured or not, named shortly or at length, plain or patterned. */
export function inventedPiece(
  { chance, one, between }: Draw,
  index: number,
  cloth: NamedCloth,
  { picture, ...of }: { lotId: string | null; cutFromId: string | null; heapId: string | null; picture?: string },
) {
  const colour = () => `#${between(0, 0xffffff).toString(16).padStart(6, '0')}`
  return PieceSchema.parse({
    ...of,
    name: `${one(WORDS)} ${cloth.name.uk} ${index}${chance() < 0.05 ? LONG : ''}`,
    called: chance() < 0.8 ? cloth.name.uk : '',
    place: one(PLACES),
    thing: chance() < 0.8 ? 'cloth' : one(THINGS),
    washed: one(WASH_STATES),
    widthMm: chance() < 0.8 ? between(900, 1600) : null,
    lengthMm: chance() < 0.8 ? between(300, 5300) : null,
    claim: chance() < 0.6 ? [{ fibre: one(FIBRE_IDS), percent: 100 }] : [],
    care: chance() < 0.2 ? [one(CARE_IDS)] : [],
    price: chance() < 0.5 ? { amount: between(1, 30), currency: '£', per: 'metre' } : null,
    tags: chance() < 0.3 ? [one(WORDS)] : [],
    sorting: chance() < 0.2 ? one(SORTINGS) : null,
    got: `20${between(15, 25)}-0${between(1, 9)}-1${between(0, 9)}`,
    notes: chance() < 0.3 ? `Smells of the ${one(WORDS)}. ${one(ROOMS)} before that.` : '',
    ...(picture && { pictures: [{ name: picture, says: '' }], face: 'picture', colours: [colour(), colour()] }),
    look: {
      warp: colour(),
      weft: colour(),
      accent: chance() < 0.3 ? colour() : null,
      colouring: one(['plain', 'plain', 'stripe', 'check']),
    },
  })
}
