import { type TestSetup } from '../core/notebook/kinds/burnTest'
import { type PieceInput } from '../core/notebook/kinds/piece'
import { type demoBurns } from './burns'

export interface DemoPiece {
  piece: PieceInput
  burn?: keyof typeof demoBurns
  /** What is known of its past. */
  past?: TestSetup['history']
  /** Weighings: grams, then length and width in mm; the scale steps by 1 g and each side is true to 2 mm. */
  weighed?: readonly (readonly [grams: number, lengthMm: number, widthMm: number])[]
}

const HOTEL = 'the closed seaside hotel'
const [LOFT, LOW, BASKET] = ['Sail loft, long shelf', 'Sail loft, low shelf', 'Wicker hamper under the stage']

const CURTAIN = { thing: 'curtain', body: 'moderate', opacity: 'opaque', washed: 'washed' } as const
/** A curtain that a cat got at, and one whose foot was cut off askew, mm. */
const ODD_LEFT: [number, number][] = [
  [0, 0],
  [1180, 0],
  [1180, 1460],
  [420, 1460],
  [330, 1180],
  [0, 1120],
]
const ODD_RIGHT: [number, number][] = [
  [0, 110],
  [1200, 0],
  [1200, 1240],
  [0, 1240],
]

/** The wardrobe of a small puppet theatre on a canal island, after the hotel's cloth came by barge. All invented. */
export const demoPieces: readonly DemoPiece[] = [
  known(
    'Lobby curtain, sea green',
    'curtain lining',
    LOFT,
    { warp: '#3f7d70', weft: '#4a8a7b' },
    {
      widthMm: 1370,
      lengthMm: 6200,
      body: 'moderate',
      opacity: 'opaque',
      washed: 'unwashed',
      claim: [{ fibre: 'cotton', percent: 100 }],
    },
    'cottony',
    [[198, 1000, 1370]],
  ),
  known(
    'Dining room cloth, white damask',
    'table damask',
    LOFT,
    { warp: '#efece2', weft: '#e2ddcf' },
    {
      widthMm: 1780,
      lengthMm: 2600,
      body: 'moderate',
      opacity: 'opaque',
      washed: 'washed',
      notes: 'A wine stain near one corner; the rest is sound.',
    },
    'linenLike',
    [[221, 600, 1780]],
  ),
  known(
    'Porter’s trousers cloth',
    'gabardine',
    LOFT,
    { warp: '#3b4350', weft: '#2f3641' },
    {
      widthMm: 1500,
      lengthMm: 3100,
      body: 'moderate',
      opacity: 'opaque',
      washed: 'unknown',
      claim: [{ fibre: 'wool', percent: 100 }],
    },
    'woolNylon',
    [[201, 500, 1500]],
  ),
  known(
    'Chambermaid blue',
    'chambray',
    LOFT,
    { warp: '#5f7fa6', weft: '#e8e6df' },
    { widthMm: 1140, lengthMm: 4300, body: 'soft', opacity: 'opaque', washed: 'washed', stretchWidthPercent: 3 },
    'polyCotton',
    [[170, 1000, 1140]],
  ),
  known(
    'Ballroom lining, champagne',
    'lining',
    LOW,
    { warp: '#dcc79b', weft: '#d2b985' },
    { widthMm: 1400, lengthMm: 9000, body: 'soft', opacity: 'opaque', washed: 'unwashed' },
    'acetate',
    [[105, 1000, 1400]],
  ),
  known(
    'Suite bedspread, rust velvet',
    'velvet',
    LOW,
    { warp: '#8f4529', weft: '#7a3a22' },
    {
      widthMm: 1380,
      lengthMm: 2200,
      body: 'soft',
      opacity: 'opaque',
      washed: 'unwashed',
      claim: [{ fibre: 'silk', percent: 100 }],
    },
    'polyester',
    [[379, 1000, 1380]],
  ),
  known(
    'Beach awning stripe',
    'ticking',
    LOW,
    { warp: '#ece7d8', weft: '#e4dcc8', accent: '#2f5f86', colouring: 'stripe' },
    { widthMm: 1520, lengthMm: 5400, body: 'crisp', opacity: 'opaque', washed: 'unwashed' },
    'cottony',
    [[372, 1000, 1520]],
  ),
  known(
    'Housekeeper’s scarf square',
    'silk twill',
    BASKET,
    { warp: '#7b3a52', weft: '#8c4a61', accent: '#e2c88d', colouring: 'print' },
    {
      widthMm: 900,
      lengthMm: 900,
      body: 'fluid',
      opacity: 'semi-sheer',
      washed: 'washed',
      claim: [{ fibre: 'silk', percent: 100 }],
    },
    'silky',
    [[53, 900, 900]],
  ),
  known(
    'Pool attendants’ jersey',
    'jersey',
    BASKET,
    { warp: '#d9a441', weft: '#d9a441' },
    {
      construction: 'knit',
      widthMm: 1600,
      lengthMm: 1900,
      body: 'soft',
      opacity: 'opaque',
      stretchWidthPercent: 38,
      washed: 'washed',
      claim: [
        { fibre: 'cotton', percent: 95 },
        { fibre: 'elastane', percent: 5 },
      ],
    },
    undefined,
    [[289, 1000, 1600]],
  ),
  known(
    'Swimming cap lining',
    'swimwear knit',
    BASKET,
    { warp: '#1f3f5f', weft: '#1f3f5f' },
    {
      construction: 'knit',
      widthMm: 1500,
      lengthMm: 2100,
      body: 'soft',
      opacity: 'opaque',
      stretchWidthPercent: 85,
      washed: 'unknown',
    },
    'nylon',
    [[285, 1000, 1500]],
  ),
  known(
    'Concierge overcoating',
    'coating',
    LOFT,
    { warp: '#4d4136', weft: '#3b322a' },
    { widthMm: 1500, lengthMm: 2700, body: 'crisp', opacity: 'opaque', washed: 'unwashed' },
    'woolly',
    [[360, 500, 1500]],
  ),
  known(
    'Tea terrace gingham',
    'gingham',
    LOFT,
    { warp: '#efe9dc', weft: '#efe9dc', accent: '#a8433a', colouring: 'check' },
    { widthMm: 1120, lengthMm: 3400, body: 'moderate', opacity: 'opaque', washed: 'washed' },
    'cottony',
    [[137, 1000, 1120]],
  ),
  known(
    'Palm court viscose',
    'viscose twill',
    LOFT,
    { warp: '#355e3b', weft: '#2d5233', accent: '#dccf9c', colouring: 'print' },
    { widthMm: 1420, lengthMm: 3800, body: 'fluid', opacity: 'opaque', washed: 'unwashed' },
    'viscoseLike',
    [[213, 1000, 1420]],
  ),
  known(
    'Kitchen huckaback',
    'huckaback',
    LOW,
    { warp: '#ece8dc', weft: '#e2dccb', accent: '#a8433a', colouring: 'stripe' },
    {
      widthMm: 600,
      lengthMm: 7400,
      body: 'moderate',
      opacity: 'opaque',
      washed: 'washed',
      claim: [
        { fibre: 'linen', percent: 55 },
        { fibre: 'cotton', percent: 45 },
      ],
    },
    undefined,
    [[121, 1000, 600]],
  ),
  known(
    'Verandah net',
    'net',
    BASKET,
    { warp: '#f3f0e6', weft: '#f3f0e6' },
    {
      construction: 'net',
      widthMm: 2800,
      lengthMm: 5200,
      body: 'crisp',
      opacity: 'sheer',
      washed: 'unwashed',
      claim: [{ fibre: 'polyester', percent: 100 }],
    },
    undefined,
    [[112, 1000, 2800]],
  ),
  known(
    'Bellboy red melton',
    'melton',
    LOW,
    { warp: '#8e2c28', weft: '#82261f' },
    { construction: 'felted', widthMm: 1480, lengthMm: 1300, body: 'stiff', opacity: 'opaque', washed: 'unwashed' },
    'woolly',
    [[407, 500, 1480]],
  ),
  known(
    'Smoking room chair, leather',
    'leather',
    LOW,
    { warp: '#6b4630', weft: '#6b4630' },
    { construction: 'hide', widthMm: 900, lengthMm: 1400, body: 'moderate', opacity: 'opaque', washed: 'unwashed' },
    undefined,
    [[79, 300, 300]],
  ),
  known(
    'Bath house waffle',
    'waffle',
    LOW,
    { warp: '#e7dcc6', weft: '#e0d3b8' },
    { widthMm: 1500, lengthMm: 2900, body: 'soft', opacity: 'opaque', stretchWidthPercent: 8, washed: 'washed' },
    'cottony',
    [[352, 1000, 1500]],
  ),
  known(
    'Laundry calico',
    'calico',
    LOFT,
    { warp: '#e6dcc2', weft: '#ded2b4' },
    {
      widthMm: 1500,
      lengthMm: 12000,
      body: 'moderate',
      opacity: 'opaque',
      washed: 'washed',
      claim: [{ fibre: 'cotton', percent: 100 }],
    },
    undefined,
    [[216, 1000, 1500]],
  ),
  known(
    'Games room corduroy',
    'corduroy',
    LOW,
    { warp: '#6f5a34', weft: '#6f5a34' },
    { widthMm: 1400, lengthMm: 1700, body: 'moderate', opacity: 'opaque', washed: 'washed' },
    'cottony',
    [[393, 1000, 1400]],
  ),
  mystery(
    'Bolt with the chewed ticket',
    LOFT,
    { warp: '#6a5d7b', weft: '#75698a' },
    { widthMm: 1480, lengthMm: 7800 },
  ),
  mystery(
    'Staff sash, shiny',
    BASKET,
    { warp: '#a67c1e', weft: '#b98d2c' },
    {
      widthMm: 320,
      lengthMm: 1900,
      claim: [{ fibre: 'silk', percent: 100 }],
      notes: 'Its ticket says silk. It does not feel like it.',
    },
    'odd',
    [[14, 320, 400]],
  ),
  mystery(
    'Grey remnant from the boiler room',
    LOW,
    { warp: '#77787a', weft: '#6a6b6d' },
    {
      widthMm: 900,
      lengthMm: 1200,
      notes:
        'Old and stiff, from round a pipe. Do not burn it before somebody who knows has looked: it may ' +
        'be heat-resistant fabric.',
    },
  ),
  mystery(
    'Curtain with no name',
    LOFT,
    { warp: '#b7a27a', weft: '#a8926a', accent: '#6b4a2f', colouring: 'stripe' },
    { widthMm: 1350, lengthMm: 4400 },
    'hurried',
    [[330, 1000, 1350]],
  ),
  mystery(
    'Pinkish bundle, very soft',
    BASKET,
    { warp: '#d9a69c', weft: '#d09a8f' },
    { widthMm: 1120, lengthMm: 2300 },
    'interrupted',
  ),
  {
    ...known(
      'Winter garden shawl cloth',
      'twill',
      BASKET,
      { warp: '#5f4a3d', weft: '#a98f6a' },
      { widthMm: 1400, lengthMm: 1600, body: 'soft', opacity: 'opaque', washed: 'unknown' },
      'warpAndWeft',
      [[202, 600, 1400]],
    ),
    past: { kind: 'blanket', made: { before: 1950 } },
  },
  known(
    'Card room curtain, left',
    'linen sheeting',
    BASKET,
    { warp: '#8a8f6a', weft: '#7d8260' },
    { ...CURTAIN, widthMm: 1180, lengthMm: 1460, outline: { points: [...ODD_LEFT], holes: [] } },
    undefined,
    [[270, 1000, 1180]],
  ),
  known(
    'Card room curtain, right',
    'linen sheeting',
    BASKET,
    { warp: '#8a8f6a', weft: '#7d8260' },
    { ...CURTAIN, widthMm: 1200, lengthMm: 1240, outline: { points: [...ODD_RIGHT], holes: [] } },
  ),
  known(
    'Banquet tablecloth, stained',
    'linen sheeting',
    BASKET,
    { warp: '#e9e2cf', weft: '#e4dcc6' },
    {
      thing: 'tablecloth',
      widthMm: 1300,
      lengthMm: 1700,
      body: 'moderate',
      opacity: 'opaque',
      washed: 'washed',
      // Red wine, and a burn beside it.
      flaws: [
        [
          [520, 700],
          [760, 700],
          [760, 960],
          [520, 960],
        ],
        [
          [900, 300],
          [980, 300],
          [980, 380],
          [900, 380],
        ],
      ],
    },
  ),
  mystery(
    'Night manager’s jacket lining',
    BASKET,
    { warp: '#3c3a4a', weft: '#4a4759' },
    { widthMm: 700, lengthMm: 900, claim: [{ fibre: 'wool', percent: 100 }], notes: 'Two samples, two answers.' },
    'twoMinds',
  ),
]

type Rest = Partial<PieceInput>
type Colours = { warp: string; weft: string; accent?: string; colouring?: 'plain' | 'stripe' | 'check' | 'print' }

function known(
  name: string,
  called: string,
  place: string,
  colours: Colours,
  rest: Rest,
  burn?: DemoPiece['burn'],
  weighed?: DemoPiece['weighed'],
): DemoPiece {
  const look = {
    warp: colours.warp,
    weft: colours.weft,
    accent: colours.accent ?? null,
    colouring: colours.colouring ?? ('plain' as const),
  }
  return { piece: { name, called, place, source: HOTEL, look, ...rest }, burn, weighed }
}

function mystery(
  name: string,
  place: string,
  colours: Colours,
  rest: Rest,
  burn?: DemoPiece['burn'],
  weighed?: DemoPiece['weighed'],
): DemoPiece {
  return known(name, '', place, colours, rest, burn, weighed)
}
