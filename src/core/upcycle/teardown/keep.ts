import { type TextWithId } from '../../text/text'
import { type NotionKind } from '../../vocabulary/upcycling'

/** What is worth keeping of a garment, and how it comes off. Common practice. */
const KEEP_WORDS: Readonly<Record<string, string>> = {
  buttons: 'Buttons: snip the thread behind the shank, thread them on a string, and count the spare one inside.',
  'jeans-button': 'The metal button: cut round it; it is hammered through, and does not come off whole.',
  rivets: 'Rivets: cut round them and keep clear of them with the needle.',
  zip: 'Zip: unpick its stitching, not its tape; note its length and whether it opens at the end.',
  snaps: 'Press studs: cut round them with some fabric behind.',
  hooks: 'Hooks and eyes, with their thread cut, in pairs.',
  buckle: 'The buckle and its strap.',
  buckles: 'Buckles and sliders, with their straps.',
  clasp: 'The clasp.',
  elastic: 'Elastic: stretch it; keep it if it recovers.',
  drawstring: 'Drawstring and its ends: it pulls out at one eyelet.',
  eyelets: 'Eyelets: cut round them as a patch.',
  'hanger-loops': 'Hanger ribbons, for loops and for stays in a seam.',
  'shoulder-tape': 'The tape in the shoulder seams: use it in another knit.',
  'shoulder-pads': 'Shoulder pads, if they are not crumbling.',
  underwires: 'Underwires: they slide out of their casing.',
  cups: 'Cups.',
  labels: 'The label with the fibres and the care: pin it to the fabric, since you will forget it.',
  lace: 'Lace and edgings, unpicked along their foot.',
  lining: 'The lining, if it is not shattered: pocket bags and facings.',
  'pocket-bags': 'Pocket bags: close plain fabric for the next ones.',
  'collar-and-cuffs': 'Collar and cuffs as they are, if their folds are not worn through.',
  'back-pockets': 'Pockets as they are, with the darker fabric under them as a patch.',
  waistband: 'The waistband as it is, for a bag’s strap or the next waist.',
  yarn: 'The yarn, if its pieces were knitted to shape: see whether you can unravel it.',
  belt: 'The belt.',
  boning: 'Boning, slid out of its channels.',
  lacing: 'The lacing.',
  busk: 'The busk.',
  braid: 'Braid and trimmings, unpicked and wound on card.',
  ties: 'Ties and tapes.',
  pockets: 'The pockets as they are.',
  fringe: 'The fringe.',
  ribbon: 'The ribbon.',
  handles: 'Handles.',
  rings: 'Rings and hooks.',
  webbing: 'Webbing.',
  piping: 'Piping cord: pull it out, and cover it again.',
  'heading-tape': 'Heading tape: unpick it in one length, with the cords in it.',
  weights: 'Weights out of the hem.',
  rods: 'Rods.',
  cord: 'Cord: not where children reach.',
  binding: 'Binding.',
  wadding: 'Wadding, if it is not lumpy.',
}

/** Which of it goes into the notions box, and as what; the rest is cloth, or no notion. */
const NOTION_OF: Readonly<Partial<Record<string, NotionKind>>> = {
  buttons: 'buttons',
  zip: 'zip',
  snaps: 'snaps',
  hooks: 'hooks',
  buckle: 'buckles',
  buckles: 'buckles',
  clasp: 'buckles',
  rings: 'buckles',
  elastic: 'elastic',
  drawstring: 'drawstring',
  cord: 'drawstring',
  lacing: 'drawstring',
  piping: 'drawstring',
  'hanger-loops': 'tape',
  'shoulder-tape': 'tape',
  ribbon: 'tape',
  ties: 'tape',
  webbing: 'tape',
  'heading-tape': 'tape',
  'shoulder-pads': 'pads',
  cups: 'pads',
  underwires: 'wires',
  boning: 'wires',
  busk: 'wires',
  labels: 'labels',
  lace: 'lace',
  braid: 'lace',
  fringe: 'lace',
  binding: 'binding',
  weights: 'other',
}

export function notionOf(id: string): NotionKind | undefined {
  return NOTION_OF[id]
}

/** @param ids of what a block has */
export function keptFrom(ids: readonly string[]): TextWithId[] {
  return ids.map((id) => ({ id, text: KEEP_WORDS[id] ?? id }))
}
