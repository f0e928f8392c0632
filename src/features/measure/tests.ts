/** What can be measured at the bench. Two lines each on how; common practice unless a standard is named. */
export interface BenchTestInfo {
  id: string
  title: string
  /** What it is good for, in one line. */
  finds: string
  how: readonly [string, string]
  /** Which kinds of measurement it keeps. */
  caution?: string
}

export const benchTests = [
  {
    id: 'weigh',
    title: 'Weight',
    finds: 'Grams a square metre, with doubt: from a piece, a strip, a folded length or a garment.',
    how: [
      'Lay it on the scale, nothing hanging over.',
      'Give its length and width, and how many layers lie on one another.',
    ],
  },
  {
    id: 'stretch',
    title: 'Stretch and recovery',
    finds: 'How far it gives each way, and whether it comes back.',
    how: [
      'Mark 10 cm, pull firmly while you count to four, and read.',
      'Let go, count to four again, and read what is left of it.',
    ],
  },
  {
    id: 'drape',
    title: 'How it falls',
    finds: 'From water to board: by eye, or as a number from a strip, a disc or a paper ring.',
    how: [
      'Drop a corner, lay it over an arm, push it over an edge: choose the drawing that it looks like.',
      'For a number, let a strip bend over a slope, or photograph a disc of it from above.',
    ],
  },
  {
    id: 'opacity',
    title: 'What shows through',
    finds: 'One layer against a card and a hand, light and dark parts apart.',
    how: [
      'Lay one layer flat, in daylight.',
      'Slip a card with dark lettering under it, then your hand; look at light and dark parts apart.',
    ],
  },
  {
    id: 'crease',
    title: 'Creasing',
    finds: 'How it will look after an hour in a chair.',
    how: [
      'Crush a corner hard in your fist and count to ten.',
      'Open the hand, wait a minute, and choose the drawing that it looks like.',
    ],
  },
  {
    id: 'water-drop',
    title: 'Water drop',
    finds: 'Whether it drinks or sheds water: for towels, next to the skin, and before dyeing.',
    how: [
      'Stretch it over a cup, and let one drop fall from a finger’s breadth.',
      'Start the watch when it lands, and stop when its shine is gone.',
    ],
  },
  {
    id: 'crocking',
    title: 'Rubbing off',
    finds: 'Whether its colour comes off on skin, seat or lining.',
    how: [
      'Wrap white cotton round a finger and rub ten times, firmly.',
      'Do it again with the cotton damp, on another place.',
    ],
  },
  {
    id: 'shrinkage',
    title: 'Shrinkage',
    finds: 'How much it loses each way, wash after wash, and what to buy more of.',
    how: [
      'Mark a square of 25 cm on a spare corner, with thread or a pen that stays; measure it.',
      'Wash and dry it the way the garment will be, measure again; and once more for the next wash.',
    ],
    caution: 'Wash new dark or red cloth by itself: its dye may run.',
  },
  {
    id: 'grain',
    title: 'Grain',
    finds: 'Whether the crosswise threads are square to the edge, and whether that can be mended.',
    how: [
      'Tear it across, or pull out one crosswise thread, so that the edge follows a thread.',
      'Lay a square on the left selvedge, face up, and see how far the right end is off.',
    ],
  },
  {
    id: 'lie',
    title: 'Which way it lies',
    finds: 'The warp, the right side, the nap, where its colour comes from, its finish and its print.',
    how: [
      'Chalk an A along one set of threads and a B along the other, on the side that lies up.',
      'Look for one sign after another: the one that weighs most comes first.',
    ],
  },
  {
    id: 'loupe',
    title: 'Threads by picture',
    finds: 'Threads a centimetre each way, from a photograph or by hand.',
    how: [
      'Photograph it flat and from straight above, with a ruler or a coin beside it.',
      'Set the scale, let it count, and check the lines over the picture by eye.',
    ],
  },
  {
    id: 'yarns',
    title: 'Yarns',
    finds: 'How heavy the yarns are: with the threads they give the weight over again, and the cover.',
    how: [
      'Cut a square along the threads, and pull out ten or more each way.',
      'Straighten one beside a ruler, and weigh the bundle on the finest scale that you have.',
    ],
    caution: 'Mind the tips of tweezers and scissors.',
  },
] as const satisfies readonly BenchTestInfo[]

export type BenchTestId = (typeof benchTests)[number]['id']

export function findBenchTest(id: string): BenchTestInfo | undefined {
  return benchTests.find((test) => test.id === id)
}
