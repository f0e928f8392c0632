import { seamAt, topLayer, underLayer } from './twoLayers'
import { type Technique } from './types'
import { inMm, inMmBoth, stitchLengthMm } from '../../text/amounts'
import { phrase } from '../../text/text'

/** Ways of working, each drawn. */
export const ways: readonly Technique[] = [
  {
    id: 'staystitch',
    name: 'Staystitching',
    what: 'way',
    for: 'necklines, armholes and every curve or bias edge, as soon as it is cut',
    notFor: 'knits: they get a tape instead',
    steps: [
      {
        text: phrase`One layer flat on the machine, ${inMm(12)} from the edge, from the shoulder to the middle.`,
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
    notFor: 'crisp fabric on the straight grain',
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
        drawing: [topLayer, underLayer, ['fold', [30, 16], [30, 44]], ['fold', [56, 16], [56, 44]]],
      },
      {
        text: 'Pin through every second stripe, into the same stripe below.',
        drawing: [topLayer, underLayer, ['stitch', [30, 18], [30, 40]], ['stitch', [56, 18], [56, 40]]],
      },
      {
        text: 'Tack on the seam line, turn and look, then sew with the walking foot.',
        drawing: [topLayer, underLayer, seamAt(70)],
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
        drawing: [topLayer, underLayer, seamAt(58), seamAt(66)],
      },
      {
        text: 'Sew with the pile between the rows, long stitches, little pressure; lift the foot now and then.',
        drawing: [topLayer, underLayer, seamAt(58), seamAt(66), ['fold', [62, 14], [62, 44]]],
      },
      {
        text: 'Take the tacking out at once; steam from behind, on a towel.',
        drawing: [topLayer, underLayer, ['stitch', [62, 20], [62, 38]]],
      },
    ],
  },
  {
    id: 'interfacing-a-collar',
    name: 'Interfacing a collar',
    what: 'way',
    for: 'collars and cuffs in fabric that tolerates an iron',
    notFor: 'heat-shy, sheer and piled fabric: sew it in',
    steps: [
      {
        text: 'Cut it without the seam allowance; a test snip on the same fabric first.',
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
  {
    id: 'sheers-on-tissue',
    name: 'Sheers between tissue',
    what: 'way',
    for: 'chiffon, georgette, organza, fine net: what slips and is pulled into the plate',
    notFor: 'loops and lace, where the tissue tears threads out with it',
    steps: [
      {
        text: 'Lay the fabric on tissue paper, pin both together beside the seam line, and cut them as one.',
        drawing: [
          ['cloth', [8, 26], [88, 26]],
          ['tape', [8, 34], [88, 34]],
          ['cut', [84, 14], [84, 46]],
        ],
      },
      {
        text: 'Sew through both, short stitches, the thread ends held behind the foot at the start.',
        drawing: [topLayer, underLayer, ['tape', [8, 40], [82, 40]], seamAt(66, 20, 46)],
      },
      {
        text: 'Tear the tissue off along the stitches, from one side and then the other; never pull the seam.',
        drawing: [topLayer, underLayer, ['tape', [8, 46], [56, 46]], ['tape', [74, 46], [90, 52]], seamAt(66)],
      },
      {
        text: 'Finish it as a French seam: nothing raw shows through.',
        drawing: [
          ['cloth', [8, 24], [74, 24], [74, 34], [8, 34]],
          ['other', [66, 27], [72, 27], [72, 31], [66, 31]],
          seamAt(60),
        ],
      },
    ],
  },
  {
    id: 'knits-without-overlocker',
    name: 'Knits without an overlocker',
    what: 'way',
    for: 'jersey, rib and stretch fabric on a household machine',
    notFor: 'wovens without stretch: the stitch stands out',
    steps: [
      {
        text: 'A rounded needle, less pressure on the foot; try on a scrap, and pull it until it should break.',
        drawing: [topLayer, underLayer, ['fold', [66, 10], [66, 44]]],
      },
      {
        text: phrase`A narrow zigzag on the seam line (half a mm wide, ${stitchLengthMm(2.5)} long): it gives
          with the fabric.`,
        drawing: [topLayer, underLayer, ['stitch', [62, 20], [65, 26], [62, 32], [65, 38]]],
      },
      {
        text: 'A second, wider zigzag beside it, both edges together; trim close to it.',
        drawing: [
          topLayer,
          underLayer,
          ['stitch', [62, 20], [65, 26], [62, 32], [65, 38]],
          ['stitch', [71, 20], [78, 26], [71, 32], [78, 38]],
          ['cut', [82, 16], [82, 42]],
        ],
      },
      {
        text: 'Shoulders and waist over a narrow tape, so that they do not grow.',
        drawing: [
          topLayer,
          underLayer,
          ['tape', [52, 22], [74, 22]],
          ['stitch', [62, 18], [65, 26], [62, 32], [65, 38]],
        ],
      },
    ],
  },
  {
    id: 'gathering',
    name: 'Gathering evenly',
    what: 'way',
    for: 'tiers, sleeve heads, ruffles, waists: light and medium fabric',
    notFor: 'thick fabric: pleat it; knits: elastic, stretched while it is sewn',
    steps: [
      {
        text: phrase`Two rows of the longest stitch, ${inMmBoth(12, 18)} from the edge, the ends left long.`,
        drawing: [
          ['cloth', [8, 50], [8, 14], [92, 14], [92, 50]],
          ['stitch', [4, 20], [96, 20]],
          ['stitch', [4, 27], [96, 27]],
        ],
      },
      {
        text: 'Quarter both edges, and pin them together at the quarters.',
        drawing: [
          ['cloth', [8, 50], [8, 14], [92, 14], [92, 50]],
          ['stitch', [4, 20], [96, 20]],
          ['fold', [29, 8], [29, 34]],
          ['fold', [50, 8], [50, 34]],
          ['fold', [71, 8], [71, 34]],
        ],
      },
      {
        text: phrase`Pull the two lower threads together from each end, spread the gathers, and sew between the
          rows, at ${inMm(15)}.`,
        drawing: [
          [
            'cloth',
            [20, 50],
            [24, 20],
            [30, 26],
            [36, 20],
            [42, 26],
            [48, 20],
            [54, 26],
            [60, 20],
            [66, 26],
            [72, 20],
          ],
          ['other', [16, 14], [78, 14]],
          ['stitch', [18, 23], [76, 23]],
        ],
      },
    ],
  },
  {
    id: 'mitred-corner',
    name: 'A mitred corner',
    what: 'way',
    for: 'napkins, tablecloths, curtains, bag tops: two hems that meet',
    notFor: 'fabric that frays into the fold, unless it is glued or caught by hand',
    steps: [
      {
        text: 'Press both hems, open them again, and fold the corner in so that the pressed lines meet.',
        drawing: [
          ['cloth', [20, 54], [20, 26], [40, 8], [92, 8]],
          ['fold', [30, 54], [30, 17]],
          ['fold', [30, 17], [92, 17]],
        ],
      },
      {
        text: phrase`Cut the corner off, ${inMm(6)} outside the fold.`,
        drawing: [
          ['cloth', [20, 54], [20, 26], [40, 8], [92, 8]],
          ['cut', [14, 26], [36, 4]],
        ],
      },
      {
        text: 'Fold both hems back in: the edges meet in a slanted line. Sew the hem right round.',
        drawing: [
          ['cloth', [30, 54], [30, 17], [92, 17]],
          ['fold', [30, 17], [44, 31]],
          ['stitch', [44, 54], [44, 31], [92, 31]],
        ],
      },
    ],
  },
  {
    id: 'understitching',
    name: 'Understitching a facing',
    what: 'way',
    for: 'necklines, armholes, waist facings and linings that would roll out',
    notFor: 'edges that are topstitched anyway',
    steps: [
      {
        text: 'Sew facing to garment, trim both allowances, the facing’s shorter; clip the curve to the stitches.',
        drawing: [topLayer, underLayer, seamAt(62), ['cut', [70, 20], [70, 38]]],
      },
      {
        text: 'Press both allowances towards the facing.',
        drawing: [
          ['cloth', [8, 40], [48, 40], [48, 34], [62, 34]],
          ['other', [92, 40], [48, 40]],
        ],
      },
      {
        text: phrase`Sew facing and allowances together, ${inMm(2)} beside the seam: the edge rolls inwards by
          itself.`,
        drawing: [
          ['cloth', [8, 40], [48, 40], [48, 34], [62, 34]],
          ['other', [92, 40], [48, 40]],
          ['stitch', [54, 28], [54, 46]],
        ],
      },
    ],
  },
  {
    id: 'overcast-by-hand',
    name: 'Edges overcast by hand',
    what: 'way',
    for: 'old and precious fabric, places a machine can’t reach, silk and fine wool',
    notFor: 'things that you wash hot and often',
    steps: [
      {
        text: 'Press the allowances open; fine silk or cotton thread, no longer than your forearm.',
        drawing: [
          ['cloth', [8, 36], [50, 36], [50, 28], [80, 28]],
          ['other', [92, 36], [50, 36], [50, 28], [20, 28]],
        ],
      },
      {
        text: phrase`Slant stitches over the edge, ${inMm(5)} deep and as far apart, none of them drawn tight.`,
        drawing: [
          ['cloth', [8, 36], [50, 36], [50, 28], [80, 28]],
          ['other', [92, 36], [50, 36], [50, 28], [20, 28]],
          ['stitch', [72, 22], [82, 32], [72, 32], [82, 22]],
          ['stitch', [18, 22], [28, 32], [18, 32], [28, 22]],
        ],
      },
    ],
  },
]
