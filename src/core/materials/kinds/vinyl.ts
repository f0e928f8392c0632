import { type Material } from '../types'

export const vinyl: Material = {
  name: 'vinyl (PVC on a fabric)',
  recognise: [
    'A plastic film on a knitted or woven back; no pores, an embossed grain that repeats.',
    'Cut edge: film and fabric in two layers. It smells of plastic and feels cold, then sticky.',
  ],
  burn: {
    allowed: false,
    text: 'Do not burn it: PVC smoke carries hydrogen chloride. A green edge to the flame is its sign.',
  },
  measure: 'Thickness in mm, weight, stretch of its back.',
  store: 'Rolled film side out, cool; folds stay.',
  clean: 'Wipe it with soapy water. No dry cleaning: it stiffens.',
  washCelsius: 30,
  cut: 'One layer with a rotary cutter or shears.',
  mark: 'A pencil on the back.',
  needle: { point: 'sharp', text: 'A sharp point, 80 to 90; a leather point in thick layers.' },
  stitchLength: [3, 4],
  foot: 'A non-stick foot, or paper over it.',
  takesPins: false,
  hold: 'Clips or tape inside the allowance.',
  seam: 'Plain or lapped, topstitched; edges do not fray.',
  press: 'Do not iron it: finger-press or roll.',
  ironDots: 0,
  layout: { turn: 'along', text: 'Follow its backing; the film has no grain.' },
  comesAs: 'roll',
  suits: ['bag', 'pouch', 'apron', 'raincoat', 'cushion', 'tablecloth', 'rucksack'],
  again: 'What has not cracked or gone sticky.',
  source: 'common practice; limits from memory',
}
