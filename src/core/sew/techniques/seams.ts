import { seamAt, topLayer, underLayer } from './twoLayers'
import { type Technique } from './types'
import { inMm } from '../../text/amounts'
import { phrase } from '../../text/text'

/** Seams, each drawn. */
export const seams: readonly Technique[] = [
  {
    id: 'french',
    name: 'French seam',
    what: 'seam',
    for: 'sheer and light fabric, straight seams that are seen from both sides',
    notFor: 'thick fabric, tight curves, set-in sleeves in anything but the lightest',
    steps: [
      {
        text: phrase`Wrong sides together, sew ${inMm(9)} from the edge.`,
        drawing: [topLayer, underLayer, seamAt(70)],
      },
      {
        text: phrase`Trim to ${inMm(3)}, press it open, then flat.`,
        drawing: [topLayer, underLayer, seamAt(70), ['cut', [76, 16], [76, 42]]],
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
        text: phrase`Sew ${inMm(6)} from the fold: the raw edges are shut in. Together they take the usual
          ${inMm(15)}.`,
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
    for: 'shirts, jeans, bags: strain and hot washes',
    notFor: 'pile, films, very thick or fluid fabric',
    steps: [
      { text: phrase`Wrong sides together, sew at ${inMm(15)}.`, drawing: [topLayer, underLayer, seamAt(62)] },
      {
        text: phrase`Trim one allowance to ${inMm(5)}.`,
        drawing: [topLayer, ['other', [8, 32], [70, 32]], seamAt(62), ['cut', [70, 28], [70, 40]]],
      },
      {
        text: 'Fold the wide one over the narrow one, and both flat on the fabric.',
        drawing: [
          ['cloth', [8, 40], [50, 40], [50, 34], [70, 34], [70, 30], [54, 30]],
          ['other', [92, 40], [50, 40]],
          ['fold', [70, 24], [70, 42]],
        ],
      },
      {
        text: phrase`Topstitch ${inMm(2)} from the folded edge.`,
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
    for: 'knits, and medium fabric that frays',
    notFor: 'sheer fabric, where it shows; the inside of an unlined jacket',
    steps: [
      {
        text: 'Right sides together, sew on the seam line (on knits the overlocker alone does).',
        drawing: [topLayer, underLayer, seamAt(62)],
      },
      {
        text: 'Overlock both edges together, the knife taking a sliver; press to the back.',
        drawing: [
          topLayer,
          underLayer,
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
    notFor: 'sheer fabric; stretchy edges, unless over a thread or tissue',
    steps: [
      { text: 'Sew on the seam line.', drawing: [topLayer, underLayer, seamAt(62)] },
      {
        text: 'Zigzag inside the edge of each allowance.',
        drawing: [topLayer, underLayer, seamAt(62), ['stitch', [70, 22], [75, 36], [80, 22]]],
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
    for: 'unlined jackets, heavy fabric that frays',
    notFor: 'light and stretchy fabric: the binding is stiffer',
    steps: [
      {
        text: 'Sew the seam and press it open.',
        drawing: [
          ['cloth', [8, 36], [50, 36], [50, 28], [80, 28]],
          ['other', [92, 36], [50, 36], [50, 28], [20, 28]],
        ],
      },
      {
        text: phrase`Bias strip to the edge, right sides together, ${inMm(5)}.`,
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
]
