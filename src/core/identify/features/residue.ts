import { defineFeature } from './define'

export const residue = defineFeature({
  id: 'residue',
  kind: 'burn',
  look: 'residue',
  multi: true,
  hazard: 'flame',
  minutes: 4,
  title: 'What is left',
  question: 'Wait until it is completely cold. What is left?',
  hint: 'Melted fabric stays hot enough to burn you for a minute. Choose two answers if you see two.',
  source: 'common practice; weights from memory of textbook burn tables',
  slip: 0.04,
  several: { alone: 0.12, mixed: 0.35 },
  states: [
    ['soft-ash', 'Soft ash', 'A breath scatters it.'],
    ['shape-keeping-ash', 'Ash in the shape of the fabric', 'You can still see the weave.'],
    ['brittle-clinker', 'Brittle clinker', 'Black, crisp and full of holes.'],
    ['crushable-bead', 'Bead that crushes', 'Round and dark, goes to powder.'],
    ['hard-bead', 'Hard round bead', 'Glassy; a nail does not mark it.'],
    ['hard-lump', 'Hard uneven lump', 'Glassy or tarry, no round shape.'],
    ['hard-specks-in-ash', 'Hard specks in ash', 'Ash, but with grit in it.'],
    ['gummy', 'Gummy', 'Soft and sticky even when cold.'],
    ['fluffy-black', 'Black fluff', 'Light, black, soft.'],
    ['unburnt', 'Unburnt', 'Much as it was.'],
  ],
})
