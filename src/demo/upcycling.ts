import { type PieceInput } from '../core/notebook/kinds/piece'
import { type z } from 'zod'
import { type GarmentSchema } from '../core/notebook/kinds/garment'
import { type NotionSchema } from '../core/notebook/kinds/notion'
import { type YarnSchema } from '../core/notebook/kinds/yarn'

const plain = (colour: string, weft = colour) => ({ warp: colour, weft, accent: null, colouring: 'plain' }) as const

interface DemoGarment {
  piece: PieceInput
  garment?: Omit<z.input<typeof GarmentSchema>, 'pieceId'>
  /** What was kept of it, where it was taken apart already. */
  kept?: readonly string[]
}

/** Clothes of the closed hotel: two taken apart, one to come, a jumper to unravel, and what was dyed and mended. */
export const demoGarments: readonly DemoGarment[] = [
  {
    piece: {
      name: 'Waiter’s shirt, large',
      thing: 'shirt',
      called: 'poplin',
      washed: 'washed-twice',
      place: 'Wicker hamper under the stage',
      claim: [
        { fibre: 'cotton', percent: 65 },
        { fibre: 'polyester', percent: 35 },
      ],
      colours: ['#eceae2'],
      look: plain('#eceae2'),
    },
    garment: { chestMm: 1180, lengthMm: 790, sleeveMm: 620, seams: 'flat-felled', worn: ['collar'] },
    kept: ['buttons', 'labels'],
  },
  {
    piece: {
      name: 'Lift boy’s trousers',
      thing: 'trousers',
      called: 'gabardine',
      washed: 'washed',
      place: 'Wicker hamper under the stage',
      claim: [{ fibre: 'wool', percent: 100 }],
      colours: ['#6d2430'],
      look: plain('#6d2430', '#5f1f2a'),
    },
    garment: { hipMm: 920, lengthMm: 960, seams: 'plain', worn: ['seat', 'knees'] },
    kept: ['zip', 'hooks', 'labels'],
  },
  {
    piece: {
      name: 'Chambermaid’s dress, blue',
      thing: 'dress',
      called: 'chambray',
      washed: 'washed-twice',
      place: 'Wicker hamper under the stage',
      claim: [{ fibre: 'cotton', percent: 100 }],
      colours: ['#6f8fb3'],
      look: plain('#7f9cbc', '#dfe5ea'),
      tags: ['to take apart'],
    },
    garment: {
      chestMm: 1020,
      hipMm: 1080,
      lengthMm: 1080,
      seams: 'overlocked',
      worn: ['underarms'],
      places: [
        { panel: 'back', is: 'stained', x: 0.3, y: 0.25, acrossMm: 120, onEach: false },
        { panel: 'front', is: 'faded', x: 0.6, y: 0.7, acrossMm: 220, onEach: false },
      ],
    },
  },
  {
    piece: {
      name: 'Boatman’s jumper, oatmeal',
      thing: 'jumper',
      called: 'sweater knit',
      construction: 'knit',
      washed: 'washed',
      place: 'Sail loft, low shelf',
      claim: [{ fibre: 'wool', percent: 100 }],
      colours: ['#c9b797'],
      look: plain('#c9b797', '#bfae8d'),
      ideas: 'Seams are linked: unravel it for the heron’s stockings.',
    },
  },
  {
    piece: {
      name: 'Dining-room curtain, dyed slate',
      thing: 'curtain',
      called: 'canvas',
      washed: 'washed-twice',
      place: 'Sail loft, low shelf',
      claim: [{ fibre: 'cotton', percent: 100 }],
      colours: ['#4d5a66'],
      look: plain('#4d5a66', '#46525d'),
      tags: ['dyed'],
      notes: 'Was primrose. Dyed slate with a fibre-reactive dye, 30 g to 1.2 kg; seams in polyester stayed yellow.',
    },
  },
  {
    piece: {
      name: 'Ferryman’s waistcoat, mended',
      thing: 'jacket',
      called: 'melton',
      washed: 'washed',
      place: 'Wardrobe rail',
      claim: [{ fibre: 'wool', percent: 100 }],
      colours: ['#2f3f4f'],
      look: plain('#2f3f4f', '#293846'),
      tags: ['mended'],
      notes:
        'Moth at the left front: felted with wool from its own hem. A patch of the porter’s coat behind the pocket.',
    },
  },
]

/** Things that lay in the box before. */
export const demoNotions: readonly z.input<typeof NotionSchema>[] = [
  {
    kind: 'buttons',
    name: 'Brass anchor buttons',
    count: 14,
    sizeMm: 22,
    colour: '#b8933f',
    place: 'Tin with the swan',
  },
  {
    kind: 'buttons',
    name: 'Shirt buttons, white',
    count: 36,
    sizeMm: 11,
    colour: '#f4f1e8',
    place: 'Tin with the swan',
  },
  { kind: 'zip', name: 'Metal zip, opens at the end', count: 1, sizeMm: 600, place: 'Drawer by the machine' },
  { kind: 'elastic', name: 'Flat elastic, soft', count: 1, sizeMm: 3200, place: 'Drawer by the machine' },
  {
    kind: 'tape',
    name: 'Heading tape off the lobby curtains',
    count: 3,
    sizeMm: 2700,
    place: 'Sail loft, low shelf',
  },
  { kind: 'lace', name: 'Crocheted edging off guest sheets', count: 1, sizeMm: 4100, colour: '#efe9da' },
]

export const demoYarns: readonly z.input<typeof YarnSchema>[] = [
  {
    name: 'Grey wool off the porter’s cardigan',
    fibres: ['wool'],
    grams: 310,
    wrapsPerInch: 11,
    colour: '#8a8d90',
    place: 'Sail loft, low shelf',
  },
]
