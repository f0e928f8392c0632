/** What a line of a drawing is. Cloth is seen from its edge. */
export type StrokeKind = 'cloth' | 'other' | 'stitch' | 'cut' | 'fold' | 'tape'
/** A line through points, in a box of 100 by 60. */
export type Stroke = readonly [kind: StrokeKind, ...points: (readonly [x: number, y: number])[]]

export interface TechniqueStep {
  text: string
  drawing: readonly Stroke[]
}

/** One way of working, step by step. Common practice. */
export interface Technique {
  id: string
  name: string
  what: 'seam' | 'hem' | 'way'
  for: string
  notFor: string
  steps: readonly TechniqueStep[]
}

// Two layers over one another, seen from the edge; the seam is at the right.
const top: Stroke = ['cloth', [8, 26], [82, 26]]
const under: Stroke = ['other', [8, 32], [82, 32]]
const seamAt = (x: number, from = 20, to = 38): Stroke => ['stitch', [x, from], [x, to]]

/** Seams, hems and ways, each drawn. */
export const techniques: readonly Technique[] = [
  {
    id: 'french',
    name: 'French seam',
    what: 'seam',
    for: 'sheer and light cloth, straight seams that are seen from both sides',
    notFor: 'thick cloth, tight curves, set-in sleeves in anything but the lightest',
    steps: [
      { text: 'Wrong sides together, sew 6 mm from the edge.', drawing: [top, under, seamAt(70)] },
      {
        text: 'Trim to 3 mm, press it open, then flat.',
        drawing: [top, under, seamAt(70), ['cut', [76, 16], [76, 42]]],
      },
      {
        text: 'Turn right sides together over the edge and press the fold sharp.',
        drawing: [
          ['cloth', [8, 24], [74, 24], [74, 34], [8, 34]],
          ['other', [66, 27], [72, 27], [72, 31], [66, 31]],
          ['fold', [74, 18], [74, 40]],
        ],
      },
      {
        text: 'Sew 9 mm from the fold: the raw edges are shut in.',
        drawing: [
          ['cloth', [8, 24], [74, 24], [74, 34], [8, 34]],
          ['other', [66, 27], [72, 27], [72, 31], [66, 31]],
          seamAt(60),
        ],
      },
    ],
  },
  {
    id: 'flat-felled',
    name: 'Flat-felled seam',
    what: 'seam',
    for: 'shirts, jeans, bags: what is pulled and washed hard',
    notFor: 'pile, films, very thick or fluid cloth',
    steps: [
      { text: 'Wrong sides together, sew at 15 mm.', drawing: [top, under, seamAt(62)] },
      {
        text: 'Trim one allowance to 5 mm.',
        drawing: [top, ['other', [8, 32], [70, 32]], seamAt(62), ['cut', [70, 28], [70, 40]]],
      },
      {
        text: 'Fold the wide one over the narrow one, and both flat on the cloth.',
        drawing: [
          ['cloth', [8, 40], [50, 40], [50, 34], [70, 34], [70, 30], [54, 30]],
          ['other', [92, 40], [50, 40]],
          ['fold', [70, 24], [70, 42]],
        ],
      },
      {
        text: 'Topstitch 2 mm from the folded edge.',
        drawing: [
          ['cloth', [8, 40], [50, 40], [50, 34], [70, 34], [70, 30], [54, 30]],
          ['other', [92, 40], [50, 40]],
          seamAt(66, 26, 44),
          seamAt(52, 26, 44),
        ],
      },
    ],
  },
  {
    id: 'overlocked',
    name: 'Plain seam, overlocked',
    what: 'seam',
    for: 'knits, and middling cloth that frays',
    notFor: 'sheer cloth, where it shows; the inside of an unlined jacket',
    steps: [
      {
        text: 'Right sides together, sew on the seam line (on knits the overlocker alone does).',
        drawing: [top, under, seamAt(62)],
      },
      {
        text: 'Overlock both edges together, the knife taking a sliver; press to the back.',
        drawing: [
          top,
          under,
          seamAt(62),
          ['stitch', [74, 22], [82, 36], [74, 36], [82, 22]],
          ['cut', [84, 16], [84, 42]],
        ],
      },
    ],
  },
  {
    id: 'zigzag',
    name: 'Plain seam, zigzagged',
    what: 'seam',
    for: 'the same where there is no overlocker',
    notFor: 'sheer cloth; stretchy edges, unless over a thread or tissue',
    steps: [
      { text: 'Sew on the seam line.', drawing: [top, under, seamAt(62)] },
      {
        text: 'Zigzag inside the edge of each allowance.',
        drawing: [top, under, seamAt(62), ['stitch', [70, 22], [75, 36], [80, 22]]],
      },
      {
        text: 'Trim close to the zigzag, not into it; press open.',
        drawing: [
          ['cloth', [8, 34], [50, 34], [50, 28], [72, 28]],
          ['other', [92, 34], [50, 34], [50, 28], [28, 28]],
          ['cut', [74, 20], [74, 40]],
        ],
      },
    ],
  },
  {
    id: 'bound',
    name: 'Edges bound',
    what: 'seam',
    for: 'unlined jackets, heavy cloth that frays',
    notFor: 'light and stretchy cloth: the binding is stiffer',
    steps: [
      {
        text: 'Sew the seam and press it open.',
        drawing: [
          ['cloth', [8, 36], [50, 36], [50, 28], [80, 28]],
          ['other', [92, 36], [50, 36], [50, 28], [20, 28]],
        ],
      },
      {
        text: 'Bias strip to the edge, right sides together, 5 mm.',
        drawing: [['cloth', [8, 36], [50, 36], [50, 28], [80, 28]], ['tape', [62, 24], [80, 24]], seamAt(74, 20, 32)],
      },
      {
        text: 'Wrap it round the edge and sew in the ditch.',
        drawing: [
          ['cloth', [8, 36], [50, 36], [50, 28], [80, 28]],
          ['tape', [70, 24], [84, 24], [84, 32], [70, 32]],
          seamAt(72, 20, 36),
        ],
      },
    ],
  },
  {
    id: 'rolled',
    name: 'Rolled hem',
    what: 'hem',
    for: 'chiffon, organza, silk scarves, ruffles',
    notFor: 'anything over about 100 g/m²',
    steps: [
      {
        text: 'Staystitch 5 mm from the edge; fold on it; sew close to the fold.',
        drawing: [['cloth', [8, 30], [80, 30], [80, 36], [66, 36]], seamAt(77, 24, 42)],
      },
      {
        text: 'Trim to the stitches with small scissors, the points away from the cloth.',
        drawing: [
          ['cloth', [8, 30], [80, 30], [80, 36], [74, 36]],
          ['cut', [73, 32], [73, 46]],
        ],
      },
      {
        text: 'Roll once more and sew on the first line, or by hand.',
        drawing: [['cloth', [8, 30], [80, 30], [80, 38], [70, 38], [70, 34]], seamAt(73, 24, 44)],
      },
    ],
  },
  {
    id: 'narrow-double',
    name: 'Narrow double hem',
    what: 'hem',
    for: 'shirts, light skirts, straight or gently curved edges',
    notFor: 'knits, pile, thick cloth, full circles in crisp cloth',
    steps: [
      {
        text: 'Press 6 mm up.',
        drawing: [
          ['cloth', [8, 30], [80, 30], [80, 36], [66, 36]],
          ['fold', [80, 20], [80, 46]],
        ],
      },
      {
        text: 'Press 6 mm up again.',
        drawing: [['cloth', [8, 30], [80, 30], [80, 40], [62, 40], [62, 35], [76, 35]]],
      },
      {
        text: 'Topstitch close to the inner fold.',
        drawing: [['cloth', [8, 30], [80, 30], [80, 40], [62, 40], [62, 35], [76, 35]], seamAt(65, 24, 46)],
      },
    ],
  },
  {
    id: 'single-blind',
    name: 'Single turn, blind-stitched',
    what: 'hem',
    for: 'dress weights, wool, limp cloth on which a ridge would show',
    notFor: 'work clothes; sheer cloth',
    steps: [
      {
        text: 'Finish the edge thinly; press the hem up, over paper so that it leaves no ridge.',
        drawing: [
          ['cloth', [8, 28], [84, 28], [84, 38], [40, 38]],
          ['stitch', [40, 34], [44, 42], [40, 42]],
        ],
      },
      {
        text: 'Fold the garment back along the hem’s edge.',
        drawing: [
          ['cloth', [44, 24], [8, 24], [8, 30], [84, 30], [84, 38], [40, 38]],
          ['fold', [44, 18], [44, 44]],
        ],
      },
      {
        text: 'Catch one thread of the fold at each stitch, by hand or with the blind foot.',
        drawing: [
          ['cloth', [8, 28], [84, 28], [84, 38], [40, 38]],
          ['stitch', [40, 38], [46, 28], [52, 38], [58, 28]],
        ],
      },
    ],
  },
  {
    id: 'twin-needle',
    name: 'Single turn with a twin needle',
    what: 'hem',
    for: 'knits',
    notFor: 'woven cloth that frays',
    steps: [
      {
        text: 'Press the hem up once; tack it, or hold it with wash-away tape.',
        drawing: [['cloth', [8, 28], [84, 28], [84, 36], [48, 36]]],
      },
      {
        text: 'Two rows from the right side, the raw edge between them; looser, so that no tunnel forms.',
        drawing: [['cloth', [8, 28], [84, 28], [84, 36], [48, 36]], seamAt(54, 22, 42), seamAt(60, 22, 42)],
      },
      {
        text: 'Trim what stands out behind.',
        drawing: [
          ['cloth', [8, 28], [84, 28], [84, 36], [52, 36]],
          ['cut', [50, 30], [50, 44]],
        ],
      },
    ],
  },
  {
    id: 'staystitch',
    name: 'Staystitching',
    what: 'way',
    for: 'necklines, armholes and every curve or bias edge, as soon as it is cut',
    notFor: 'knits: they get a tape instead',
    steps: [
      {
        text: 'One layer flat on the machine, 12 mm from the edge, from the shoulder to the middle.',
        drawing: [
          ['cloth', [10, 50], [20, 18], [50, 34], [80, 18], [90, 50]],
          ['stitch', [22, 24], [50, 40]],
        ],
      },
      {
        text: 'The other half from its shoulder to the middle, so that both are pulled alike.',
        drawing: [
          ['cloth', [10, 50], [20, 18], [50, 34], [80, 18], [90, 50]],
          ['stitch', [22, 24], [50, 40]],
          ['stitch', [78, 24], [50, 40]],
        ],
      },
    ],
  },
  {
    id: 'hang-before-hem',
    name: 'Hanging before hemming',
    what: 'way',
    for: 'bias, circles, limp and knitted skirts',
    notFor: 'crisp cloth on the straight grain',
    steps: [
      {
        text: 'Hang it by its waist for a day, bias for two.',
        drawing: [['cloth', [40, 8], [60, 8], [86, 48], [14, 48], [40, 8]]],
      },
      {
        text: 'It drops where it is on the bias.',
        drawing: [['cloth', [40, 8], [60, 8], [90, 50], [70, 56], [50, 50], [30, 56], [10, 50], [40, 8]]],
      },
      {
        text: 'Measure up from the floor, mark, and cut level.',
        drawing: [
          ['cloth', [40, 8], [60, 8], [86, 46], [14, 46], [40, 8]],
          ['cut', [6, 46], [94, 46]],
        ],
      },
    ],
  },
  {
    id: 'matching-stripes',
    name: 'Matching stripes',
    what: 'way',
    for: 'side seams, plackets, pockets of woven stripes and checks',
    notFor: 'prints that are off grain: they never meet twice',
    steps: [
      {
        text: 'Cut one piece; lay it, right sides together, on the other where the notches meet.',
        drawing: [top, under, ['fold', [30, 16], [30, 44]], ['fold', [56, 16], [56, 44]]],
      },
      {
        text: 'Pin through every second stripe, into the same stripe below.',
        drawing: [top, under, ['stitch', [30, 18], [30, 40]], ['stitch', [56, 18], [56, 40]]],
      },
      {
        text: 'Tack on the seam line, turn and look, then sew with the walking foot.',
        drawing: [top, under, seamAt(70)],
      },
    ],
  },
  {
    id: 'velvet-without-creep',
    name: 'Velvet without creep',
    what: 'way',
    for: 'velvet, plush and anything with pile',
    notFor: '',
    steps: [
      {
        text: 'Both pieces with the pile running the same way; two rows of hand tacking beside the seam line.',
        drawing: [top, under, seamAt(58), seamAt(66)],
      },
      {
        text: 'Sew with the pile between the rows, long stitches, little pressure; lift the foot now and then.',
        drawing: [top, under, seamAt(58), seamAt(66), ['fold', [62, 14], [62, 44]]],
      },
      {
        text: 'Take the tacking out at once; steam from behind, on a towel.',
        drawing: [top, under, ['stitch', [62, 20], [62, 38]]],
      },
    ],
  },
  {
    id: 'interfacing-a-collar',
    name: 'Interfacing a collar',
    what: 'way',
    for: 'collars and cuffs in cloth that bears an iron',
    notFor: 'heat-shy, sheer and piled cloth: sew it in',
    steps: [
      {
        text: 'Cut it without the seam allowance; a test snip on the same cloth first.',
        drawing: [
          ['cloth', [8, 34], [92, 34]],
          ['tape', [16, 28], [84, 28]],
        ],
      },
      {
        text: 'Press ten seconds, lift, move on; never slide. Hot irons burn.',
        drawing: [
          ['cloth', [8, 34], [92, 34]],
          ['tape', [16, 31], [84, 31]],
          ['fold', [50, 8], [50, 24]],
        ],
      },
      {
        text: 'Let it cool flat before it is moved.',
        drawing: [
          ['cloth', [8, 34], [92, 34]],
          ['tape', [16, 32], [84, 32]],
        ],
      },
    ],
  },
]

const known = new Map(techniques.map((technique) => [technique.id, technique]))

/** The technique of that id, where it is drawn. */
export const techniqueOf = (id: string): Technique | undefined => known.get(id)
