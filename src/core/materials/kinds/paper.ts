import { type Material } from '../types'
import { inCelsius } from '../../text/amounts'
import { phrase } from '../../text/text'

export const paper: Material = {
  name: 'paper fabric',
  recognise: [
    'A tough sheet that tears like card where it is nicked, creases for good, and softens when it is washed.',
    'Spunbonded sheet shows swirled fibres against the light and does not tear.',
  ],
  burn: {
    allowed: true,
    text: 'A finger-wide strip: paper burns as paper does; what melts is a synthetic sheet or a coating.',
  },
  measure: 'Thickness in mm or g/m².',
  store: 'Rolled or flat, dry.',
  clean: phrase`Wipe it; washable paper by hand at ${inCelsius(30)}, dried flat.`,
  washCelsius: 30,
  cut: 'Knife or shears kept for paper.',
  mark: 'A soft pencil.',
  needle: { point: 'sharp', text: 'A sharp point, 80 to 90; it blunts, so change it soon.' },
  stitchLength: [3, 4],
  foot: 'The standard foot.',
  takesPins: false,
  hold: 'Clips.',
  seam: 'Plain or lapped, raw edges.',
  press: 'A warm dry iron smooths it; test a scrap.',
  ironDots: 1,
  layout: { turn: 'any', text: 'No grain to speak of; folds show.' },
  comesAs: 'roll',
  suits: ['bag', 'pouch', 'hat'],
  again: 'What is not torn at a fold.',
  source: 'common practice; limits from memory',
}
