import { type Material } from '../types'

export const neoprene: Material = {
  name: { uk: 'neoprene (foam between two knits)', us: 'neoprene (foam between two knits)' },
  recognise: [
    'A spongy sheet of closed cells, with a thin knit on one or both sides; it springs back when you squeeze it.',
    'Scuba knit is thinner, has no foam in its cut edge and drapes.',
  ],
  burn: { allowed: false, text: 'Do not burn it: its smoke carries hydrogen chloride.' },
  measure: 'Thickness in mm (2 to 5), stretch each way.',
  store: 'Hung or flat, never creased, out of the sun.',
  clean: 'Rinse it in cool water, dry it in the shade.',
  washCelsius: 30,
  cut: 'One layer with a rotary cutter.',
  mark: 'Chalk or a wax-free pen.',
  needle: {
    point: 'stretch',
    text:
      'A stretch point, 90; flat seams butted and glued, sewn through half of the thickness where it ' +
      'must be tight.',
  },
  stitchLength: [3, 3.5],
  foot: 'A non-stick or walking foot.',
  takesPins: false,
  hold: 'Clips and contact glue (open window, no flame).',
  seam: 'Edges butted, glued and joined with a wide zigzag or three-step zigzag.',
  press: 'Do not iron it: foam collapses and softens.',
  ironDots: 0,
  layout: { turn: 'along', text: 'The greater stretch goes round the body.' },
  comesAs: 'roll',
  suits: ['swimwear', 'bag', 'pouch', 'skirt-pencil', 'rucksack'],
  again: 'Old wetsuits: cut out cracked and thin places.',
  source: 'common practice; limits from memory',
}
