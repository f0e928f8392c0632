import { type RecordInput } from '../core/notebook/kinds'
import { measuredKind } from '../core/outlines/measured/kinds'
import { plainFound, type FoundPiece } from '../core/outlines/types'
import { rectangle } from '../core/shapes/polygon'
import { itemAt, mustHave } from '@/core/lists/items'

type Drawn = Omit<RecordInput<'pattern-piece'>, 'patternId'>

/** A block from measures as records, the real pattern being lost: “about”. mm */
function about(kindId: string, mm: Readonly<Record<string, number>>, change: Partial<Drawn> = {}): Drawn[] {
  return mustHave(measuredKind(kindId))
    .draw(mm, 15)
    .map((piece) => ({ ...asDrawn(piece), isAbout: true, ...change }))
}

function asDrawn({ name, outline, notches, marks, warpDeg, onFold, count, pair, size }: FoundPiece): Drawn {
  const points = outline.map(([x, y]): [number, number] => [x, y])
  const notched = notches.map(({ id, at: [x, y] }) => ({ id, at: [x, y] as [number, number] }))
  const marked = marks.map(({ is, points: on }) => ({ is, points: on.map(([x, y]): [number, number] => [x, y]) }))
  return {
    name,
    outline: points,
    notches: notched,
    marks: marked,
    warpDeg,
    onFold,
    count,
    pair,
    size,
    from: 'measures',
  }
}

function strip(name: string, width: number, length: number, change: Partial<Drawn> = {}): Drawn {
  return { ...asDrawn(plainFound(name, rectangle(width, length))), from: 'points', ...change }
}

/** Where the breast pocket sits, its upper corners drilled. */
const POCKET: Drawn['marks'] = [
  {
    is: 'line',
    points: [
      [60, 480],
      [60, 350],
      [180, 350],
      [180, 480],
    ],
  },
  { is: 'drill', points: [[65, 475]] },
  { is: 'drill', points: [[175, 475]] },
]

/** Outlines of the wardrobe's patterns, by the pattern's name; invented. */
export const demoOutlines: Readonly<Record<string, readonly Drawn[]>> = {
  'Ferryman’s jumpsuit': [
    ...about('top', { chest: 1000, length: 430 }),
    ...about('trousers', { hip: 1040, length: 1000 }),
    strip('tie belt', 90, 1500),
    strip('patch pocket', 190, 210, { count: 2 }),
    strip('collar', 80, 460, { count: 2, crosswise: true }),
  ],
  'Heron’s wing cape': about('half-circle', { waist: 480, length: 780 }, { turn: 'any' }),
  'Handlers’ black overshirt': about('blouse', { chest: 1080, length: 740, sleeve: 620 }).map((piece) => ({
    ...piece,
    // Side seams meet where the cloth is striped.
    notches: ['front', 'back'].includes(piece.name) ? [{ id: 'side', at: itemAt(piece.outline, 1) }] : [],
    marks: piece.name === 'front' ? POCKET : [],
  })),
  'Harbour mistress’s coat': about('robe', { chest: 1020, length: 1080, sleeve: 580 }),
  'Chorus tiered skirts': about('tiers', { round: 760, length: 660 }),
}
