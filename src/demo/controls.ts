import { type Control } from '../core/notebook/kinds/control'
import { type TestAnswer } from '../core/notebook/answers'
import { demoBurns } from './burns'

/** The wardrobe's box of known pieces, and how its volunteers answered them; invented. */
export const demoControls: readonly (Control & { burns: readonly (readonly TestAnswer[])[] })[] = [
  {
    fibre: 'cotton',
    name: 'Laundry calico, a corner',
    sure: 'The bolt still had its mill ticket.',
    burns: [demoBurns.cottony],
  },
  {
    fibre: 'wool',
    name: 'Darning wool, undyed',
    sure: 'Bought as a skein, pure by its band.',
    burns: [demoBurns.woolly, demoBurns.woolly],
  },
  {
    fibre: 'nylon',
    name: 'Fishing line from the quay',
    sure: 'The reel says so.',
    burns: [1, 2, 3].map(() =>
      answered({
        approach: 'melts-back',
        melting: 'melts-drips',
        'after-removal': 'dies-soon',
        smell: 'sweet-chemical',
        residue: 'hard-bead',
        'residue-colour': 'brown',
        crush: 'resists',
      }),
    ),
  },
  {
    fibre: 'cotton',
    name: 'Night porter’s shirt tail',
    sure: 'Everybody says that it is cotton.',
    burns: [demoBurns.polyCotton],
  },
]

function answered(seen: Record<string, string>): TestAnswer[] {
  return Object.entries(seen).map(([feature, state]) => ({ specimen: 1, part: 'whole', feature, states: [state] }))
}
