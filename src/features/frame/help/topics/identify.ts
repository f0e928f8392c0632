import { type HelpTopic } from './topic'

/** About finding out what a fabric is. Facts of the trade are common practice. */
export const identifyTopics: readonly HelpTopic[] = [
  {
    id: 'identify',
    title: 'Find out what a fabric is made of',
    answer: 'Start with “Identify a fabric”: look, weigh, touch or burn. All results are kept together.',
    href: '/identify',
    asks:
      'identify mystery fabric this fabric my fabric what is this made of unknown fibre ' +
      'content tell what fabric no label thrifted',
  },
  {
    id: 'burn',
    title: 'Do a burn test',
    answer: 'Read the cautions, get water, tweezers and a metal tray, then answer one question at a time.',
    href: '/identify/burn',
    asks: 'burn test flame how to burn fabric lighter fibre test smell ash',
  },
  {
    id: 'burn-safely',
    title: 'Burn-test safely',
    answer:
      'Window open, water beside you, tongs, hair and sleeves tied back, no children or pets. ' +
      'Read all cautions first.',
    href: '/safety',
    asks: 'safe dangerous burn test indoors fumes poisonous fire precautions asbestos first aid burnt finger',
  },
  {
    id: 'no-flame',
    title: 'Identify fibres without a flame',
    answer: 'Use water, touch, a loupe, acetone or bleach: each test shows what it tells apart and its dangers.',
    href: '/identify/tests',
    asks: 'without burning no flame acetone test bleach test microscope water drop float twist other tests',
  },
  {
    id: 'silk-or-polyester',
    title: 'Tell silk from polyester, or any two fibres apart',
    answer: 'Compare two fibres: the best way to tell them apart comes first.',
    href: '/learn/compare',
    asks:
      'difference between tell apart real silk or polyester fake wool or acrylic cotton or ' +
      'linen versus vs compare fibres',
  },
  {
    id: 'woven-or-knit',
    title: 'Woven or knit, and what it is called',
    answer: 'Name this fabric asks what you see and feel, and narrows 260 fabric names down.',
    href: '/identify/name',
    asks: 'woven or knit what is this fabric called name weave type twill satin identify weave',
  },
  {
    id: 'weigh',
    title: 'Weigh a fabric (GSM or oz per yard)',
    answer:
      'Weigh a piece of known size: its weight in g/m² and oz/yd² follows. A folded length suits a coarse scale.',
    href: '/identify/measure/weigh',
    asks: 'weigh weight gsm grams per square metre ounces oz per yard heavy scale calculate fabric weight how to',
  },
  {
    id: 'stretch',
    title: 'Measure stretch and recovery',
    answer: 'Mark 10 cm or 4 in, stretch firmly while you count to four, read, release, and read again.',
    href: '/identify/measure/stretch',
    asks: 'stretch percentage how stretchy recovery measure elastic gauge per cent knit',
  },
  {
    id: 'drape',
    title: 'Measure drape',
    answer: 'Drop a corner, lay it over your arm, or photograph a disc from above.',
    href: '/identify/measure/drape',
    asks: 'drape how it falls hang stiff fluid measure',
  },
  {
    id: 'opacity',
    title: 'Check whether a fabric is see-through',
    answer: 'Put a card with dark lettering under one layer, then your hand.',
    href: '/identify/measure/opacity',
    asks: 'see through sheer opaque opacity lining needed show through transparent',
  },
  {
    id: 'shrinkage',
    title: 'Find out how much a fabric shrinks',
    answer: 'Mark a square of 25 cm (10 in), wash it as you will the garment, and measure again.',
    href: '/identify/measure/shrinkage',
    asks: 'shrink shrinkage prewash pre-wash before sewing should i wash fabric first test square',
  },
  {
    id: 'thread-count',
    title: 'Count threads',
    answer: 'Take a photo with a ruler in it: the program counts the threads, and you check the lines.',
    href: '/identify/measure/loupe',
    asks: 'thread count threads per inch per cm count sett ends picks photo magnifier loupe',
  },
  {
    id: 'colour-run',
    title: 'Test whether the colour rubs off or runs',
    answer: 'Rub with white cotton, dry and then damp. Wash dark or red fabric alone the first time.',
    href: '/identify/measure/crocking',
    asks: 'colour run bleed rub off dye transfer colourfast crocking fade stain',
  },
  {
    id: 'grain',
    title: 'Check and straighten the grain',
    answer:
      'Tear it or pull one crosswise thread, then put a square on the selvedge: the result ' +
      'says how to straighten it.',
    href: '/identify/measure/grain',
    asks: 'off grain straighten grain skew bow crooked fabric square up grainline',
  },
  {
    id: 'right-side',
    title: 'Find the right side, the warp and the nap',
    answer: 'Look at print, pile, selvedge holes and stretch: each sign adds to the answer.',
    href: '/identify/measure/lie',
    asks: 'right side wrong side which side warp weft nap direction pile which way up lengthwise',
  },
]
