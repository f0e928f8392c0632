import { type HelpTopic } from './topic'

/** About keeping fabrics. Facts of the trade are common practice. */
export const stashTopics: readonly HelpTopic[] = [
  {
    id: 'add-fabric',
    title: 'Add a fabric to your stash',
    answer: 'Press “Add a fabric”. Only a name is required; weigh it now or later.',
    href: '/stash/add',
    asks: 'add fabric new record enter store catalogue my stash inventory list photo',
  },
  {
    id: 'add-many',
    title: 'Add many fabrics at once',
    answer: 'Paste a list from a spreadsheet or choose a CSV file; you check each column before anything is saved.',
    href: '/stash/spreadsheet',
    asks: 'many fabrics bulk spreadsheet excel csv paste list upload',
  },
  {
    id: 'quick',
    title: 'Add a fabric quickly in a shop or at a stall',
    answer: 'Quick add takes a photo, arm spans, a guess and a price with one hand.',
    href: '/stash/quick-add',
    asks: 'quick fast market stall charity shop thrift phone arm span camera',
  },
  {
    id: 'pile',
    title: 'Sort a pile of fabric',
    answer: 'Go through it one by one: keep, give away, test or cut up. You can stop and continue later.',
    href: '/stash/piles',
    asks: 'sort pile box declutter organise tidy give away donate keep heap',
  },
  {
    id: 'value',
    title: 'See what your stash is worth, and how much you have',
    answer: 'Overview shows fabric by fibre and weight, prices, what came and went, and what waits longest.',
    href: '/stash/overview',
    asks: 'how much fabric have i how much do i have worth value total statistics overview spent money oldest',
  },
  {
    id: 'find',
    title: 'Find a fabric in your stash',
    answer: 'Search or filter by fibre, weight, colour, location, length or price.',
    href: '/stash',
    asks: 'find search filter where is my fabric location shelf colour enough for',
  },
  {
    id: 'labels',
    title: 'Print labels and swatch cards',
    answer: 'Choose fabrics and paper: you get a PDF with codes that open each fabric.',
    href: '/stash/cards',
    asks: 'print label swatch card qr code sticker catalogue book tag',
  },
  {
    id: 'notions',
    title: 'Keep track of buttons, zips and yarn',
    answer: 'Notions and yarn counts what you kept; projects check it before you buy.',
    href: '/stash/notions',
    asks: 'buttons zips zippers elastic haberdashery notions yarn thread count left',
  },
  {
    id: 'substitute',
    title: 'Find a similar fabric',
    answer: 'Open the fabric and press “Similar fabrics”: the closest in your stash comes first, with reasons.',
    href: '/stash',
    asks: 'substitute replacement instead of similar alternative fabric like',
  },
  {
    id: 'which-pattern',
    title: 'What can I make from this fabric?',
    answer: 'Open the fabric and press “Find patterns”: the best match comes first.',
    href: '/stash',
    asks: 'what can i make with this fabric make make from which pattern idea project for fabric',
  },
  {
    id: 'seam-ripper',
    title: 'Take a garment apart (seam ripper)',
    answer: 'Open the garment and press Take apart: it shows how to open each seam and how much fabric you get.',
    href: '/learn/help#seam-ripper',
    asks: 'seam ripper unpick take apart upcycle garment reuse old clothes undo stitches rip seam',
  },
  {
    id: 'dye-it',
    title: 'Dye a fabric',
    answer:
      'Open the fabric and press Dye: whether it takes dye, the expected colour, and the recipe with its cautions.',
    href: '/learn/help#dye-it',
    asks: 'dye colour change fabric can i dye dyeing polyester tie dye fade remove colour bleach out',
  },
  {
    id: 'unravel',
    title: 'Unravel a jumper for its yarn',
    answer:
      'Look at a side seam from inside: a chain can be undone, overlocked edges can’t. Open ' +
      'the garment and press Unravel.',
    href: '/learn/help#unravel',
    asks: 'unravel jumper sweater yarn reclaim frog knit recycle wool',
  },
]
