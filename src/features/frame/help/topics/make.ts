import { type HelpTopic } from './topic'

/** About choosing, laying out, sewing and planning. Facts of the trade are common practice. */
export const makeTopics: readonly HelpTopic[] = [
  {
    id: 'how-much',
    title: 'How much fabric do I need?',
    answer:
      'Add the pattern with its table of lengths: each fabric then shows whether there is enough, and what to buy.',
    href: '/make/patterns',
    asks:
      'how much fabric do i need yardage metres meters enough for a dress skirt shirt length ' +
      'buy amount requirement',
  },
  {
    id: 'which-fabric',
    title: 'Choose a fabric for a pattern',
    answer: 'Open the pattern: your fabrics are listed best first, with reasons and with ways to rescue the rest.',
    href: '/make/patterns',
    asks: 'which fabric for choose suitable best fabric pattern what can i use match suits',
  },
  {
    id: 'add-pattern',
    title: 'Add a pattern',
    answer: 'Paste the text from the back of its envelope and check what we read, or fill in the fields.',
    href: '/make/patterns/add',
    asks: 'add pattern new envelope enter sewing pattern pdf',
  },
  {
    id: 'layout',
    title: 'Lay out pattern pieces with the least waste',
    answer: 'Add the pattern’s outlines, choose a fabric, and press “Lay out”.',
    href: '/make/patterns',
    asks: 'layout lay out cutting plan pieces marker nesting save fabric waste does it fit arrange',
  },
  {
    id: 'dxf',
    title: 'Import pattern pieces from DXF, SVG or a photo',
    answer: 'Open the pattern, then Pattern pieces: import DXF or SVG, trace a photo, or enter measurements.',
    href: '/make/patterns',
    asks: 'dxf svg import pattern pieces outline digital trace photo upload',
  },
  {
    id: 'combine',
    title: 'Combine two fabrics in one garment',
    answer: 'Choose two or more: shrinkage, stretch, weight, care and colour are compared.',
    href: '/make/combine',
    asks: 'combine mix two fabrics together can i use with lining patchwork quilt contrast',
  },
  {
    id: 'lining',
    title: 'Choose a lining',
    answer:
      'A lining should be lighter, smooth, washed the same way, and stretch with the fabric. Patterns suggest one.',
    href: '/make/combine',
    asks: 'lining which lining for coat jacket dress skirt lining',
  },
  {
    id: 'interfacing',
    title: 'Choose interfacing',
    answer: 'Interfacing should be no heavier than the fabric. Sewing advice names weight, kind and places.',
    href: '/learn/help#interfacing',
    asks: 'interfacing which fusible sew-in collar stabiliser weight vlieseline',
  },
  {
    id: 'needle',
    title: 'Which needle for a fabric?',
    answer:
      'Open a fabric and press Sewing advice. Universal for most wovens, ball point for knits, ' +
      'jeans point for denim.',
    href: '/learn/help#needle',
    asks: 'needle size which needle type sewing machine ball point universal jeans skipped stitches',
  },
  {
    id: 'skipped',
    title: 'Skipped stitches or puckered seams',
    answer: 'Change the needle first. Save a test seam under Sewing advice: it says what to change.',
    href: '/learn/help#skipped',
    asks: 'skipped stitches pucker puckering tension wavy seam problem machine thread breaks holes',
  },
  {
    id: 'seam-finish',
    title: 'Seams and hems step by step',
    answer: 'Sewing techniques shows French, flat-felled, overlocked and other seams and hems, each drawn.',
    href: '/learn/techniques',
    asks: 'seam finish hem hemming how to sew stop fraying overlock serger zigzag edges technique',
  },
  {
    id: 'leftovers',
    title: 'Use up leftovers and old clothes',
    answer: 'Choose up to six leftovers: each pattern is laid out on them, least waste first.',
    href: '/make/leftovers',
    asks: 'scraps leftovers remnants old clothes reuse upcycle zero waste make from small pieces curtain',
  },
  {
    id: 'mend',
    title: 'Mend a hole or a tear',
    answer: 'Say what is damaged and how large: Mending shows how, and finds a patch in your stash.',
    href: '/make/mending',
    asks: 'mend darn darning repair hole tear darn patch fix worn moth visible mending',
  },
  {
    id: 'project',
    title: 'Start a project',
    answer: 'Choose a pattern, a size and a number; then the fabric, which is reserved for it.',
    href: '/make/projects/add',
    asks: 'start project new plan make garment reserve fabric',
  },
  {
    id: 'schedule',
    title: 'Plan when to do what',
    answer: 'Schedule plans washing, cutting and sewing of all projects into your free time.',
    href: '/make/schedule',
    asks: 'schedule when plan calendar time how long deadline finished finish ready by today next step',
  },
  {
    id: 'free-time',
    title: 'Enter your free time and your machines',
    answer: 'My equipment and time records machine, washer, line, free time and preferences.',
    href: '/make/equipment',
    asks: 'free time hours machine overlocker overlock serger washer dryer equipment calendar import ics preferences',
  },
  {
    id: 'shopping',
    title: 'Make a shopping list',
    answer: 'Shopping lists what to look for, what to ask and how much to buy for each width.',
    href: '/make/shopping',
    asks: 'shopping list buy fabric shop store what to ask notions needed',
  },
  {
    id: 'online',
    title: 'Check an online fabric listing',
    answer: 'Enter what the listing says: opacity, drape, price by area and the questions to ask follow.',
    href: '/make/shopping/listing',
    asks: 'online shop listing buy internet fabric description price per metre yard good deal',
  },
]
