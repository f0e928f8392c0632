import { INSPECTION_IDS, type InspectionId, type SeenState } from '../vocabulary/inspection'
import { type Construction } from '../vocabulary/cloth'
import { inMm } from '../text/amounts'
import { type Phrase, phrase } from '../text/text'

export interface InspectionState {
  id: string
  label: string
  /** One sentence that helps to tell it from its neighbours. */
  help: Phrase
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
  only?: readonly Construction[]
  states: readonly InspectionState[]
}

interface Told<I extends InspectionId> extends Omit<InspectionFeature, 'id' | 'multi' | 'states'> {
  multi?: boolean
  states: Readonly<Record<SeenState<I>, { label: string; help: Phrase }>>
}

const told: { readonly [I in InspectionId]: Told<I> } = {
  construction: {
    title: 'How it is made',
    question: 'Pull a thread from an edge. How is it made?',
    hint: 'Woven fabric frays into straight threads; a knit lets go in loops.',
    states: {
      woven: { label: 'Woven', help: 'Two sets of threads that cross.' },
      knit: { label: 'Knitted', help: 'Loops; it gives, and its edge curls or ladders.' },
      felted: { label: 'Felted', help: 'Matted; no thread comes out.' },
      net: { label: 'Net or lace', help: 'Holes held open by threads.' },
      hide: { label: 'Leather or fur', help: 'A skin: pores or hair on one side, felted fibres on the other.' },
      sheet: { label: 'A sheet without threads', help: 'Cork, foam, film or paper all through.' },
    },
  },
  interlacing: {
    title: 'Weave',
    question: 'Look close, with a loupe if you have one. How do the threads cross?',
    hint: 'Follow one thread: over one, under one? Over several?',
    only: ['woven'],
    states: {
      plain: { label: 'Plain', help: 'Over one, under one.' },
      basket: { label: 'Basket', help: 'Two or more together, over and under.' },
      rib: { label: 'Rib', help: 'Fine threads over thick ones: a ridge across.' },
      twill: { label: 'Twill', help: 'Lines that run aslant.' },
      'broken-twill': { label: 'Broken twill', help: 'Aslant, but the line keeps breaking.' },
      herringbone: { label: 'Herringbone', help: 'Slanting lines that turn back and forth.' },
      satin: { label: 'Satin', help: 'Long floats, hardly a crossing to be seen.' },
      'crepe-weave': { label: 'Crepe weave', help: 'Scattered crossings, no line, no rows.' },
      dobby: { label: 'Small figures', help: 'Dots, squares or cords woven in.' },
      jacquard: { label: 'Large figures', help: 'Flowers or pictures woven in.' },
      leno: { label: 'Twisted pairs', help: 'Threads twisted about one another, with gaps.' },
      'double-cloth': { label: 'Two layers', help: 'Two fabrics held together; they can be pulled apart.' },
      'double-faced': { label: 'Two faces', help: 'Each side its own threads, but one fabric.' },
    },
  },
  'floats-on-face': {
    title: 'Threads on the face',
    question: 'Which threads show on the face?',
    hint: 'The warp runs with the selvedge.',
    only: ['woven'],
    states: {
      warp: { label: 'More warp', help: 'Lengthwise threads lie on top.' },
      weft: { label: 'More weft', help: 'Crosswise threads lie on top.' },
      balanced: { label: 'Both alike', help: 'As much of one as of the other.' },
    },
  },
  'twill-line': {
    title: 'Slanting line',
    question: 'How steep is the slanting line?',
    hint: 'Against the weft, which runs across.',
    only: ['woven'],
    states: {
      gentle: { label: 'Gentle', help: 'Nearer to lying down.' },
      regular: { label: 'Half-way', help: 'About 45 degrees.' },
      steep: { label: 'Steep', help: 'Nearer to standing up.' },
      faint: { label: 'Faint', help: 'It is there, if you tilt it to the light.' },
    },
  },
  pile: {
    title: 'Pile',
    question: 'Does something stand up from it?',
    hint: 'Stroke it with and against.',
    states: {
      none: { label: 'Nothing', help: 'Flat, or only a nap of hairs.' },
      cut: { label: 'Cut pile', help: 'Tufts, like a brush or fur.' },
      'cut-in-ribs': { label: 'Pile in ribs', help: 'Tufts in lengthwise rows.' },
      looped: { label: 'Loops', help: 'Small loops of thread.' },
    },
  },
  'pile-height': {
    title: 'How deep',
    question: 'How deep is the pile?',
    hint: 'Fold it and look at the edge.',
    states: {
      short: { label: 'Short', help: phrase`Up to about ${inMm(2)}.` },
      deep: { label: 'Deep', help: 'More than that.' },
    },
  },
  'knit-structure': {
    title: 'Knit',
    question: 'What does the knit look like?',
    hint: 'Look at both sides; pull it across.',
    only: ['knit', 'net'],
    states: {
      jersey: { label: 'Plain knit', help: 'Vs on one side, bumps on the other.' },
      rib: { label: 'Rib', help: 'Columns in and out; springs across.' },
      interlock: { label: 'Smooth both sides', help: 'Fine columns on both sides, edges lie flat.' },
      'double-knit': { label: 'Firm double knit', help: 'Thick, firm, gives little.' },
      loopback: { label: 'Loops behind', help: 'Plain face, small loops on the back.' },
      'fleece-backed': { label: 'Brushed', help: 'A soft nap on the back, or on both sides.' },
      tricot: { label: 'Warp knit', help: 'Very fine ribs up the face, across behind; no ladder.' },
      'raised-texture': { label: 'Raised figures', help: 'Lines, bumps or hollows that stand up.' },
      spacer: { label: 'Foamy', help: 'Springy between two smooth sides.' },
    },
  },
  back: {
    title: 'The back',
    question: 'Turn it over. How is the back, against the face?',
    hint: 'Fold a corner over, and compare in one light.',
    states: {
      same: { label: 'The same', help: 'No difference to be seen.' },
      'plain-looking': { label: 'Plainer', help: 'The figure or line is lost.' },
      duller: { label: 'Duller', help: 'Less shine.' },
      'equally-bright': { label: 'As bright', help: 'Another look, as bright.' },
      floats: { label: 'Loose threads', help: 'Threads lie loose across it.' },
      'smooth-under-nap': { label: 'Smooth', help: 'The face is napped, the back is not.' },
      'colours-reversed': { label: 'Colours changed over', help: 'Light where the face is dark.' },
      'print-missing': { label: 'The print is missing', help: 'Pale, or only a shadow of it.' },
      'different-cloth': { label: 'Another fabric', help: 'As if two fabrics were one.' },
    },
  },
  'yarn-look': {
    title: 'Yarns',
    question: 'What are the yarns like?',
    hint: 'Pull out one of each direction. Say two things if you see two.',
    multi: true,
    states: {
      even: { label: 'Even', help: 'The same all along.' },
      slubbed: { label: 'With slubs', help: 'Thick and thin places.' },
      'crepe-twisted': { label: 'Hard-twisted', help: 'It snarls up when let go.' },
      fuzzy: { label: 'Fuzzy', help: 'Hairs stand off it.' },
      'coarse-cords': { label: 'Thick', help: 'Cords that you could count from a step away.' },
      metallic: { label: 'Metal', help: 'A glittering strip.' },
    },
  },
  surface: {
    title: 'Surface',
    question: 'How is the face, to the hand and the eye?',
    hint: 'Say two things if you notice two.',
    multi: true,
    states: {
      smooth: { label: 'Smooth', help: 'Nothing stands out.' },
      brushed: { label: 'Brushed', help: 'A nap of short hairs.' },
      pebbled: { label: 'Pebbled', help: 'Finely grainy, like sand.' },
      puckered: { label: 'Puckered', help: 'Crinkles or blisters that stay.' },
      slubby: { label: 'Slubby', help: 'Thick threads show here and there.' },
      'raised-figure': { label: 'Raised figures', help: 'Figures stand out from the ground.' },
      pleated: { label: 'Pleated', help: 'Pressed into folds.' },
      bumpy: { label: 'Bumpy', help: 'Loops or knots all over.' },
      foamy: { label: 'Foamy', help: 'It gives like a thin sponge.' },
      'crisp-papery': { label: 'Papery', help: 'Crisp; it rustles.' },
    },
  },
  figure: {
    title: 'Figure',
    question: 'What figure does it carry, woven, knitted or printed?',
    hint: 'Say two things if it has two.',
    multi: true,
    states: {
      none: { label: 'None', help: 'One colour, or an even mixture.' },
      stripe: { label: 'Stripes', help: 'In one direction.' },
      check: { label: 'Checks', help: 'Stripes that cross.' },
      'pinwheel-check': { label: 'Toothed checks', help: 'Broken checks with points.' },
      'grouped-check': { label: 'Grouped checks', help: 'Small checks that make large ones.' },
      'small-geometric': { label: 'Small figures', help: 'Dots, diamonds, squares.' },
      'large-pictorial': { label: 'Large figures', help: 'Flowers, leaves, pictures.' },
      'lengthwise-ribs': { label: 'Lengthwise ribs', help: 'Ridges that run with the warp.' },
    },
  },
  opacity: {
    title: 'See-through',
    question: 'Lay one layer over your hand. What do you see of it?',
    hint: 'In daylight, light and dark parts apart.',
    states: {
      sheer: { label: 'All of it', help: 'Fingers and rings.' },
      'semi-sheer': { label: 'A shadow', help: 'That there is a hand.' },
      opaque: { label: 'Nothing', help: 'Not even a shadow.' },
    },
  },
  body: {
    title: 'Body',
    question: 'Hold it by a corner, then drop it. How does it fall?',
    hint: 'One layer, about as long as your arm.',
    states: {
      fluid: { label: 'Like water', help: 'Falls into a puddle.' },
      soft: { label: 'Softly', help: 'Many soft folds.' },
      moderate: { label: 'With some body', help: 'Fewer, rounder folds.' },
      crisp: { label: 'Crisply', help: 'Stands away in sharp folds.' },
      stiff: { label: 'Stiffly', help: 'Stands by itself.' },
    },
  },
  colouring: {
    title: 'Colour',
    question: 'Where does its colour come from?',
    hint: 'Look at the back, and at a pulled yarn.',
    states: {
      printed: { label: 'Printed', help: 'On one side; the yarns are pale inside or on the back.' },
      'yarn-dyed': { label: 'Dyed yarns', help: 'Yarns of different colours make the figure.' },
      'piece-dyed': { label: 'Dyed in the piece', help: 'One colour, right through.' },
      undyed: { label: 'Not dyed', help: 'As it grew, or only bleached.' },
    },
  },
}

export const inspectionFeatures: readonly InspectionFeature[] = INSPECTION_IDS.map((id) => {
  const { states, multi = false, ...rest } = told[id]
  return { id, multi, ...rest, states: Object.entries(states).map(([state, words]) => ({ id: state, ...words })) }
})

const byId = new Map<string, InspectionFeature>(inspectionFeatures.map((one) => [one.id, one]))

/** @throws RangeError when the id is not in the vocabulary */
export function inspectionById(id: string): InspectionFeature {
  const found = byId.get(id)
  if (!found) throw new RangeError(`inspectionById: nothing to inspect is called "${id}"`)
  return found
}
