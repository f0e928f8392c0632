import { type Part } from '../core/identify/types'
import { type TestAnswer } from '../core/notebook/answers'

/** Burns as the wardrobe's volunteers reported them; invented, and not always tidy. */
export const demoBurns = {
  cottony: burn({ approach: 'unmoved', ignition: 'quick', flame: 'yellow-fast', melting: 'none', 'after-removal': 'burns-on', afterglow: 'yes', smoke: 'pale', smell: 'paper', residue: 'soft-ash', 'residue-colour': 'pale-grey', crush: 'powders' }),
  viscoseLike: burn({ approach: 'unmoved', ignition: 'instant', flame: 'yellow-fast', melting: 'none', 'after-removal': 'burns-on', smell: 'paper', residue: 'soft-ash', crush: 'powders', 'wet-strength': 'weaker', 'yarn-type': 'filament', 'loupe-fibre': 'lengthwise-lines' }),
  linenLike: burn({ approach: 'unmoved', ignition: 'slow', flame: 'yellow-slow', melting: 'none', 'after-removal': 'burns-on', smell: 'rope-straw', residue: 'shape-keeping-ash', 'yarn-break': 'crisp-long-ends', 'loupe-fibre': 'cross-nodes', 'drying-twist': 'clockwise' }),
  woolly: burn({ approach: 'curls-away', ignition: 'slow', flame: 'sputtering', melting: 'none', 'after-removal': 'dies-at-once', smoke: 'pale', smell: 'hair-feather', residue: 'crushable-bead', 'residue-colour': 'black', crush: 'crumbles', touch: 'warm' }),
  silky: burn({ approach: 'curls-away', ignition: 'slow', flame: 'yellow-slow', melting: 'none', 'after-removal': 'dies-soon', smoke: 'hardly-any', smell: 'hair-feather', residue: 'crushable-bead', crush: 'powders', 'yarn-type': 'filament', lustre: 'soft-sheen', 'loupe-fibre': 'smooth-rod' }),
  polyester: burn({ approach: 'melts-back', ignition: 'slow', flame: 'melting-small', melting: 'melts-drips', 'after-removal': 'dies-soon', smoke: 'black-sooty', smell: 'sweet-chemical', residue: 'hard-bead', 'residue-colour': 'black', crush: 'resists' }),
  nylon: burn({ approach: 'melts-back', ignition: 'slow', flame: 'melting-small', melting: 'melts-drips', 'after-removal': 'dies-soon', smoke: 'pale', smell: 'celery-green', residue: 'hard-bead', 'residue-colour': 'brown', crush: 'resists' }),
  polyCotton: burn({ approach: 'unmoved', ignition: 'quick', flame: 'yellow-fast', melting: 'partly', 'after-removal': 'burns-on', smoke: 'dark', smell: ['paper', 'sweet-chemical'], residue: 'hard-specks-in-ash', 'residue-colour': 'black', crush: 'crumbles' }),
  woolNylon: burn({ approach: 'curls-away', ignition: 'slow', melting: 'partly', 'after-removal': 'dies-soon', smell: 'hair-feather', residue: ['crushable-bead', 'hard-specks-in-ash'], crush: 'crumbles' }),
  acetate: burn({ approach: 'melts-back', flame: 'melting-small', melting: 'melts-drips', 'after-removal': 'burns-on', smell: 'vinegar', residue: 'hard-lump', 'residue-colour': 'black', crush: 'resists', acetone: 'dissolves' }),
  warpAndWeft: [
    ...burn({ approach: 'unmoved', ignition: 'quick', flame: 'yellow-fast', melting: 'none', 'after-removal': 'burns-on', smell: 'paper', residue: 'soft-ash', crush: 'powders' }, 'warp', 1),
    ...burn({ approach: 'curls-away', ignition: 'slow', melting: 'none', 'after-removal': 'dies-soon', smell: 'hair-feather', residue: 'crushable-bead', 'residue-colour': 'black', crush: 'crumbles' }, 'weft', 2),
  ],
  twoMinds: [
    ...burn({ approach: 'curls-away', ignition: 'slow', 'after-removal': 'dies-soon', smell: 'hair-feather', residue: 'crushable-bead', crush: 'crumbles' }, 'whole', 1),
    ...burn({ approach: 'melts-back', ignition: 'slow', melting: 'partly', 'after-removal': 'dies-soon', smell: 'hair-feather', residue: 'hard-bead', crush: 'resists' }, 'whole', 2),
  ],
  hurried: burn({ ignition: 'quick', smell: 'none' }),
  odd: burn({ approach: 'melts-back', smell: 'hair-feather', residue: 'hard-bead', crush: 'resists' }),
} as const

function burn(seen: Record<string, string | readonly string[]>, part: Part = 'whole', specimen = 1): TestAnswer[] {
  return Object.entries(seen).map(([feature, states]) => ({ specimen, part, feature, states: typeof states === 'string' ? [states] : [...states] }))
}
