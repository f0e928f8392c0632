import { drafts, type Drawdown } from '@/core/weave/drafts'
import { shade, unevenness } from './colour'
import { svg } from './unwoven'
import { wovenLayers, type YarnLook } from './woven'

/** Size of a sketch of one answer, in its own units. */
const [W, H] = [160, 110]
const [INK, PALE, RED] = ['#35566f', '#efe9dc', '#9c3524']
const EDGE = '#1b2c3a'

type Yarns = Partial<Pick<YarnLook, 'fill' | 'sheen' | 'hair' | 'slub'>> & {
  colour?: string
  colourOf?: (index: number) => string
}

/** Woven cloth that fills a sketch. */
function woven(
  draft: Drawdown,
  {
    cell = 8,
    cellY = cell,
    warp = {},
    weft = {},
  }: { cell?: number; cellY?: number; warp?: Yarns; weft?: Yarns } = {},
): string {
  const yarn = ({ colour, ...rest }: Yarns, own: string): YarnLook => ({
    fill: 0.88,
    sheen: 0.2,
    hair: 0,
    slub: 0,
    colourOf: (index) => shade(colour ?? own, unevenness(index)),
    ...rest,
  })
  const layers = wovenLayers({
    draft,
    ends: Math.ceil(W / cell),
    picks: Math.ceil(H / cellY),
    cellX: cell,
    cellY,
    warp: yarn(warp, INK),
    weft: yarn(weft, PALE),
  })
  return `<rect width="${W}" height="${H}" fill="${shade(weft.colour ?? PALE, -0.5)}"/>${layers}`
}

const lines = (d: string, colour: string, width: number, opacity = 1) =>
  `<path d="${d}" fill="none" stroke="${colour}" stroke-width="${width}" stroke-opacity="${opacity}" ` +
  'stroke-linecap="round" stroke-linejoin="round"/>'
const each = (count: number, make: (index: number) => string) =>
  Array.from({ length: count }, (_, index) => make(index)).join('')
const ground = (colour: string) => `<rect width="${W}" height="${H}" fill="${colour}"/>`
/** A yarn with its darker edge. */
const thread = (d: string, colour: string, width: number) =>
  lines(d, shade(colour, -0.45), width * 1.3) + lines(d, colour, width)
const piece = (inside: string) => svg(W, H, inside)
const own = { colour: INK }

/** The face, with a corner folded over that shows the back. */
function turned(face: string, back: string): string {
  return piece(
    `<defs><clipPath id="c"><path d="M78 0H160V82z"/></clipPath></defs>${face}<g clip-path="url(#c)"><rect ` +
      `width="${W}" height="${H}" fill="#fff"/>${back}</g><path d="M78 0L160 82" stroke="${EDGE}" ` +
      'stroke-width="3"/><path d="M78 0L82 78L160 82" fill="#000" fill-opacity=".18"/>',
  )
}

/** Rows of loops seen from the cut edge. */
function loops(y: number, height: number, colour: string, step = 16): string {
  return thread(
    `M-8 ${y}${each(Math.ceil(W / step) + 2, () => `c${step * 0.1} ${-height} ${step * 0.9} ${-height} ${step} 0`)}`,
    colour,
    5,
  )
}

/** Columns of knitted stitches. */
function stitches(colourOf: (wale: number, course: number) => string, wide = 13, high = 11): string {
  return (
    ground(shade(INK, -0.5)) +
    each(Math.ceil(W / wide), (wale) =>
      each(Math.ceil(H / high) + 1, (course) =>
        thread(
          `M${wale * wide + 2} ${course * high - 6}q1 7 4.5 11M${(wale + 1) * wide - 2} ` +
            `${course * high - 6}q-1 7-4.5 11`,
          colourOf(wale, course),
          3.6,
        ),
      ),
    )
  )
}

const CUT = (y: number, colour: string, over: boolean) =>
  thread(
    `M-10 ${y}${each(
      9,
      (i) =>
        `c6 0 4 ${(i % 2 === 0) === over ? -14 : 14} 10 ` +
        `${(i % 2 === 0) === over ? -14 : 14}c6 0 ` +
        `4 ${(i % 2 === 0) === over ? 14 : -14} 10 ${(i % 2 === 0) === over ? 14 : -14}`,
    )}`,
    colour,
    6,
  )
const rounds = (y: number, colour: string) =>
  each(
    9,
    (i) =>
      `<circle cx="${i * 20}" cy="${y}" r="5" fill="${colour}" stroke="${shade(colour, -0.45)}" stroke-width="1.5"/>`,
  )
const HAIRS = (y: number, up: boolean) =>
  lines(
    each(
      54,
      (i) =>
        `M${i * 3} ${y}q${(i % 5) - 2} ${up ? -9 : 9} ${((i * 7) % 9) - 4} ${(up ? -1 : 1) * (14 + (i % 4) * 2)}`,
    ),
    INK,
    1.2,
  )
const leaf = (x: number, y: number, colour: string) =>
  `<path transform="translate(${x} ${y}) rotate(${(x * 3) % 90})" d="M0-13C9-8 9 6 0 13C-9 6-9-8 0-13Z" ` +
  `fill="${colour}"/>`
const leaves = (colour: string) =>
  each(8, (i) => leaf(18 + (i % 4) * 42, 26 + Math.floor(i / 4) * 56 + (i % 2) * 10, colour))
const checks = (size: number, at: (x: number, y: number) => number) =>
  ground(PALE) +
  each(Math.ceil(W / size), (x) =>
    each(
      Math.ceil(H / size),
      (y) =>
        `<rect x="${x * size}" y="${y * size}" width="${size}" height="${size}" fill="${INK}" ` +
        `fill-opacity="${at(x, y)}"/>`,
    ),
  )
const letters = (veil: number) => {
  const over = woven(drafts.plain, { cell: 5, warp: { colour: '#b9c7cf' }, weft: { colour: '#cfd8dc' } })
  return piece(
    `${ground(PALE)}<text x="80" y="74" font-size="58" font-weight="700" text-anchor="middle" ` +
      `font-family="serif" fill="#000">Aa</text><g opacity="${veil}">${over}</g>`,
  )
}

const plain = () => woven(drafts.plain, { weft: own })
const twill = () => woven(drafts.twill)

/**
 * How each answer of an inspection looks, where it is no plain swatch. Keyed by question, then by answer; drawn when
 * asked for, for a page shows few of them.
 */
export const sketches: Readonly<Record<string, Readonly<Record<string, () => string>>>> = {
  construction: {
    hide: () =>
      piece(
        ground(PALE) +
          // The outline of a skin, neck above, with pores.
          `<path d="M70 8c6 6 14 6 20 0l10 14 26-8-4 24c-6 12-6 26 2 38l10 24-26-8-18 12c-6-4-14-4-20 0l-18-12-26 8 ` +
          `10-24c8-12 8-26 2-38l-4-24 26 8z" fill="#8a5a3a" stroke="${EDGE}" stroke-width="1.5"/>` +
          each(
            70,
            (i) =>
              `<circle cx="${46 + ((i * 0.618) % 1) * 68}" cy="${30 + ((i * 0.7549) % 1) * 60}" r="1" fill="#5b3722"/>`,
          ),
      ),
    sheet: () =>
      piece(
        ground(PALE) +
          `<path d="M18 66L110 40L146 58L54 86z" fill="${shade(INK, 0.55)}" stroke="${EDGE}" stroke-width="1.5"/>` +
          `<path d="M18 66v12l36 20v-12z" fill="${shade(INK, 0.2)}" stroke="${EDGE}" stroke-width="1.5"/>` +
          `<path d="M54 86v12l92-28V58z" fill="${shade(INK, 0.35)}" stroke="${EDGE}" stroke-width="1.5"/>` +
          each(
            26,
            (i) =>
              `<circle cx="${60 + i * 3.2}" cy="${88 - i * 0.95 + (i % 3) * 2}" r="1.6" ` +
              'fill="#fff" fill-opacity=".8"/>',
          ),
      ),
  },
  interlacing: {
    leno: () =>
      piece(
        ground(shade(PALE, -0.06)) +
          each(8, (i) => thread(`M0 ${i * 16 + 6}H160`, PALE, 5)) +
          each(
            7,
            (i) =>
              thread(`M${i * 26 + 6} -4${each(8, () => 'c0 6 9 6 9 8s-9 2-9 8')}`, INK, 3.4) +
              thread(`M${i * 26 + 15} -4${each(8, () => 'c0 6-9 6-9 8s9 2 9 8')}`, shade(INK, 0.2), 3.4),
          ),
      ),
    'double-cloth': () =>
      piece(
        ground('#fff') +
          rounds(36, INK) +
          CUT(43, INK, true) +
          rounds(80, RED) +
          CUT(87, RED, false) +
          thread('M40 36C48 58 52 58 60 80M120 36C128 58 132 58 140 80', '#c8a02c', 3),
      ),
    'double-faced': () => piece(ground('#fff') + CUT(42, INK, true) + rounds(58, '#8c7a5c') + CUT(74, RED, false)),
  },
  'twill-line': {
    gentle: () => piece(woven(drafts.twill, { cell: 13, cellY: 6 })),
    regular: () => piece(twill()),
    steep: () => piece(woven(drafts.twill, { cell: 5, cellY: 11 })),
    faint: () =>
      piece(
        woven(drafts.twill, { weft: { colour: shade(INK, 0.08) } }) +
          lines(
            each(150, (i) => `M${(i * 47) % W} ${(i * 29) % H}q3 3 ${(i % 5) - 2} 7`),
            shade(INK, 0.35),
            1,
            0.55,
          ),
      ),
  },
  pile: {
    looped: () =>
      piece(
        ground(shade(INK, -0.4)) +
          each(60, (i) =>
            thread(
              `M${(i % 12) * 14 + (Math.floor(i / 12) % 2) * 7} ${Math.floor(i / 12) * 24 + 20}c-9-22 18-22 8 0`,
              INK,
              3.4,
            ),
          ),
      ),
  },
  'pile-height': {
    short: () =>
      piece(
        ground('#fff') +
          rounds(84, INK) +
          CUT(90, PALE, true) +
          lines(
            each(54, (i) => `M${i * 3} 78v-14`),
            INK,
            2,
          ),
      ),
    deep: () =>
      piece(
        ground('#fff') +
          rounds(96, INK) +
          CUT(102, PALE, true) +
          lines(
            each(54, (i) => `M${i * 3} 90q${(i % 3) - 1}-40 ${(i % 7) - 3}-74`),
            INK,
            2,
          ),
      ),
  },
  'knit-structure': {
    interlock: () => piece(stitches((wale) => shade(INK, (wale % 2) * 0.05), 8, 9)),
    'double-knit': () =>
      piece(
        ground('#fff') +
          loops(48, 24, INK) +
          loops(88, 24, INK) +
          lines(
            each(10, (i) => `M${i * 16 + 2} 46l6 26`),
            RED,
            2.4,
          ),
      ),
    loopback: () =>
      piece(
        ground('#fff') +
          loops(46, 22, INK) +
          thread(
            each(8, (i) => `M${i * 20} 54c-2 44 22 44 20 0`),
            PALE,
            4,
          ),
      ),
    'fleece-backed': () =>
      piece(
        ground('#fff') +
          loops(46, 22, INK) +
          lines(
            each(54, (i) => `M${i * 3} 54q${(i % 5) - 2} 16 ${((i * 7) % 9) - 4} 34`),
            '#8c7a5c',
            1.4,
          ),
      ),
    tricot: () =>
      piece(
        ground(shade(INK, -0.5)) +
          each(12, (wale) =>
            thread(`M${wale * 14 + 4} -4${each(9, (i) => `l${i % 2 === 0 ? 7 : -7} 14`)}`, INK, 3.4),
          ),
      ),
    'raised-texture': () =>
      piece(
        stitches((wale, course) => shade(INK, (wale + course) % 4 === 0 ? 0.35 : -0.1), 13, 11) +
          each(
            12,
            (i) =>
              `<circle cx="${(i % 4) * 44 + 14 + (Math.floor(i / 4) % 2) * 20}" ` +
              `cy="${Math.floor(i / 4) * 38 + 18}" r="9" fill="${shade(INK, 0.3)}" stroke="${EDGE}"/>`,
          ),
      ),
    spacer: () =>
      piece(
        ground('#fff') +
          loops(34, 20, INK) +
          loops(98, 20, INK) +
          lines(
            each(22, (i) => `M${i * 8} 34l${i % 2 === 0 ? 8 : -8} 50`),
            '#8c7a5c',
            1.6,
          ),
      ),
  },
  back: {
    same: () => turned(twill(), woven(drafts.twill)),
    'plain-looking': () => turned(woven(drafts.satin, { weft: own }), plain()),
    duller: () =>
      turned(
        woven(drafts.satin, { warp: { sheen: 1 }, weft: own }),
        woven(drafts.sateen, {
          warp: { colour: shade(INK, -0.15), sheen: 0 },
          weft: { colour: shade(INK, -0.2), sheen: 0 },
        }),
      ),
    'equally-bright': () =>
      turned(
        woven(drafts.satin, { warp: { sheen: 1 }, weft: { ...own, sheen: 1 } }),
        woven(drafts.sateen, { warp: { sheen: 1 }, weft: { colour: shade(INK, 0.1), sheen: 1 } }),
      ),
    floats: () =>
      turned(
        plain() + leaves(RED),
        ground(INK) +
          each(14, (i) => thread(`M${60 + (i % 3) * 14} ${i * 8 - 8}c20 6 40-6 ${60 + (i % 4) * 12} 2`, RED, 3)),
      ),
    'smooth-under-nap': () =>
      turned(plain() + HAIRS(20, true) + HAIRS(54, true) + HAIRS(88, true) + HAIRS(112, true), plain()),
    'colours-reversed': () =>
      turned(
        woven(drafts.jacquard, { cell: 9 }),
        woven(drafts.jacquard, { cell: 9, warp: { colour: PALE }, weft: { colour: INK } }),
      ),
    'print-missing': () =>
      turned(
        woven(drafts.plain, { warp: { colour: PALE } }) + leaves(RED),
        woven(drafts.plain, { warp: { colour: PALE } }),
      ),
    'different-cloth': () =>
      turned(
        twill(),
        ground(RED) + each(9, (i) => thread(`M${i * 20} -4${each(12, () => 'q5 6 0 10')}`, shade(RED, 0.15), 5)),
      ),
  },
  'yarn-look': {
    even: () => piece(woven(drafts.plain, { cell: 14, weft: own })),
    slubbed: () =>
      piece(
        woven(drafts.plain, {
          cell: 14,
          warp: { fill: 0.55, slub: 0.9 },
          weft: { ...own, fill: 0.55, slub: 0.9 },
        }),
      ),
    'crepe-twisted': () =>
      piece(
        ground(shade(PALE, -0.05)) +
          each(6, (i) => {
            const y = i * 20 + 8
            return (
              thread(`M0 ${y}${each(8, () => 'q5-7 10 0t10 0')}`, INK, 7) +
              lines(
                each(20, (j) => `M${j * 8} ${y + 4}l5-8`),
                PALE,
                1.3,
              )
            )
          }),
      ),
    fuzzy: () =>
      piece(
        ground(shade(PALE, -0.05)) +
          each(5, (i) => {
            const y = i * 24 + 8
            return (
              lines(
                each(
                  40,
                  (j) => `M${j * 4} ${y}q${(j % 5) - 2} ${j % 2 ? -8 : 8} ${((j * 5) % 9) - 4} ${j % 2 ? -13 : 13}`,
                ),
                INK,
                1,
                0.8,
              ) + thread(`M0 ${y}H160`, INK, 7)
            )
          }),
      ),
    'coarse-cords': () =>
      piece(woven(drafts.plain, { cell: 26, warp: { fill: 0.95 }, weft: { ...own, fill: 0.95 } })),
    metallic: () =>
      piece(
        woven(drafts.plain, {
          cell: 14,
          weft: { colourOf: (pick) => (pick % 3 === 0 ? '#e8c95a' : INK), sheen: 1 },
        }) +
          each(
            9,
            (i) =>
              `<path transform="translate(${18 + ((i * 53) % 140)} ${10 + ((i * 37) % 96)})" d="M0-7L2-2L7 ` +
              '0L2 2L0 7L-2 2L-7 0L-2-2z" fill="#fff"/>',
          ),
      ),
  },
  surface: {
    smooth: () => piece(woven(drafts.satin, { cell: 5, warp: { sheen: 0.8, fill: 1 }, weft: own })),
    brushed: () => piece(woven(drafts.plain, { cell: 7, weft: own }) + each(6, (i) => HAIRS(24 + i * 18, true))),
    pebbled: () =>
      piece(
        ground(shade(INK, -0.25)) +
          each(
            96,
            (i) =>
              `<circle cx="${(i % 12) * 14 + (Math.floor(i / 12) % 2) * 7}" ` +
              `cy="${Math.floor(i / 12) * 14 + 6}" r="${4.5 + ((i * 7) % 3)}" ` +
              `fill="${shade(INK, 0.1 + ((i * 5) % 4) * 0.06)}"/>`,
          ),
      ),
    puckered: () =>
      piece(
        ground(PALE) +
          each(
            4,
            (i) =>
              `<rect x="${i * 42}" width="20" height="${H}" fill="${INK}"/>${lines(
                each(9, (j) => `M${i * 42 + 22} ${j * 13 + 4}q9-7 18 0`),
                shade(PALE, -0.35),
                3,
              )}`,
          ),
      ),
    slubby: () => piece(woven(drafts.plain, { cell: 7, weft: { colour: shade(INK, 0.15), fill: 0.6, slub: 0.95 } })),
    'raised-figure': () =>
      piece(
        woven(drafts.plain, { cell: 6, weft: own }) +
          each(
            6,
            (i) =>
              leaf(28 + (i % 3) * 54 + 3, 30 + Math.floor(i / 3) * 52 + 3, EDGE) +
              leaf(28 + (i % 3) * 54, 30 + Math.floor(i / 3) * 52, shade(INK, 0.25)),
          ),
      ),
    pleated: () =>
      piece(
        each(
          10,
          (i) =>
            `<path d="M${i * 16} 0h16v${H}h-16z" fill="${INK}"/><path d="M${i * 16} 0h6v${H}h-6z" ` +
            `fill="#000" fill-opacity=".35"/><path d="M${i * 16 + 10} 0h5v${H}h-5z" fill="#fff" fill-opacity=".25"/>`,
        ),
      ),
    bumpy: () => piece(woven(drafts.waffle, { cell: 9, weft: { colour: shade(INK, 0.12) } })),
    foamy: () =>
      piece(
        ground('#fff') +
          `<path d="M0 28h160v54H0z" fill="${shade(INK, 0.6)}"/>` +
          each(
            60,
            (i) =>
              `<circle cx="${((i * 0.618) % 1) * W}" cy="${36 + ((i * 0.7549) % 1) * 40}" r="${2 + (i % 3)}" ` +
              'fill="#fff" fill-opacity=".8"/>',
          ) +
          loops(30, 12, INK, 12) +
          loops(90, 12, INK, 12),
      ),
    'crisp-papery': () =>
      piece(
        ground(shade(INK, 0.1)) +
          '<path d="M0 0L60 40L40 110H0z" fill="#000" fill-opacity=".18"/><path d="M60 40L160 12V0H0z" ' +
          'fill="#fff" fill-opacity=".2"/><path d="M60 40L120 110H40z" fill="#fff" fill-opacity=".12"/>' +
          lines('M0 0L60 40L160 12M60 40L40 110M60 40L120 110M120 110L110 60L160 70', EDGE, 1.6, 0.7),
      ),
  },
  figure: {
    'pinwheel-check': () =>
      piece(
        ground(PALE) +
          each(
            20,
            (i) =>
              `<path transform="translate(${(i % 5) * 36} ${Math.floor(i / 5) * 36})" d="M0 0h18l8-9v9h-8l-9 ` +
              `9h9v9l-9 9v-9H0v9l-9-9h9z" fill="${INK}"/>`,
          ),
      ),
    'grouped-check': () =>
      piece(
        checks(4, (x, y) =>
          x % 20 < 10 !== y % 20 < 10
            ? 0.25 + ((x + y) % 2) * 0.4
            : x % 20 < 10
              ? 0.25 + (x % 2) * 0.45
              : 0.12 + (y % 2) * 0.2,
        ),
      ),
    'small-geometric': () =>
      piece(
        woven(drafts.plain, { cell: 6, weft: own }) +
          each(
            40,
            (i) =>
              `<path transform="translate(${(i % 8) * 21 + 8} ${Math.floor(i / 8) * 22 + 10})" d="M0-6L6 0L0 ` +
              `6L-6 0z" fill="${PALE}"/>`,
          ),
      ),
    'lengthwise-ribs': () =>
      piece(
        each(
          11,
          (i) =>
            `<path d="M${i * 15} 0h15v${H}h-15z" fill="${shade(INK, -0.3)}"/>` +
            `<path d="M${i * 15 + 2} 0h10v${H}h-10z" fill="${shade(INK, 0.1)}"/>` +
            `<path d="M${i * 15 + 5} 0h3v${H}h-3z" fill="#fff" fill-opacity=".25"/>`,
        ),
      ),
  },
  opacity: { sheer: () => letters(0.35), 'semi-sheer': () => letters(0.75), opaque: () => letters(1) },
}
