import { type Rule } from '../rule'
import { type SewCase } from '../sewCase'

const isTailored = (c: SewCase) => c.makes('blazer', 'coat') && c.isMostly('felts') && c.isWoven

/** Tailored coats and jackets. Common practice. */
export const tailoringOrder: readonly Rule<null>[] = [
  {
    id: 'shrink-tailoring',
    when: isTailored,
    gives: null,
    text: 'Steam the fabric, the canvas and the tapes before you cut: what shrinks later bubbles.',
    safety: 2,
  },
  {
    id: 'canvas-and-tape',
    when: isTailored,
    gives: null,
    text:
      'Lay canvas and chest piece on the fronts, pad-stitch the lapels over your hand, and tape the roll line and ' +
      'the front edge before the facing goes on.',
    safety: 2,
  },
  {
    id: 'shape-with-iron',
    when: isTailored,
    gives: null,
    text: 'Ease the back shoulder, the elbow and the sleeve head in with steam before they are sewn.',
    safety: 1,
  },
  {
    id: 'sleeve-head',
    when: (c) => isTailored(c) && !c.has('raglan-sleeves'),
    gives: null,
    text: 'Sew a bias strip of wadding or wool into the sleeve head, and shoulder pads by hand, before the lining.',
    safety: 1,
  },
]
