import { phrase } from '@/core/text/text'
import { inCm } from '@/core/text/amounts'
/** What a first burn needs, and why; common practice. */
export const GATHER = [
  {
    id: 'cotton',
    text: 'A white cotton thread that you are sure of',
    why: 'Unpicked from an old sheet, or crochet yarn.',
  },
  {
    id: 'polyester',
    text: 'A polyester sewing thread',
    why: 'Its reel says so; most all-purpose thread is polyester.',
  },
  {
    id: 'water',
    text: 'A bowl of water within reach',
    why: 'Everything that has burnt goes into it, even if it looks out.',
  },
  { id: 'tray', text: 'A metal tray or a stone plate', why: 'Nothing on it that burns, and nothing above it.' },
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
  { id: 'air', text: 'A slightly open window', why: 'Fumes go out, but a draught would bend the flame.' },
] as const

/** The burn itself; common practice. */
export const STEPS = [
  phrase`Twist ten threads of ${inCm(5)} into one strand: a single thread burns too fast to see.`,
  'Hold its end, level, and bring the tip slowly to the side of the flame. Does it shrink away?',
  'Let it catch fire, take it out, and look: does it go on burning, and how?',
  'Blow it out over the tray, and fan the smoke towards you once. Never put your nose to it.',
  'Wait until it is cold. Press dry ash between two fingers: is it soft, or does it crumble? ' +
    'Water would destroy it. Dip only a molten bead in the water, and feel it when it is cold: is ' +
    'it hard?',
  'Do the same with the other thread. Drips stay hot for long: keep them off skin and fabric.',
  'Put the flame out, and leave everything in the water for 15 minutes.',
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
    says: [
      'It does not shrink from the flame.',
      'It catches fire at once and burns on.',
      'It smells of paper and leaves soft grey ash.',
    ],
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
      'It leaves a hard bead that you can’t crush.',
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
