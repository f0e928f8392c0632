import { type Material } from '../types'

export const sheepskin: Material = {
  name: 'sheepskin',
  recognise: [
    'Dense curly wool on a thick skin, with suede or a finish on the other side.',
    'Part the wool: skin, not a knitted back.',
  ],
  burn: { allowed: false, text: 'Do not burn it: wool and skin smell of burnt hair and tell you nothing more.' },
  measure: 'Thickness of the skin in mm and length of the wool; its area.',
  store: 'Airy, hung or flat, with moth traps.',
  clean:
    'Brush and air it. Only skins that are sold as washable go into cool water with wool soap, dried flat and ' +
    'stretched.',
  washCelsius: null,
  cut: 'From the skin side with a knife, through the skin alone; shear the wool off the seam allowance.',
  mark: 'A pen on the skin side.',
  needle: {
    point: 'leather',
    text: 'A leather point, 90 to 100, or by hand with a three-sided (glover’s) needle and waxed thread.',
  },
  stitchLength: [3, 4],
  foot:
    'The standard foot with little pressure; push the hair inwards while you sew and pull it out of the seam ' +
    'afterwards.',
  takesPins: false,
  hold: 'Clips. No pins.',
  seam: 'Edges whipped side by side, or lapped with the wool sheared away, skin topstitched.',
  press: 'Do not iron it. Roll or hammer the seams lightly from the skin side.',
  ironDots: 0,
  layout: {
    turn: 'one-way',
    text: 'Wool and nap run down in all parts; thick parts from the back, thin from the belly.',
  },
  comesAs: 'skin',
  suits: ['coat', 'waistcoat', 'hat', 'cushion', 'jacket-casual', 'cape'],
  again: 'Old coats: the back and the skirts are the best parts; sleeves are worn at the elbows.',
  source: 'common practice; limits from memory',
}
