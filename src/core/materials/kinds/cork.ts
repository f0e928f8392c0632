import { type Material } from '../types'

export const cork: Material = {
  name: 'cork fabric',
  recognise: [
    'Flakes and pores of bark, light and warm to the hand, glued in a thin sheet to a woven or knitted back.',
    'It bends without cracking where it is good; an old sheet crumbles at the fold.',
  ],
  burn: { allowed: false, text: 'Do not burn it: its glue and backing smoke. Look at the bark.' },
  measure: 'Thickness in mm, with its backing, and whether its backing is woven or knitted.',
  store: 'Rolled, cork side out; never folded.',
  clean: 'Wipe it with soapy water and dry it flat.',
  washCelsius: null,
  cut: 'One layer with a rotary cutter on a mat.',
  mark: 'A pencil or a removable pen on the back.',
  needle: { point: 'sharp', text: 'A sharp point, 80 to 90; a leather point through more than two layers.' },
  stitchLength: [3, 3.5],
  foot: 'A non-stick or walking foot.',
  takesPins: false,
  hold: 'Clips or double-sided tape. No pins.',
  seam: 'Plain or lapped, topstitched flat; edges may stay raw.',
  press: 'A warm iron on its back through a cloth, short; or a seam roller.',
  ironDots: 1,
  layout: { turn: 'any', text: 'No grain and no nap; fold lines show, so lay it flat.' },
  comesAs: 'roll',
  suits: ['bag', 'pouch', 'hat', 'rucksack', 'cushion'],
  again: 'Old cork bags: cut beside the seams; holes stay.',
  source: 'common practice; limits from memory',
}
