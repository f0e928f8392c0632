import { type Material } from '../types'
import { inMm } from '../../text/amounts'
import { phrase } from '../../text/text'

export const leather: Material = {
  name: 'leather',
  recognise: [
    'Pull at an edge: no thread comes out. One side shows pores and a fine uneven grain, the other a felt of fibres.',
    'Cut edge: one felted layer all through. A film on a fabric is imitation leather.',
    'A drop of water darkens it slowly unless it is finished. It smells of leather, not of plastic, and feels ' +
      'warm quickly.',
  ],
  burn: {
    allowed: false,
    text:
      'Do not burn it to find out: it only shrivels and smells of burnt hair, and tanning salts (chromium) stay in ' +
      'the ash. Look for pores instead.',
  },
  measure: phrase`Thickness in mm, at the back and at the belly; or its weight in oz/ft² (1 oz is about
    ${inMm(0.4)}). Then the usable area between flaws.`,
  store:
    'Rolled around a tube, grain side out, or flat; never folded, out of the sun, airy, in paper and not in plastic.',
  clean:
    'Brush it; wipe it with a barely damp cloth; leather soap and a little leather cream. No washing, no ' +
    'tumbling; a leather cleaner for the rest.',
  washCelsius: null,
  cut:
    'One layer, grain side up, around the flaws, with a rotary cutter or a sharp knife away from the body. Never ' +
    'on a fold.',
  mark: 'A silver pen or chalk inside the allowance, on the back; no tracing wheel and no carbon.',
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
  hold: 'Clips, double-sided leather tape or a thin line of glue. No pins.',
  seam:
    'Plain seams, allowances glued down or topstitched, curves notched; lapped seams on thick leather. Skive ' +
    '(thin) edges where three layers meet.',
  press: 'Do not iron it. Open seams with a seam roller or a hammer through paper, and glue them down.',
  ironDots: 0,
  layout: {
    turn: 'any',
    text:
      'There is no grain, but a skin stretches little from neck to tail along the back and much towards the belly ' +
      'and legs. Put what must not stretch (fronts, waistbands, straps) along the back, small parts at the edges, ' +
      'and nothing over a flaw.',
  },
  comesAs: 'skin',
  suits: [
    'jacket-casual',
    'waistcoat',
    'bag',
    'rucksack',
    'pouch',
    'skirt-pencil',
    'skirt-a-line',
    'trousers',
    'hat',
    'corset',
    'doublet',
    'cushion',
    'shorts',
    'blazer',
    'coat',
  ],
  again:
    'Old coats and sofas: cut beside the seams, since holes stay, and leave out cracked, stiff and stained places.',
  source: 'common practice; limits from memory',
}
