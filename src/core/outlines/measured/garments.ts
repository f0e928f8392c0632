import { type Point } from '../../shapes/polygon'
import { defineDrawing, type MeasuredKind } from './define'
import { curve, piece, rectangle } from './draw'

const CHEST = { id: 'chest', label: 'Chest', usualMm: 960 } as const
const WAIST = { id: 'waist', label: 'Waist', usualMm: 760 } as const
const HIP = { id: 'hip', label: 'Hip', usualMm: 1020 } as const
const length = (usualMm: number) => ({ id: 'length', label: 'Length', usualMm }) as const
const sleeveLength = (usualMm: number) => ({ id: 'sleeve', label: 'Sleeve', usualMm }) as const

/** Ease, mm round the body; hems. Common practice, for cloth that does not stretch. */
const EASE = 100
const HEM = 30

/** Half of a bodice to its fold, from the hem up: side, armhole, shoulder, neck. mm */
function bodice(quarter: number, long: number, neckDrop: number, seam: number): Point[] {
  const [width, top] = [quarter + seam, long + HEM + seam]
  const [armY, shoulder, neck] = [top - quarter * 0.85, quarter * 0.8, quarter * 0.32]
  const tip: Point = [shoulder, top - quarter * 0.15]
  return [
    [0, 0],
    [width, 0],
    [width, armY],
    ...curve([width, armY], [shoulder - 15, armY], tip),
    [neck, top],
    ...curve([neck, top], [neck * 0.9, top - neckDrop], [0, top - neckDrop]),
  ]
}

function sleeve(quarter: number, long: number, seam: number): Point[] {
  const [half, cap, wrist] = [quarter * 0.75 + seam, quarter * 0.45, quarter * 0.5 + seam]
  const [under, top] = [long - cap + HEM, long + HEM + seam]
  return [
    [half - wrist, 0],
    [half + wrist, 0],
    [2 * half, under],
    ...curve([2 * half, under], [1.45 * half, under + cap * 0.1], [half, top]),
    ...curve([half, top], [0.55 * half, under + cap * 0.1], [0, under]),
  ]
}

function legs(hip: number, long: number, seam: number, isBack: boolean): Point[] {
  const [width, rise] = [(hip + EASE) / 4 + seam, hip * 0.27]
  const fork = hip * (isBack ? 0.11 : 0.06)
  const [crotchY, top] = [long - rise, long + HEM + seam]
  return [
    [0, 0],
    [width * 0.85, 0],
    [width + fork, crotchY],
    ...curve([width + fork, crotchY], [width, crotchY], [width, crotchY + rise * 0.4]),
    [width * 0.96, top],
    [0, top],
  ]
}

const pair = { count: 2, pair: true }

/** Blocks of garments: the shape that a pattern has more or less, to see whether cloth is enough. Common practice. */
export const GARMENT_KINDS: readonly MeasuredKind[] = [
  defineDrawing({
    id: 'top',
    label: 'Sleeveless top',
    isAbout: true,
    measures: [CHEST, length(600)],
    draw: (mm, seam) => top(mm.chest, mm.length, seam),
  }),
  defineDrawing({
    id: 't-shirt',
    label: 'Top with set-in sleeves',
    isAbout: true,
    measures: [CHEST, length(650), sleeveLength(230)],
    draw: (mm, seam) => withSleeves(mm, seam),
  }),
  defineDrawing({
    id: 'blouse',
    label: 'Blouse or shirt that buttons',
    isAbout: true,
    measures: [CHEST, length(700), sleeveLength(620)],
    draw: (mm, seam) => buttoned(mm, seam),
  }),
  defineDrawing({
    id: 'dress',
    label: 'Dress with a gathered skirt',
    isAbout: true,
    measures: [CHEST, WAIST, length(1050)],
    draw: ({ chest, waist, length: long }, seam) => [
      ...top(chest, 420, seam),
      piece('skirt', rectangle(waist * 0.9 + 2 * seam, long - 420 + HEM + seam), { count: 2 }),
    ],
  }),
  defineDrawing({
    id: 'skirt',
    label: 'A-line skirt',
    isAbout: true,
    measures: [WAIST, HIP, length(600)],
    draw: ({ waist, hip, length: long }, seam) => {
      const side: Point[] = [
        [0, 0],
        [hip / 4 + 80 + seam, 0],
        [waist / 4 + 25 + seam, long + HEM + seam],
        [0, long + HEM + seam],
      ]
      return [
        piece('front', side, { onFold: true }),
        piece('back', side, { onFold: true }),
        piece('waistband', rectangle(80 + 2 * seam, waist + 60), {}),
      ]
    },
  }),
  defineDrawing({
    id: 'trousers',
    label: 'Trousers with an elastic waist',
    isAbout: true,
    measures: [HIP, length(1020)],
    draw: ({ hip, length: long }, seam) => [
      piece('front', legs(hip, long + 50, seam, false), pair),
      piece('back', legs(hip, long + 50, seam, true), pair),
    ],
  }),
  defineDrawing({
    id: 'shorts',
    label: 'Shorts or pyjama shorts',
    isAbout: true,
    measures: [HIP, length(420)],
    draw: ({ hip, length: long }, seam) => [
      piece('front', legs(hip, Math.max(long + 50, hip * 0.32), seam, false), pair),
      piece('back', legs(hip, Math.max(long + 50, hip * 0.32), seam, true), pair),
    ],
  }),
  defineDrawing({
    id: 'robe',
    label: 'Straight robe or coat, T-shaped',
    isAbout: true,
    measures: [CHEST, length(1100), sleeveLength(500)],
    draw: ({ chest, length: long, sleeve: arm }, seam) => {
      const quarter = (chest + 2 * EASE) / 4
      return [
        piece('back', rectangle(quarter + seam, long + HEM + seam), { onFold: true }),
        piece('front', rectangle(quarter + seam, long + HEM + seam), pair),
        piece('sleeve', rectangle(quarter * 1.8 + 2 * seam, arm + HEM + seam), { count: 2 }),
        piece('band', rectangle(120 + 2 * seam, long + 2 * seam), { count: 2 }),
      ]
    },
  }),
  defineDrawing({
    id: 'waistcoat',
    label: 'Waistcoat',
    isAbout: true,
    measures: [CHEST, length(560)],
    draw: ({ chest, length: long }, seam) => {
      const quarter = (chest + EASE) / 4
      return [
        piece('front', bodice(quarter, long, quarter * 1.1, seam), pair),
        piece('back', bodice(quarter, long, 25, seam), { onFold: true }),
      ]
    },
  }),
  defineDrawing({
    id: 'child-dress',
    label: 'Child’s pinafore',
    isAbout: true,
    measures: [{ ...CHEST, usualMm: 600 }, length(550)],
    draw: ({ chest, length: long }, seam) => top(chest, long, seam, 60),
  }),
  defineDrawing({
    id: 'tunic',
    label: 'Tunic for the stage',
    isAbout: true,
    measures: [CHEST, length(900), sleeveLength(550)],
    draw: (mm, seam) => withSleeves(mm, seam),
  }),
  defineDrawing({
    id: 'puppet',
    label: 'Glove puppet’s dress',
    isAbout: true,
    measures: [
      { id: 'span', label: 'Width, hand to hand', usualMm: 300 },
      { id: 'length', label: 'Length', usualMm: 300 },
    ],
    draw: ({ span, length: long }, seam) => {
      const [half, body, arm] = [span / 2 + seam, span / 4 + seam, span / 5]
      const top = long + HEM + seam
      return [
        piece(
          'body',
          [
            [0, 0],
            [body, 0],
            [body, top - arm],
            [half, top - arm],
            [half, top],
            [span / 12, top],
            [0, top - 15],
          ],
          { onFold: true, count: 2 },
        ),
      ]
    },
  }),
]

function top(chest: number, long: number, seam: number, ease = EASE) {
  const quarter = (chest + ease) / 4
  return [
    piece('front', bodice(quarter, long, quarter * 0.4, seam), { onFold: true }),
    piece('back', bodice(quarter, long, 30, seam), { onFold: true }),
  ]
}

function withSleeves(mm: Readonly<Record<'chest' | 'length' | 'sleeve', number>>, seam: number) {
  const quarter = (mm.chest + EASE) / 4
  return [
    ...top(mm.chest, mm.length, seam),
    piece('sleeve', sleeve(quarter, Math.max(mm.sleeve, quarter * 0.6), seam), { count: 2 }),
  ]
}

function buttoned(mm: Readonly<Record<'chest' | 'length' | 'sleeve', number>>, seam: number) {
  const quarter = (mm.chest + EASE) / 4
  return [
    piece('front', bodice(quarter + 40, mm.length, quarter * 0.4, seam), pair),
    piece('back', bodice(quarter, mm.length, 30, seam), { onFold: true }),
    piece('sleeve', sleeve(quarter, mm.sleeve, seam), { count: 2 }),
    piece('collar', rectangle(quarter * 1.6 + 2 * seam, 80 + 2 * seam), { count: 2 }),
    piece('cuff', rectangle(quarter * 0.95 + 2 * seam, 120 + 2 * seam), { count: 2 }),
  ]
}
