import { type Material } from '../types'

export const foam: Material = {
  name: 'foam (polyurethane)',
  recognise: [
    'Open or closed cells all through, light, and it recovers when you squeeze it.',
    'Old foam that crumbles and sticks has perished: discard it.',
  ],
  burn: { allowed: false, text: 'Never burn it: its smoke carries hydrogen cyanide, and it drips and spreads fire.' },
  measure: 'Thickness in mm and density (kg/m³ where it is known).',
  store: 'Flat, dark, dry; it yellows and crumbles with age.',
  clean: 'Rinse it in lukewarm water, press it in a towel, dry it flat.',
  washCelsius: 30,
  cut: 'A long sharp or electric knife, one stroke, on a board.',
  mark: 'A felt pen.',
  needle: { point: 'universal', text: 'It is covered rather than sewn; thin backed foam with a 90 universal point.' },
  stitchLength: [3.5, 4.5],
  foot: 'A walking foot, or paper on top.',
  takesPins: false,
  hold: 'Clips, or spray glue out of doors.',
  seam: 'Edges butted; cut away from seam allowances.',
  press: 'Do not iron it.',
  ironDots: 0,
  layout: { turn: 'any', text: 'No grain.' },
  comesAs: 'sheet',
  suits: ['cushion', 'bag', 'hat', 'puppet-clothes'],
  again: 'Only foam that still springs back and does not smell.',
  source: 'common practice; limits from memory',
}
