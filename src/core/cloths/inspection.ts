/** What can be seen of how a cloth is made, in the order of the vocabulary. */
export const INSPECTION_IDS = [
  'construction',
  'interlacing',
  'floats-on-face',
  'twill-line',
  'pile',
  'pile-height',
  'knit-structure',
  'back',
  'yarn-look',
  'surface',
  'figure',
  'opacity',
  'body',
  'colouring',
] as const
export type InspectionId = (typeof INSPECTION_IDS)[number]

export interface InspectionState {
  id: string
  label: string
  /** One sentence that helps to tell it from its neighbours. */
  help: string
}

/** One thing to look at. */
export interface InspectionFeature {
  id: InspectionId
  title: string
  question: string
  /** How to look, in a sentence or two. */
  hint: string
  /** Several states may be reported at once. */
  multi: boolean
  /** Asked only of these constructions; of all where left out. */
  only?: readonly string[]
  states: readonly InspectionState[]
}

type States = readonly (readonly [id: string, label: string, help: string])[]

function feature(
  id: InspectionId,
  title: string,
  question: string,
  hint: string,
  states: States,
  rest: Partial<Pick<InspectionFeature, 'multi' | 'only'>> = {},
): InspectionFeature {
  return {
    id,
    title,
    question,
    hint,
    multi: false,
    ...rest,
    states: states.map(([state, label, help]) => ({ id: state, label, help })),
  }
}

const WOVEN = { only: ['woven'] } as const

export const inspectionFeatures: readonly InspectionFeature[] = [
  feature(
    'construction',
    'How it is made',
    'Pull a thread from an edge. How is it made?',
    'Woven cloth frays into straight threads; a knit lets go in loops.',
    [
      ['woven', 'Woven', 'Two sets of threads that cross.'],
      ['knit', 'Knitted', 'Loops; it gives, and its edge curls or ladders.'],
      ['felted', 'Felted', 'Matted; no thread comes out.'],
      ['net', 'Net or lace', 'Holes held open by threads.'],
    ],
  ),
  feature(
    'interlacing',
    'Weave',
    'Look close, with a loupe if you have one. How do the threads cross?',
    'Follow one thread: over one, under one? Over several?',
    [
      ['plain', 'Plain', 'Over one, under one.'],
      ['basket', 'Basket', 'Two or more together, over and under.'],
      ['rib', 'Rib', 'Fine threads over thick ones: a ridge across.'],
      ['twill', 'Twill', 'Lines that run aslant.'],
      ['broken-twill', 'Broken twill', 'Aslant, but the line keeps breaking.'],
      ['herringbone', 'Herringbone', 'Slanting lines that turn back and forth.'],
      ['satin', 'Satin', 'Long floats, hardly a crossing to be seen.'],
      ['crepe-weave', 'Crepe weave', 'Scattered crossings, no line, no rows.'],
      ['dobby', 'Small figures', 'Dots, squares or cords woven in.'],
      ['jacquard', 'Large figures', 'Flowers or pictures woven in.'],
      ['leno', 'Twisted pairs', 'Threads twisted about one another, with gaps.'],
      ['double-cloth', 'Two layers', 'Two cloths held together; they can be pulled apart.'],
      ['double-faced', 'Two faces', 'Each side its own threads, but one cloth.'],
    ],
    WOVEN,
  ),
  feature(
    'floats-on-face',
    'Threads on the face',
    'Which threads show on the face?',
    'The warp runs with the selvedge.',
    [
      ['warp', 'Mostly warp', 'Lengthwise threads lie on top.'],
      ['weft', 'Mostly weft', 'Crosswise threads lie on top.'],
      ['balanced', 'Both alike', 'As much of one as of the other.'],
    ],
    WOVEN,
  ),
  feature(
    'twill-line',
    'Slanting line',
    'How steep is the slanting line?',
    'Against the weft, which runs across.',
    [
      ['gentle', 'Gentle', 'Nearer to lying down.'],
      ['regular', 'Half-way', 'About 45 degrees.'],
      ['steep', 'Steep', 'Nearer to standing up.'],
      ['faint', 'Faint', 'It is there, if you tilt it to the light.'],
    ],
    WOVEN,
  ),
  feature('pile', 'Pile', 'Does something stand up from it?', 'Stroke it with and against.', [
    ['none', 'Nothing', 'Flat, or only a nap of hairs.'],
    ['cut', 'Cut pile', 'Tufts, like a brush or fur.'],
    ['cut-in-ribs', 'Pile in ribs', 'Tufts in lengthwise rows.'],
    ['looped', 'Loops', 'Small loops of thread.'],
  ]),
  feature('pile-height', 'How deep', 'How deep is the pile?', 'Fold it and look at the edge.', [
    ['short', 'Short', 'Up to about 2 mm.'],
    ['deep', 'Deep', 'More than that.'],
  ]),
  feature(
    'knit-structure',
    'Knit',
    'What does the knit look like?',
    'Look at both sides; pull it across.',
    [
      ['jersey', 'Plain knit', 'Vs on one side, bumps on the other.'],
      ['rib', 'Rib', 'Columns in and out; springs across.'],
      ['interlock', 'Smooth both sides', 'Fine columns on both sides, edges lie flat.'],
      ['double-knit', 'Firm double knit', 'Thick, firm, gives little.'],
      ['loopback', 'Loops behind', 'Plain face, small loops on the back.'],
      ['fleece-backed', 'Brushed', 'A soft nap on the back, or on both sides.'],
      ['tricot', 'Warp knit', 'Very fine ribs up the face, across behind; no ladder.'],
      ['raised-texture', 'Raised figures', 'Lines, bumps or hollows that stand up.'],
      ['spacer', 'Foamy', 'Springy between two smooth sides.'],
    ],
    { only: ['knit', 'net'] },
  ),
  feature(
    'back',
    'The back',
    'Turn it over. How is the back, against the face?',
    'Fold a corner over, and compare in one light.',
    [
      ['same', 'The same', 'No difference to be seen.'],
      ['plain-looking', 'Plainer', 'The figure or line is lost.'],
      ['duller', 'Duller', 'Less shine.'],
      ['equally-bright', 'As bright', 'Another look, as bright.'],
      ['floats', 'Loose threads', 'Threads lie loose across it.'],
      ['smooth-under-nap', 'Smooth', 'The face is napped, the back is not.'],
      ['colours-reversed', 'Colours changed over', 'Light where the face is dark.'],
      ['print-missing', 'The print is missing', 'Pale, or only a shadow of it.'],
      ['different-cloth', 'Another cloth', 'As if two cloths were one.'],
    ],
  ),
  feature(
    'yarn-look',
    'Yarns',
    'What are the yarns like?',
    'Pull out one of each direction. Say two things if you see two.',
    [
      ['even', 'Even', 'The same all along.'],
      ['slubbed', 'With slubs', 'Thick and thin places.'],
      ['crepe-twisted', 'Hard-twisted', 'It snarls up when let go.'],
      ['fuzzy', 'Fuzzy', 'Hairs stand off it.'],
      ['coarse-cords', 'Thick', 'Cords that you could count from a step away.'],
      ['metallic', 'Metal', 'A glittering strip.'],
    ],
    { multi: true },
  ),
  feature(
    'surface',
    'Surface',
    'How is the face, to the hand and the eye?',
    'Say two things if you notice two.',
    [
      ['smooth', 'Smooth', 'Nothing stands out.'],
      ['brushed', 'Brushed', 'A nap of short hairs.'],
      ['pebbled', 'Pebbled', 'Finely grainy, like sand.'],
      ['puckered', 'Puckered', 'Crinkles or blisters that stay.'],
      ['slubby', 'Slubby', 'Thick threads show here and there.'],
      ['raised-figure', 'Raised figures', 'Figures stand out from the ground.'],
      ['pleated', 'Pleated', 'Pressed into folds.'],
      ['bumpy', 'Bumpy', 'Loops or knots all over.'],
      ['foamy', 'Foamy', 'It gives like a thin sponge.'],
      ['crisp-papery', 'Papery', 'Crisp; it rustles.'],
    ],
    { multi: true },
  ),
  feature(
    'figure',
    'Figure',
    'What figure does it carry, woven, knitted or printed?',
    'Say two things if it has two.',
    [
      ['none', 'None', 'One colour, or an even mixture.'],
      ['stripe', 'Stripes', 'In one direction.'],
      ['check', 'Checks', 'Stripes that cross.'],
      ['pinwheel-check', 'Toothed checks', 'Broken checks with points.'],
      ['grouped-check', 'Grouped checks', 'Small checks that make large ones.'],
      ['small-geometric', 'Small figures', 'Dots, diamonds, squares.'],
      ['large-pictorial', 'Large figures', 'Flowers, leaves, pictures.'],
      ['lengthwise-ribs', 'Lengthwise ribs', 'Ridges that run with the warp.'],
    ],
    { multi: true },
  ),
  feature(
    'opacity',
    'See-through',
    'Lay one layer over your hand. What do you see of it?',
    'In daylight, light and dark parts apart.',
    [
      ['sheer', 'All of it', 'Fingers and rings.'],
      ['semi-sheer', 'A shadow', 'That there is a hand.'],
      ['opaque', 'Nothing', 'Not even a shadow.'],
    ],
  ),
  feature(
    'body',
    'Body',
    'Hold it by a corner, then drop it. How does it fall?',
    'One layer, about as long as your arm.',
    [
      ['fluid', 'Like water', 'Falls into a puddle.'],
      ['soft', 'Softly', 'Many soft folds.'],
      ['moderate', 'With some body', 'Fewer, rounder folds.'],
      ['crisp', 'Crisply', 'Stands away in sharp folds.'],
      ['stiff', 'Stiffly', 'Stands by itself.'],
    ],
  ),
  feature('colouring', 'Colour', 'Where does its colour come from?', 'Look at the back, and at a pulled yarn.', [
    ['printed', 'Printed', 'On one side; the yarns are pale inside or on the back.'],
    ['yarn-dyed', 'Dyed yarns', 'Yarns of different colours make the figure.'],
    ['piece-dyed', 'Dyed in the piece', 'One colour, right through.'],
    ['undyed', 'Not dyed', 'As it grew, or only bleached.'],
  ]),
]

const byId = new Map<string, InspectionFeature>(inspectionFeatures.map((one) => [one.id, one]))

/** @throws RangeError when the id is not in the vocabulary */
export function inspectionById(id: string): InspectionFeature {
  const found = byId.get(id)
  if (!found) throw new RangeError(`inspectionById: nothing to inspect is called "${id}"`)
  return found
}
