/** A state of a feature: `feature:state`. */
type Seen = `${string}:${string}`

/**
 * What one specimen cannot show together, whatever it is made of: states of a burn and those that each rules out.
 * Common practice, and plain physics: what never lit leaves no ash, what did not melt leaves no bead.
 */
const RULED_OUT: Readonly<Record<Seen, readonly Seen[]>> = {
  'ignition:none': [
    ...(['flame:yellow-fast', 'flame:yellow-slow', 'flame:sputtering', 'flame:melting-small'] as const),
    ...([
      'flame:black-tipped-leaping',
      'flame:green-edged',
      'after-removal:burns-on',
      'after-removal:burns-slowly-on',
    ] as const),
    ...(['after-removal:dies-soon', 'after-removal:dies-at-once'] as const),
  ],
  'ignition:instant': ['flame:none', 'after-removal:never-lit', 'residue:unburnt'],
  'ignition:quick': ['flame:none', 'after-removal:never-lit', 'residue:unburnt'],
  'ignition:slow': ['after-removal:never-lit'],
  'flame:none': ['after-removal:burns-on', 'after-removal:burns-slowly-on', 'smoke:black-sooty'],
  'after-removal:never-lit': [
    ...(['flame:yellow-fast', 'flame:yellow-slow', 'flame:sputtering', 'flame:melting-small'] as const),
    ...([
      'flame:black-tipped-leaping',
      'flame:green-edged',
      'afterglow:yes',
      'smoke:dark',
      'smoke:black-sooty',
    ] as const),
    ...(['residue:soft-ash', 'residue:shape-keeping-ash', 'residue:fluffy-black'] as const),
    ...(['residue:brittle-clinker', 'residue:crushable-bead', 'residue:hard-specks-in-ash'] as const),
  ],
  'residue:unburnt': [
    ...(['after-removal:burns-on', 'after-removal:burns-slowly-on', 'afterglow:yes', 'smoke:black-sooty'] as const),
    ...(['crush:powders', 'residue:soft-ash', 'residue:shape-keeping-ash', 'residue:fluffy-black'] as const),
    ...(['residue:brittle-clinker', 'residue:crushable-bead', 'residue:hard-bead', 'residue:hard-lump'] as const),
    ...(['residue:hard-specks-in-ash', 'residue:gummy'] as const),
  ],
  'melting:none': [
    ...(['approach:melts-back', 'flame:melting-small', 'residue:hard-bead', 'residue:hard-lump'] as const),
    'residue:gummy',
  ],
  'melting:melts': ['residue:soft-ash', 'residue:shape-keeping-ash'],
  'melting:melts-drips': ['residue:soft-ash', 'residue:shape-keeping-ash'],
  'residue:soft-ash': ['crush:resists', 'residue:hard-bead', 'residue:hard-lump', 'residue:gummy'],
  'residue:shape-keeping-ash': ['crush:resists', 'residue:hard-bead', 'residue:hard-lump', 'residue:gummy'],
  'residue:fluffy-black': ['crush:resists', 'residue-colour:pale-grey', 'residue:hard-bead', 'residue:hard-lump'],
  'residue:crushable-bead': ['crush:resists', 'residue:hard-bead', 'residue:hard-lump'],
  'residue:brittle-clinker': ['crush:resists', 'residue:hard-bead', 'residue:hard-lump'],
  'residue:hard-bead': ['crush:powders', 'crush:crumbles'],
  'residue:hard-lump': ['crush:powders'],
  'residue:gummy': ['crush:powders'],
  'smell:none': [
    ...(['smell:paper', 'smell:wood-leaves', 'smell:rope-straw', 'smell:hair-feather', 'smell:vinegar'] as const),
    ...(['smell:celery-green', 'smell:sweet-chemical', 'smell:acrid-chemical', 'smell:paraffin'] as const),
    'smell:rubbery',
  ],
}

const pairs = new Set(
  Object.entries(RULED_OUT).flatMap(([one, others]) =>
    others.flatMap((other) => [`${one} ${other}`, `${other} ${one}`]),
  ),
)

/** Every state that is named above. */
export const NAMED: readonly string[] = [...new Set([...pairs].flatMap((pair) => pair.split(' ')))]

/** Whether one specimen can show a state beside those that it showed already. */
export function isPossible(state: string, shown: readonly string[]): boolean {
  return !shown.some((one) => pairs.has(`${one} ${state}`))
}
