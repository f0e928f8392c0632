import { defineDrawing, type MeasuredKind } from './define'
import { curve, piece, rectangle } from './draw'

/** Hem and heading of a curtain, hem of a bag, mm: common practice. */
const CURTAIN_HEM = 150
const HEADING = 80
const BAG_HEM = 40

export const HOUSE_KINDS: readonly MeasuredKind[] = [
  defineDrawing({
    id: 'curtain',
    label: 'Pair of curtains',
    isAbout: false,
    measures: [
      { id: 'rail', label: 'Rail', usualMm: 1500 },
      { id: 'drop', label: 'Drop', usualMm: 1800 },
    ],
    // Twice as wide as the rail, in drops of cloth that are at most 1200 mm wide.
    draw: ({ rail, drop }, seam) => {
      const each = Math.ceil(rail / 1200)
      const width = rail / each + 2 * seam
      return [piece('drop', rectangle(width, drop + CURTAIN_HEM + HEADING), { count: 2 * each })]
    },
  }),
  defineDrawing({
    id: 'cushion',
    label: 'Cushion with an envelope back',
    isAbout: false,
    measures: [{ id: 'side', label: 'Side of the pad', usualMm: 450 }],
    draw: ({ side }, seam) => [
      piece('front', rectangle(side + 2 * seam, side + 2 * seam)),
      piece('back', rectangle(side + 2 * seam, side * 0.6 + seam + BAG_HEM), { count: 2 }),
    ],
  }),
  defineDrawing({
    id: 'bag',
    label: 'Flat bag with two handles',
    isAbout: false,
    measures: [
      { id: 'width', label: 'Width', usualMm: 380 },
      { id: 'depth', label: 'Depth', usualMm: 420 },
      { id: 'handle', label: 'Handle', usualMm: 650 },
    ],
    draw: ({ width, depth, handle }, seam) => [
      piece('side', rectangle(width + 2 * seam, depth + seam + BAG_HEM), { count: 2 }),
      piece('handle', rectangle(100, handle + 2 * seam), { count: 2 }),
    ],
  }),
  defineDrawing({
    id: 'apron',
    label: 'Apron with a bib',
    isAbout: true,
    measures: [
      { id: 'width', label: 'Width at the hips', usualMm: 700 },
      { id: 'length', label: 'Length', usualMm: 850 },
    ],
    draw: ({ width, length }, seam) => {
      const [half, bib] = [width / 2 + seam, width / 5]
      const [low, top] = [length * 0.62, length + 2 * seam]
      return [
        piece('apron', [[0, 0], [half, 0], [half, low], ...curve([half, low], [bib, low], [bib, top]), [0, top]], {
          onFold: true,
        }),
        piece('tie', rectangle(60, 700 + 2 * seam), { count: 2 }),
        piece('neck band', rectangle(60, 600 + 2 * seam)),
        piece('pocket', rectangle(220 + 2 * seam, 200 + 2 * seam)),
      ]
    },
  }),
  defineDrawing({
    id: 'quilt',
    label: 'Quilt top of squares',
    isAbout: false,
    measures: [
      { id: 'square', label: 'Finished square', usualMm: 150 },
      { id: 'width', label: 'Width', usualMm: 900 },
      { id: 'length', label: 'Length', usualMm: 1200 },
    ],
    draw: ({ square, width, length }, seam) => [
      piece('square', rectangle(square + 2 * seam, square + 2 * seam), {
        count: Math.min(200, Math.max(1, Math.round(width / square) * Math.round(length / square))),
      }),
    ],
  }),
]
