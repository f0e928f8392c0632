import { type Material } from '../types'
import { inCm } from '../../text/amounts'
import { phrase } from '../../text/text'

export const straw: Material = {
  name: 'straw or raffia fabric',
  recognise: [
    'Flat dry strips of leaf or stem, plaited or woven; they split along their length and rustle.',
    'Paper straw uncurls when it is wet; plastic straw melts and stretches.',
  ],
  burn: {
    allowed: true,
    text:
      'One strip burns fast and smells of burning leaves or rope, with a soft grey ash; keep the rest away, it ' +
      'flares. Plastic straw melts: stop there.',
  },
  measure: 'Width of its strips and how far they can be bent.',
  store: 'Flat or on a form, neither dry heat nor damp.',
  clean: 'Brush it, wipe it with a damp cloth, dry it in shape.',
  washCelsius: null,
  cut: 'Dampen it first; tape or stitch along the line, then cut: it unravels.',
  mark: 'Chalk or tacks.',
  needle: { point: 'universal', text: 'A universal point, 90; by hand with a strong thread.' },
  stitchLength: [3, 4],
  foot: 'The standard foot, slowly.',
  takesPins: false,
  hold: 'Clips.',
  seam: 'Edges bound with bias tape or turned under tape.',
  press: 'Steam it damp over a form; no bare iron.',
  ironDots: 1,
  layout: { turn: 'along', text: phrase`Lay parts along the plait or weave, and leave ${inCm(2)} around them.` },
  comesAs: 'roll',
  suits: ['hat', 'bag', 'pouch', 'cushion'],
  again: 'Old hats can be steamed and blocked anew.',
  source: 'common practice; limits from memory',
}
