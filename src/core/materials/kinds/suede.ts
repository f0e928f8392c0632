import { type Material } from '../types'
import { inMm } from '../../text/amounts'
import { phrase } from '../../text/text'

export const suede: Material = {
  name: 'suede',
  recognise: [
    'A nap of fine fibres on a skin without threads; it shades when you stroke it.',
    'Imitation suede shows a woven or knitted back, and both its sides look alike.',
    'Pores or scars can be found on the back or at the edge.',
  ],
  burn: { allowed: false, text: 'Do not burn it: it behaves as leather does.' },
  measure: 'Thickness in mm, at the back and at the belly; or oz/ft².',
  store: 'Rolled or hung, covered with cotton, away from light and damp.',
  clean: 'A suede brush or a clean rubber; a leather cleaner for stains. Water marks it: no washing.',
  washCelsius: null,
  cut: 'One layer, nap side down, all parts with the nap one way, around the flaws.',
  mark: 'Chalk on the back; no pens on the nap.',
  needle: {
    point: 'leather',
    text: phrase`A leather (cutting) point: 80 to 90 up to ${inMm(1)} thick, 100 to 110 above. Each hole stays,
      so sew each seam once.`,
  },
  stitchLength: [3, 4],
  foot:
    'A non-stick or roller foot; a walking foot where you have one. Lengthen the stitch, loosen the pressure, and ' +
    'tie the ends: back-stitching cuts the skin.',
  takesPins: false,
  hold: 'Clips or double-sided leather tape. No pins.',
  seam: 'Plain seams glued open, or lapped raw edges; edges do not fray.',
  press: 'Finger-press or roll the seams. At most a cool dry iron on the back through brown paper, on a scrap first.',
  ironDots: 0,
  layout: {
    turn: 'one-way',
    text:
      'All parts the same way up, for the nap; from neck to tail along the back, small parts towards the belly, ' +
      'around holes and thin places.',
  },
  comesAs: 'skin',
  suits: [
    'jacket-casual',
    'waistcoat',
    'bag',
    'pouch',
    'skirt-a-line',
    'skirt-pencil',
    'hat',
    'trousers',
    'cushion',
    'kimono-jacket',
  ],
  again: 'Old skirts and jackets: the back panels are the best; cut beside the seams.',
  source: 'common practice; limits from memory',
}
