import { type Material } from '../types'

export const felt: Material = {
  name: 'felt',
  recognise: [
    'Fibres matted through and through: no thread, both sides alike.',
    'Pull a tuft from its edge: short crimped fibres, no loop.',
  ],
  burn: { allowed: true, text: 'A tuft only: wool smells of burnt hair, acrylic and polyester melt to a bead.' },
  measure: 'Thickness in mm and weight.',
  store: 'Flat or rolled, with moth traps where it is wool.',
  clean: 'Brush it; wool felt is dry-cleaned or spot-cleaned, since water shrinks it further.',
  washCelsius: null,
  cut: 'Any direction, shears or rotary cutter; thick felt with a knife.',
  mark: 'Chalk.',
  needle: { point: 'universal', text: 'A universal point, 80 to 100 by thickness.' },
  stitchLength: [2.5, 3.5],
  foot: 'The standard foot, less pressure.',
  takesPins: true,
  hold: 'Clips or long pins.',
  seam: 'Lapped or butted edges, raw; no finish.',
  press: 'Steam through a damp cloth; a warm iron for synthetic felt.',
  ironDots: 2,
  layout: { turn: 'any', text: 'No grain: turn parts as they fit.' },
  comesAs: 'roll',
  suits: ['hat', 'bag', 'cushion', 'coat', 'puppet-clothes', 'cape', 'pouch'],
  again: 'All of it between the moth holes.',
  source: 'common practice; limits from memory',
}
