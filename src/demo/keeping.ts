import { type PieceInput } from '../core/notebook/kinds/piece'
import { type Cut } from '../core/notebook/cut'

/** How long before today something was done, days. */
type DaysAgo = number

export interface DemoLot {
  name: string
  source: string
  got: DaysAgo
  notes: string
  /** Pieces of it that are told elsewhere, by name. */
  pieces: readonly string[]
  /** And what else it is of: the same cloth, not looked at by itself. */
  others: readonly PieceInput[]
}

const HOTEL = 'the closed seaside hotel'

/** What was bought together. All invented, like everything here. */
export const demoLots: readonly DemoLot[] = [
  {
    name: 'Lobby curtains, sea green',
    source: HOTEL,
    got: 180,
    notes: 'Three of one fabric, off the first barge; paid by the metre.',
    pieces: ['Lobby curtain, sea green'],
    others: [
      {
        name: 'Lobby curtain, its twin',
        called: 'curtain lining',
        construction: 'woven',
        widthMm: 1370,
        lengthMm: 2400,
        place: 'Sail loft, long shelf',
        source: HOTEL,
        washed: 'unwashed',
        look: { warp: '#2f6f63', weft: '#3f8a7b', accent: null, colouring: 'plain' },
      },
      {
        name: 'Lobby pelmet, sea green',
        called: 'curtain lining',
        construction: 'woven',
        widthMm: 400,
        lengthMm: 2600,
        place: 'Sail loft, long shelf',
        source: HOTEL,
        washed: 'unwashed',
        look: { warp: '#2f6f63', weft: '#3f8a7b', accent: null, colouring: 'plain' },
      },
    ],
  },
]

/** More is known of some pieces than what they are: prices, days, tags, ideas, care. */
export const demoMore: Readonly<Record<string, Partial<PieceInput> & { cameDaysAgo?: DaysAgo }>> = {
  'Lobby curtain, sea green': {
    cameDaysAgo: 180,
    price: { amount: 1.5, currency: '€', per: 'metre' },
    tags: ['sea', 'backdrop'],
    ideas: 'The water in the heron play, in three layers.',
    care: ['wash-40', 'bleach-never', 'tumble-never', 'iron-150'],
  },
  'Dining room cloth, white damask': {
    cameDaysAgo: 180,
    price: { amount: 4, currency: '€', per: 'all' },
    care: ['wash-60', 'iron-200'],
    tags: ['white'],
  },
  'Porter’s trousers cloth': {
    cameDaysAgo: 180,
    price: { amount: 2, currency: '€', per: 'metre' },
    tags: ['uniform'],
  },
  'Chambermaid blue': { cameDaysAgo: 150, price: { amount: 1.2, currency: '€', per: 'metre' }, tags: ['uniform'] },
  'Concierge overcoating': { cameDaysAgo: 150, price: { amount: 9, currency: '€', per: 'all' } },
  'Tea terrace gingham': { cameDaysAgo: 96, price: { amount: 0.9, currency: '€', per: 'metre' } },
  'Palm court viscose': { cameDaysAgo: 96, price: { amount: 2.4, currency: '€', per: 'metre' }, tags: ['drapes'] },
  'Laundry calico': { cameDaysAgo: 61, price: { amount: 3, currency: '€', per: 'kilogram' }, tags: ['toiles'] },
}

/** A heap that is half sorted. */
export const demoHeap = {
  name: 'Second barge: two laundry hampers',
  place: 'Wicker hamper under the stage',
  begun: 6 as DaysAgo,
  pieces: [
    { name: 'Guest sheet, monogrammed', thing: 'sheet-double', called: 'percale', sorting: 'keep', grey: '#e8e6de' },
    { name: 'Breakfast napkins, six', thing: 'napkin', called: 'table linen', sorting: 'cut-up', grey: '#dcd7c6' },
    { name: 'Night porter’s coat', thing: 'coat', called: 'melton', sorting: 'cut-up', grey: '#2c3038' },
    { name: 'Pool attendant’s shirt', thing: 'shirt', called: 'piqué', sorting: 'give-away', grey: '#f2efe4' },
    { name: 'Bundle of glazed curtain', thing: 'curtain', called: '', sorting: 'test', grey: '#a9876a' },
  ],
} as const

/** Offcuts and opened garments with outlines, mm, warp upright. */
export const demoPieceOutlines: readonly { piece: PieceInput; from?: string }[] = [
  {
    piece: {
      name: 'Porter’s trousers, left leg opened',
      thing: 'trousers',
      called: 'gabardine',
      place: 'Wicker hamper under the stage',
      look: { warp: '#3b4350', weft: '#2f3641', accent: null, colouring: 'plain' },
      claim: [{ fibre: 'wool', percent: 100 }],
      outline: {
        points: [
          [0, 0],
          [420, 0],
          [520, 260],
          [470, 700],
          [440, 1040],
          [90, 1040],
          [60, 700],
          [-60, 300],
        ],
        holes: [
          [
            [330, 60],
            [400, 60],
            [400, 220],
            [330, 220],
          ],
        ],
      },
    },
  },
  {
    piece: {
      name: 'Gingham offcut with a bite out of it',
      thing: 'offcut',
      called: 'gingham',
      place: 'Sail loft, low shelf',
      look: { warp: '#b04a4a', weft: '#b04a4a', accent: '#f4efe4', colouring: 'check' },
      outline: {
        points: [
          [0, 0],
          [600, 0],
          [600, 420],
          [380, 420],
          [320, 250],
          [200, 260],
          [180, 420],
          [0, 420],
        ],
        holes: [],
      },
    },
    from: 'Tea terrace gingham',
  },
]

/** What was cut from pieces since they came. */
export const demoCuts: readonly (Omit<Cut, 'pieceId'> & { piece: string; daysAgo: DaysAgo })[] = [
  {
    piece: 'Lobby curtain, sea green',
    daysAgo: 120,
    lengthMm: 1400,
    what: 'the ferryman’s cloak',
    offcuts: [{ name: 'Sea green, strip along the hem', widthMm: 1370, lengthMm: 220, outline: null }],
  },
  { piece: 'Laundry calico', daysAgo: 40, lengthMm: 900, what: 'a toile of the heron’s neck', offcuts: [] },
  { piece: 'Palm court viscose', daysAgo: 15, lengthMm: 700, what: 'two scarves', offcuts: [] },
]

/** Pieces that were photographed, and how their weave is. */
export const demoPhotographed = [
  { piece: 'Chambermaid blue', of: 'plain', endsPerCm: 30, picksPerCm: 26 },
  { piece: 'Porter’s trousers cloth', of: 'twill', endsPerCm: 34, picksPerCm: 24 },
  { piece: 'Laundry calico', of: 'plain', endsPerCm: 22, picksPerCm: 20 },
] as const
