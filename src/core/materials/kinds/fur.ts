import { type Material } from '../types'
import { inCelsius, stitchLengthMm } from '../../text/amounts'
import { phrase } from '../../text/text'

export const fur: Material = {
  name: 'fur',
  recognise: [
    'Part the hair: it grows out of a thin skin, in guard hairs over a soft undercoat. Imitation fur grows out ' +
      'of a knitted or woven back.',
    'Hairs end in fine tips; cut ends are a sign of an imitation.',
    'Old fur that tears like paper when you pull it gently is not worth sewing.',
  ],
  burn: {
    allowed: false,
    text:
      'Do not burn it. One loose hair singed with tongs smells of burnt hair; acrylic melts to a bead. Looking at ' +
      'the back tells more.',
  },
  measure: 'The length of the hair, the thickness of the skin in mm, and where it has gone bald or dry.',
  store: 'Hung wide, cool and dark, in cotton, with moth traps; never in plastic.',
  clean:
    'Shake it out of doors and brush it; a fur cleaner for the rest. No washing, no dry cleaning ' +
    'as fabric, no heat.',
  washCelsius: null,
  cut: 'From the skin side, one layer, with a knife through the skin alone. Do it out of doors and wear a dust mask.',
  mark: 'A ball-point pen on the skin side.',
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
  seam: phrase`Edges side by side, whipped over by hand or with a narrow zigzag at ${stitchLengthMm(5)}; tape
    what must not stretch.`,
  press: phrase`Never iron or steam it: skin shrinks at about ${inCelsius(60)}. Smooth seams with the handle of
    your scissors.`,
  ironDots: 0,
  layout: {
    turn: 'one-way',
    text:
      'The hair of all parts runs down. Follow the back of the animal for the middle of each part; bald places are ' +
      'flaws.',
  },
  comesAs: 'skin',
  suits: ['hat', 'scarf', 'cape', 'cushion', 'cloak', 'puppet-clothes'],
  again:
    'Collars, cuffs and hats: test by pulling that the skin holds. Selling some furs is against the law; ask ' +
    'before you sell.',
  source: 'common practice; limits from memory',
}
