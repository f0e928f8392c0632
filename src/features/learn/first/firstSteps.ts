/** What a first burn needs, and why; common practice. */
export const GATHER = [
  {
    id: 'cotton',
    text: 'A white cotton thread that you are sure of',
    why: 'Unpicked from an old sheet, or crochet yarn.',
  },
  { id: 'polyester', text: 'A polyester sewing thread', why: 'Its reel says so; most all-purpose thread is.' },
  {
    id: 'water',
    text: 'A bowl of water within reach',
    why: 'Everything that has burnt goes into it, also what looks out.',
  },
  { id: 'tray', text: 'A metal tray or a stone plate', why: 'With nothing on it that burns, and nothing above it.' },
  {
    id: 'tweezers',
    text: 'Metal tweezers, as long as your hand',
    why: 'Plastic ones melt, and short ones burn fingers.',
  },
  {
    id: 'flame',
    text: 'A long lighter that stands or is clamped, or a spirit lamp',
    why:
      'It burns clean. Use a candle only if you have nothing else: its wax smells like polypropylene and its soot ' +
      'blackens what is left.',
  },
  { id: 'air', text: 'A window that is open a hand’s breadth', why: 'Fumes go out; a draught would bend the flame.' },
] as const

/** The burn itself; common practice. */
export const STEPS = [
  'Twist ten threads of 5 cm into one strand: a single thread is over before it is seen.',
  'Hold it by its end, level, and bring the tip slowly to the side of the flame. Does it shrink from it?',
  'Let it catch, take it out, and look: does it go on burning, and how?',
  'Blow it out over the tray, and fan the smoke towards you once. Do not put your nose to it.',
  'Wait until it is cold. Press ash between two fingers while it is dry: is it soft, or does it crumble? Water would ' +
    'destroy it. Dip only a molten bead in the water, and feel it when it is cold: is it hard?',
  'Do the same with the other. What drips stays hot for long: never on skin, never on cloth.',
  'Put the flame out, and leave everything in the water for a quarter of an hour.',
] as const

interface KnownThread {
  id: string
  title: string
  says: readonly string[]
  /** By the bench's own questions. */
  seen: Readonly<Record<string, readonly string[]>>
}

/** What the two look like; common practice, in the states of the bench. */
export const KNOWN: readonly KnownThread[] = [
  {
    id: 'cotton',
    title: 'Cotton',
    says: ['It does not shrink from the flame.', 'It catches at once and burns on.', 'Paper; a soft grey ash.'],
    seen: {
      approach: ['unmoved'],
      ignition: ['instant'],
      flame: ['yellow-fast'],
      'after-removal': ['burns-on'],
      smell: ['paper'],
      residue: ['soft-ash'],
    },
  },
  {
    id: 'polyester',
    title: 'Polyester',
    says: [
      'It shrinks away, and melts.',
      'It burns with a sooty flame, and drips.',
      'A hard bead that does not crush.',
    ],
    seen: {
      approach: ['melts-back'],
      ignition: ['slow'],
      melting: ['melts-drips'],
      smoke: ['black-sooty'],
      residue: ['hard-bead'],
    },
  },
]
