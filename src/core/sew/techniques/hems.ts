import { seamAt } from './twoLayers'
import { type Technique } from './types'
import { inGsm, inMm } from '../../text/amounts'
import { phrase } from '../../text/text'

/** Hems, each drawn. */
export const hems: readonly Technique[] = [
  {
    id: 'rolled',
    name: 'Rolled hem',
    what: 'hem',
    for: 'chiffon, organza, silk scarves, ruffles',
    notFor: phrase`anything over about ${inGsm(100)}`,
    steps: [
      {
        text: phrase`Staystitch ${inMm(5)} from the edge; fold on the stitches; sew close to the fold.`,
        drawing: [['cloth', [8, 30], [80, 30], [80, 36], [66, 36]], seamAt(77, 24, 42)],
      },
      {
        text: 'Trim to the stitches with small scissors, the points away from the fabric.',
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
    notFor: 'knits, pile, thick fabric, full circles in crisp fabric',
    steps: [
      {
        text: phrase`Press ${inMm(6)} up.`,
        drawing: [
          ['cloth', [8, 30], [80, 30], [80, 36], [66, 36]],
          ['fold', [80, 20], [80, 46]],
        ],
      },
      {
        text: phrase`Press ${inMm(6)} up again.`,
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
    for: 'dress weights, wool, limp fabric on which a ridge would show',
    notFor: 'work clothes; sheer fabric',
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
    notFor: 'woven fabric that frays',
    steps: [
      {
        text: 'Press the hem up once; tack it, or hold it with wash-away tape.',
        drawing: [['cloth', [8, 28], [84, 28], [84, 36], [48, 36]]],
      },
      {
        text:
          'Sew two rows from the right side, the raw edge between them, with low tension, so that no ' +
          'tunnel forms.',
        drawing: [['cloth', [8, 28], [84, 28], [84, 36], [48, 36]], seamAt(54, 22, 42), seamAt(60, 22, 42)],
      },
      {
        text: 'Trim the rest on the wrong side.',
        drawing: [
          ['cloth', [8, 28], [84, 28], [84, 36], [52, 36]],
          ['cut', [50, 30], [50, 44]],
        ],
      },
    ],
  },
  {
    id: 'double',
    name: 'Double hem, topstitched',
    what: 'hem',
    for: 'shirts, trousers, curtains, aprons: medium fabric on straight edges',
    notFor: 'thick fabric, where three layers stand like a ridge; full circles',
    steps: [
      {
        text: phrase`Press ${inMm(10)} to the wrong side.`,
        drawing: [
          ['cloth', [8, 30], [84, 30], [84, 36], [72, 36]],
          ['fold', [84, 22], [84, 44]],
        ],
      },
      {
        text: 'Fold again by the depth of the hem, and press; pin or tack it level.',
        drawing: [
          ['cloth', [8, 30], [84, 30], [84, 40], [58, 40], [58, 35], [72, 35]],
          ['fold', [58, 24], [58, 46]],
        ],
      },
      {
        text: phrase`Topstitch ${inMm(2)} from the inner fold, from the wrong side or along a guide.`,
        drawing: [
          ['cloth', [8, 30], [84, 30], [84, 40], [58, 40], [58, 35], [72, 35]],
          ['stitch', [62, 24], [62, 46]],
        ],
      },
    ],
  },
  {
    id: 'faced',
    name: 'Faced hem',
    what: 'hem',
    for: 'curved hems, thick fabric, and hems with no length to spare',
    notFor: 'sheer fabric, where the facing shows as a band',
    steps: [
      {
        text: phrase`A bias strip, right sides together, sewn ${inMm(8)} from the edge.`,
        drawing: [
          ['cloth', [8, 36], [84, 36]],
          ['tape', [56, 30], [84, 30]],
          ['stitch', [76, 24], [76, 42]],
        ],
      },
      {
        text: phrase`Turn it all to the wrong side, and roll the seam ${inMm(1)} inwards before it is pressed.`,
        drawing: [
          ['cloth', [8, 30], [84, 30], [84, 35], [76, 35]],
          ['tape', [82, 40], [56, 40]],
          ['fold', [84, 22], [84, 46]],
        ],
      },
      {
        text: 'Catch its free edge by hand, one thread of the fabric at each stitch.',
        drawing: [
          ['cloth', [8, 30], [84, 30], [84, 35], [76, 35]],
          ['tape', [82, 40], [56, 40]],
          ['stitch', [54, 42], [58, 32], [62, 42]],
        ],
      },
    ],
  },
]
