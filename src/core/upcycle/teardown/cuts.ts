import { rectangle } from '../../shapes/polygon'
import { USUAL_THINGS } from '../../pieces/things'
import { type Thing } from '../../vocabulary/stash'
import { body, gore, kneeOf, leg, openFront, patch, seatOf, sleeve } from './shapes'
import { type Block, type BlockPanel, type BlockSeam, type Measures } from './types'
import { mustHave } from '../../lists/items'

const hem = (lengthMm: number, more: Partial<BlockSeam> = {}): BlockSeam => ({
  id: 'hem',
  lengthMm,
  count: 1,
  kind: 'hem',
  worn: 'hem',
  ...more,
})
const long = (id: string, lengthMm: number, count = 2, more: Partial<BlockSeam> = {}): BlockSeam => ({
  id,
  lengthMm,
  count,
  kind: 'long',
  ...more,
})
const fitting = (id: string, lengthMm: number, more: Partial<BlockSeam> = {}): BlockSeam => ({
  id,
  lengthMm,
  count: 1,
  kind: 'fitting',
  ...more,
})
const fixing = (id: string, lengthMm: number, count = 1, more: Partial<BlockSeam> = {}): BlockSeam => ({
  id,
  lengthMm,
  count,
  kind: 'fixing',
  isTopstitched: true,
  ...more,
})

const panel = (
  id: string,
  outline: BlockPanel['outline'],
  count = 1,
  worn: BlockPanel['worn'] = [],
  hasHem = true,
) => ({
  id,
  outline,
  count,
  hasHem,
  worn,
})

/** Shirts, T-shirts, jumpers and what is cut like them: mm of sleeve for each mm round the chest. */
interface TopCut {
  sleeves: number
  /** Beyond the middle, where it opens in front; null where it is closed. */
  opens: number | null
  isDressLong?: boolean
}

function underarms(chest: number, length: number, at: readonly number[]): BlockPanel['worn'] {
  const under = Math.max(length * 0.3, length - chest * 0.23)
  return at.map((x) => ({ place: 'underarms', outline: patch(x, under, 110, 130) }))
}

function topPanels(
  { chest, length, sleeve: measured }: Measures,
  { sleeves, opens, isDressLong = false }: TopCut,
): BlockPanel[] {
  const seat: BlockPanel['worn'] = isDressLong
    ? [{ place: 'seat', outline: patch(chest / 4, Math.max(80, length - chest * 0.72), 240, 160) }]
    : []
  const fronts =
    opens === null
      ? [panel('front', body(chest, length, false), 1, underarms(chest, length, [0, chest / 2]))]
      : [panel('front', openFront(chest, length, opens), 2, underarms(chest, length, [chest / 4 + opens]))]
  const arm = measured ?? chest * sleeves
  const wide = chest * 0.36
  const cap = Math.min(chest * 0.1, arm * 0.5)
  const elbow = arm > chest * 0.4 ? [{ place: 'elbows' as const, outline: patch(wide / 2, arm * 0.5, 110, 150) }] : []
  const worn = [0, wide].map((x) => ({ place: 'underarms' as const, outline: patch(x, arm - cap, 110, 110) }))
  return [
    panel('back', body(chest, length, true), 1, [...underarms(chest, length, [0, chest / 2]), ...seat]),
    ...fronts,
    ...(sleeves > 0 ? [panel('sleeve', sleeve(chest, arm), 2, [...elbow, ...worn])] : []),
  ]
}

function topSeams(
  { chest, length, sleeve: measured }: Measures,
  { sleeves }: TopCut,
  more: readonly BlockSeam[],
): BlockSeam[] {
  const arm = measured ?? chest * sleeves
  return [
    ...more,
    hem(chest),
    ...(sleeves > 0
      ? [
          hem(chest * 0.5, { id: 'sleeve-hem', worn: 'hem' }),
          long('armhole', chest * 0.5, 2, { worn: 'underarms' }),
          long('sleeve', arm * 0.85),
        ]
      : []),
    long('side', Math.max(length * 0.3, length - chest * 0.23)),
    long('shoulder', chest * 0.13),
  ]
}

const SHIRT_KEEP = ['buttons', 'labels', 'collar-and-cuffs'] as const
const top = (usual: Measures, cut: TopCut, seams: (mm: Measures) => BlockSeam[], keep: readonly string[]): Block => ({
  usual,
  panels: (mm) => topPanels(mm, cut),
  seams: (mm) => topSeams(mm, cut, seams(mm)),
  keep,
})

export const SHIRT = top(
  { chest: 1120, hip: 1100, length: 760 },
  { sleeves: 0.52, opens: 20 },
  ({ chest, length }) => [
    fixing('pocket', 400),
    fitting('collar', chest * 0.4, { worn: 'collar' }),
    { ...fitting('cuffs', chest * 0.24), count: 2 },
    fitting('button-band', length, { isTopstitched: true }),
    long('yoke', chest * 0.42, 1, { isTopstitched: true }),
  ],
  SHIRT_KEEP,
)
export const BLOUSE = top(
  { chest: 1020, hip: 1040, length: 640 },
  { sleeves: 0.5, opens: 20 },
  ({ chest, length }) => [fitting('collar', chest * 0.4, { worn: 'collar' }), fitting('button-band', length)],
  ['buttons', 'labels', 'lace'],
)
export const TEE = top(
  { chest: 1000, hip: 1000, length: 700 },
  { sleeves: 0.2, opens: null },
  ({ chest }) => [fitting('neckband', chest * 0.5, { worn: 'collar', make: 'overlocked' })],
  ['labels', 'shoulder-tape'],
)
export const SLEEVELESS = top(
  { chest: 920, hip: 960, length: 620 },
  { sleeves: 0, opens: null },
  ({ chest }) => [fitting('binding', chest * 1.5, { worn: 'underarms' })],
  ['labels', 'elastic', 'lace'],
)
export const JUMPER = top(
  { chest: 1060, hip: 1020, length: 660 },
  { sleeves: 0.5, opens: null },
  ({ chest }) => [
    fitting('neckband', chest * 0.45, { worn: 'collar' }),
    fitting('ribs', chest * 1.3, { worn: 'hem' }),
  ],
  ['labels', 'yarn'],
)
export const HOODIE: Block = {
  ...JUMPER,
  keep: ['labels', 'drawstring', 'zip', 'eyelets'],
  seams: (mm) => [fixing('pouch-pocket', 900), fitting('hood', mm.chest * 0.6), ...JUMPER.seams(mm)],
}
export const CARDIGAN = top(
  { chest: 1080, hip: 1040, length: 660 },
  { sleeves: 0.5, opens: 0 },
  ({ length, chest }) => [
    fitting('button-band', length * 2, { worn: 'collar' }),
    fitting('ribs', chest * 1.3, { worn: 'hem' }),
  ],
  ['buttons', 'labels', 'yarn'],
)
export const DRESS = top(
  { chest: 980, hip: 1060, length: 1000 },
  { sleeves: 0.22, opens: null, isDressLong: true },
  ({ chest, length }) => [
    fixing('zip', length * 0.5, 1, { isTopstitched: false }),
    fitting('neck-facing', chest * 0.6, { worn: 'collar' }),
    long('waist', chest * 0.85, 1),
  ],
  ['zip', 'hooks', 'hanger-loops', 'labels', 'lining', 'lace'],
)
export const JACKET = top(
  { chest: 1140, hip: 1120, length: 720 },
  { sleeves: 0.53, opens: 60 },
  ({ chest, length }) => [
    fixing('pockets', 1000, 2),
    fitting('collar', chest * 0.45, { worn: 'collar' }),
    fitting('front-facing', length * 2),
    fitting('lining', chest * 2),
    long('back-middle', length, 1),
  ],
  ['buttons', 'labels', 'shoulder-pads', 'hanger-loops', 'lining'],
)
export const COAT: Block = {
  ...JACKET,
  usual: { chest: 1200, hip: 1200, length: 1050 },
  panels: (mm) => topPanels(mm, { sleeves: 0.53, opens: 80, isDressLong: true }),
}
export const ROBE = top(
  { chest: 1280, hip: 1280, length: 1200 },
  { sleeves: 0.42, opens: 60, isDressLong: true },
  ({ length }) => [fixing('pockets', 700, 2), fitting('front-band', length * 2.2, { worn: 'collar' })],
  ['belt', 'hanger-loops', 'labels'],
)
export const WAISTCOAT = top(
  { chest: 1060, hip: 1060, length: 580 },
  { sleeves: 0, opens: 30 },
  ({ length }) => [fixing('pockets', 300, 2), fitting('front-facing', length * 2), fitting('lining', 1600)],
  ['buttons', 'buckle', 'lining', 'labels'],
)

const KNEE = (mm: Measures) => {
  const [x, y] = kneeOf(mm.hip, mm.length)
  return { place: 'knees' as const, outline: patch(x, y, 170, 220) }
}
const SEAT = (mm: Measures) => {
  const [x, y] = seatOf(mm.hip, mm.length)
  return { place: 'seat' as const, outline: patch(x, y, 170, 170) }
}
const legs = (mm: Measures, flare: number, isShort = false): BlockPanel[] => [
  panel('front-leg', leg(mm.hip, mm.length, false, flare), 2, isShort ? [] : [KNEE(mm)]),
  panel('back-leg', leg(mm.hip, mm.length, true, flare), 2, [SEAT(mm)]),
]
const legSeams = ({ hip, length }: Measures): BlockSeam[] => {
  const rise = Math.min(hip * 0.26, length * 0.8)
  return [
    hem(hip * 0.8),
    long('outseam', length),
    long('inseam', length - rise),
    long('crotch', rise * 2.4, 1, { worn: 'seat' }),
  ]
}
export const TROUSERS: Block = {
  usual: { chest: 1000, hip: 1040, length: 1020 },
  panels: (mm) => legs(mm, 0.8),
  seams: (mm) => [
    fixing('pockets', 700, 2),
    fixing('fly', 400, 1, { isTopstitched: true }),
    fitting('waistband', mm.hip * 0.8),
    ...legSeams(mm),
  ],
  keep: ['zip', 'buttons', 'hooks', 'labels', 'pocket-bags'],
}
export const JEANS: Block = {
  ...TROUSERS,
  panels: (mm) => legs(mm, 0.72),
  seams: (mm) => [
    fixing('back-pockets', 550, 2),
    fixing('fly', 450, 1),
    fitting('waistband', mm.hip * 0.8, { isTopstitched: true }),
    long('yoke', mm.hip * 0.25, 2, { make: 'flat-felled', isTopstitched: true }),
    ...legSeams(mm).map((seam) =>
      seam.id === 'inseam' || seam.id === 'crotch'
        ? { ...seam, make: 'flat-felled' as const, isTopstitched: true }
        : seam,
    ),
  ],
  keep: ['zip', 'jeans-button', 'rivets', 'labels', 'back-pockets', 'waistband'],
}
export const ELASTIC_TROUSERS: Block = {
  ...TROUSERS,
  seams: (mm) => [fixing('pockets', 500, 2), fitting('waistband', mm.hip * 0.9), ...legSeams(mm)],
  keep: ['elastic', 'drawstring', 'labels'],
}
export const SHORTS: Block = {
  ...TROUSERS,
  usual: { chest: 1000, hip: 1060, length: 450 },
  panels: (mm) => legs(mm, 0.98, true),
}
export const SKIRT: Block = {
  usual: { chest: 920, hip: 1020, length: 650 },
  panels: (mm) => [
    panel('front', gore(mm.hip, mm.length, 1.2)),
    panel('back', gore(mm.hip, mm.length, 1.2), 1, [
      { place: 'seat', outline: patch((mm.hip / 2) * 0.6, Math.max(80, mm.length - mm.hip * 0.22), 240, 150) },
    ]),
  ],
  seams: (mm) => [
    fixing('zip', 220, 1, { isTopstitched: false }),
    fitting('waistband', mm.hip * 0.74),
    hem(mm.hip * 1.2),
    long('side', mm.length),
  ],
  keep: ['zip', 'hooks', 'buttons', 'hanger-loops', 'labels', 'lining'],
}
export const FULL_SKIRT: Block = {
  ...SKIRT,
  panels: (mm) => [panel('width', rectangle(mm.hip, mm.length), 2)],
  seams: (mm) => [fitting('gathered-waist', mm.hip * 0.74), hem(mm.hip * 2), long('side', mm.length)],
}
export const ALL_IN_ONE: Block = {
  usual: { chest: 1040, hip: 1080, length: 1450 },
  panels: (mm) => [
    ...legs({ ...mm, length: mm.length * 0.7 }, 0.85),
    panel('bodice', rectangle(mm.chest / 2, mm.length * 0.28), 2, [], false),
  ],
  seams: (mm) => [
    fixing('pockets', 600, 3),
    long('waist', mm.hip, 1),
    ...legSeams({ ...mm, length: mm.length * 0.7 }),
    fitting('straps', 1400),
  ],
  keep: ['buckles', 'buttons', 'zip', 'labels'],
}
export const SWIM: Block = {
  usual: { chest: 820, hip: 860, length: 650 },
  panels: (mm) => [
    panel('front', rectangle(mm.chest * 0.34, mm.length * 0.75), 1),
    panel('back', rectangle(mm.chest * 0.34, mm.length * 0.6), 1, [], false),
  ],
  seams: (mm) => [fitting('elastic-edges', mm.chest * 3, { make: 'coverstitched' }), long('side', mm.length * 0.35)],
  keep: ['elastic', 'underwires', 'hooks', 'cups'],
}

/** One flat cloth: a household textile, its hems round it. */
export function flatThing(
  thing: Thing | { widthMm: number; lengthMm: number; layers: number },
  keep: readonly string[],
): Block {
  const { widthMm, lengthMm, layers } = typeof thing === 'string' ? mustHave(USUAL_THINGS[thing]) : thing
  return {
    usual: { chest: 2 * widthMm, hip: 2 * widthMm, length: lengthMm },
    isFlat: true,
    panels: (mm) => [panel('cloth', rectangle(mm.chest / 2, mm.length), layers)],
    seams: (mm) => [
      hem(mm.chest),
      { ...hem(mm.length * 2), id: 'side-hem' },
      ...(keep.includes('heading-tape') ? [fitting('heading', mm.chest / 2, { isTopstitched: true })] : []),
      ...(layers > 1 ? [long('edge', mm.length + mm.chest / 2, 2)] : []),
    ],
    keep,
  }
}
