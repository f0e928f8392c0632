import { type FibreId } from '@/core/fibres/types'

/**
 * Burns as people at home tell of them: a few things noticed, others missed, now and then a word that fits a neighbour better.
 * Written down from memory of common practice before this program was run on them, and never used to set a number in it.
 */
export interface TableCase {
  id: string
  /** What it truly was, the main fibre first. */
  fibres: readonly FibreId[]
  /** How finely what was seen can tell: its fibre, its family only, or both parents of a blend. */
  tells: 'fibre' | 'family' | 'blend'
  seen: Record<string, string | readonly string[]>
}

const one = (id: string, tells: TableCase['tells'], fibres: readonly FibreId[], seen: TableCase['seen']): TableCase => ({ id, tells, fibres, seen })

export const tableCases: readonly TableCase[] = [
  one('shirt cotton, goes up in a rush', 'family', ['cotton'], { ignition: 'instant', flame: 'yellow-fast', 'after-removal': 'burns-on', smell: 'paper', residue: 'soft-ash' }),
  one('cotton that curled a little', 'family', ['cotton'], { approach: 'curls-away', flame: 'yellow-fast', 'after-removal': 'burns-on', smell: 'paper', residue: 'soft-ash', 'residue-colour': 'grey' }),
  one('black cotton, dark ash', 'family', ['cotton'], { approach: 'unmoved', melting: 'none', 'after-removal': 'burns-on', smell: 'wood-leaves', residue: 'soft-ash', 'residue-colour': 'black' }),
  one('quilting cotton with afterglow', 'family', ['cotton'], { flame: 'yellow-fast', afterglow: 'yes', smoke: 'pale', smell: 'paper', crush: 'powders' }),
  one('cotton under the loupe', 'fibre', ['cotton'], { smell: 'paper', residue: 'soft-ash', 'loupe-fibre': 'twisted-ribbon' }),
  one('linen, ash that keeps the weave', 'family', ['linen'], { ignition: 'slow', flame: 'yellow-slow', 'after-removal': 'burns-on', smell: 'rope-straw', residue: 'shape-keeping-ash' }),
  one('linen in the hand and in the dish', 'fibre', ['linen'], { flame: 'yellow-slow', smell: 'paper', residue: 'shape-keeping-ash', 'yarn-break': 'crisp-long-ends', scrunch: 'stays-crumpled', 'drying-twist': 'clockwise', 'loupe-fibre': 'cross-nodes' }),
  one('hemp by its drying', 'family', ['hemp'], { smell: 'rope-straw', residue: 'shape-keeping-ash', 'yarn-break': 'crisp-long-ends', 'drying-twist': 'anticlockwise' }),
  one('jute sacking', 'family', ['jute'], { ignition: 'quick', flame: 'yellow-fast', 'after-removal': 'burns-on', smell: 'rope-straw', residue: 'soft-ash', touch: 'neutral' }),
  one('viscose that burnt as fast as cotton', 'family', ['viscose'], { ignition: 'quick', flame: 'yellow-fast', 'after-removal': 'burns-on', smell: 'paper', residue: 'soft-ash' }),
  one('viscose that burnt slowly, like wood', 'family', ['viscose'], { flame: 'yellow-slow', 'after-removal': 'burns-slowly-on', smell: 'wood-leaves', residue: 'soft-ash' }),
  one('viscose, weak when wet', 'fibre', ['viscose'], { smell: 'paper', residue: 'soft-ash', 'wet-strength': 'weaker', 'loupe-fibre': 'lengthwise-lines', scrunch: 'stays-crumpled' }),
  one('lyocell', 'family', ['lyocell'], { flame: 'yellow-fast', 'after-removal': 'burns-on', smell: 'paper', residue: 'soft-ash', 'residue-colour': 'pale-grey' }),
  one('cupro lining', 'family', ['cupro'], { flame: 'yellow-fast', smell: 'paper', residue: 'soft-ash', 'yarn-type': 'filament', lustre: 'soft-sheen' }),
  one('silk, slow and hardly any smoke', 'family', ['silk'], { approach: 'curls-away', ignition: 'slow', 'after-removal': 'dies-soon', smoke: 'hardly-any', smell: 'hair-feather', residue: 'crushable-bead', crush: 'powders' }),
  one('silk that caught fast and smoked', 'family', ['silk'], { approach: 'curls-away', ignition: 'quick', smoke: 'dark', smell: 'hair-feather', residue: 'crushable-bead', 'residue-colour': 'black', crush: 'powders' }),
  one('silk filament', 'fibre', ['silk'], { 'after-removal': 'dies-soon', smell: 'hair-feather', crush: 'powders', 'yarn-type': 'filament', lustre: 'soft-sheen', 'loupe-fibre': 'smooth-rod' }),
  one('silk noil, dull', 'family', ['silk'], { approach: 'curls-away', flame: 'yellow-slow', smell: 'hair-feather', residue: 'crushable-bead', lustre: 'matt', 'yarn-type': 'staple' }),
  one('wool coating', 'family', ['wool'], { approach: 'curls-away', ignition: 'slow', flame: 'sputtering', 'after-removal': 'dies-at-once', smell: 'hair-feather', residue: 'crushable-bead', 'residue-colour': 'black' }),
  one('wool that needed the flame held on', 'family', ['wool'], { ignition: 'slow', 'after-removal': 'dies-at-once', smell: 'hair-feather', residue: 'brittle-clinker', crush: 'crumbles' }),
  one('wool under the loupe', 'family', ['wool'], { smell: 'hair-feather', 'after-removal': 'dies-soon', 'loupe-fibre': 'scales', touch: 'warm' }),
  one('mohair', 'family', ['hair'], { approach: 'curls-away', 'after-removal': 'dies-soon', smell: 'hair-feather', residue: 'crushable-bead', lustre: 'soft-sheen' }),
  one('acetate lining', 'fibre', ['acetate'], { approach: 'melts-back', flame: 'yellow-fast', melting: 'melts-drips', 'after-removal': 'burns-on', smell: 'vinegar', residue: 'hard-lump' }),
  one('acetate in acetone', 'fibre', ['acetate'], { melting: 'melts', smell: 'acrid-chemical', residue: 'hard-bead', acetone: 'dissolves' }),
  one('polyester charmeuse sold as silk', 'fibre', ['polyester'], { approach: 'melts-back', melting: 'melts-drips', 'after-removal': 'dies-soon', smoke: 'black-sooty', smell: 'sweet-chemical', residue: 'hard-bead', 'residue-colour': 'black', crush: 'resists' }),
  one('polyester, smelt only as chemical', 'family', ['polyester'], { approach: 'melts-back', melting: 'melts', smoke: 'black-sooty', smell: 'acrid-chemical', residue: 'hard-bead' }),
  one('polyester, everything but the smell', 'family', ['polyester'], { approach: 'curls-away', melting: 'melts-drips', smoke: 'dark', residue: 'hard-bead', crush: 'resists' }),
  one('polyester with a sweet smell and soot', 'fibre', ['polyester'], { melting: 'melts-drips', flame: 'melting-small', smoke: 'black-sooty', smell: 'sweet-chemical', residue: 'hard-bead', 'residue-colour': 'black', crush: 'resists', 'water-drop': 'beads' }),
  one('nylon, celery and a pale bead', 'fibre', ['nylon'], { approach: 'melts-back', melting: 'melts-drips', 'after-removal': 'dies-soon', smell: 'celery-green', residue: 'hard-bead', 'residue-colour': 'grey' }),
  one('nylon, celery and a black bead', 'fibre', ['nylon'], { approach: 'melts-back', flame: 'melting-small', melting: 'melts-drips', smoke: 'pale', smell: 'celery-green', residue: 'hard-bead', 'residue-colour': 'black' }),
  one('acrylic jumper', 'fibre', ['acrylic'], { ignition: 'quick', flame: 'black-tipped-leaping', melting: 'melts', 'after-removal': 'burns-on', smoke: 'black-sooty', smell: 'acrid-chemical', residue: 'hard-lump', touch: 'warm' }),
  one('acrylic, burns hard and drips', 'fibre', ['acrylic'], { approach: 'melts-back', ignition: 'instant', flame: 'black-tipped-leaping', melting: 'melts-drips', 'after-removal': 'burns-on', smell: 'acrid-chemical', residue: 'hard-lump', 'residue-colour': 'black', 'yarn-type': 'staple' }),
  one('modacrylic pile that goes out', 'family', ['modacrylic'], { ignition: 'slow', melting: 'melts', 'after-removal': 'dies-at-once', smell: 'acrid-chemical', residue: 'hard-lump' }),
  one('polypropylene sack', 'fibre', ['polypropylene'], { melting: 'melts-drips', 'after-removal': 'burns-slowly-on', smell: 'paraffin', residue: 'hard-bead', float: 'floats' }),
  one('polypropylene by smell alone', 'fibre', ['polypropylene'], { approach: 'melts-back', melting: 'melts-drips', 'after-removal': 'burns-on', smell: 'paraffin', residue: 'hard-bead', 'residue-colour': 'brown' }),
  one('glass curtain, not lit', 'family', ['glass'], { ignition: 'none', melting: 'none', 'after-removal': 'never-lit', smell: 'none', residue: 'unburnt' }),
  one('metallised strip', 'family', ['metallic'], { ignition: 'none', flame: 'none', residue: 'unburnt', lustre: 'bright', 'loupe-fibre': 'flat-strip' }),
  one('poly-cotton sheet', 'blend', ['cotton', 'polyester'], { flame: 'yellow-fast', melting: 'partly', 'after-removal': 'burns-on', smoke: 'dark', smell: ['paper', 'sweet-chemical'], residue: 'hard-specks-in-ash' }),
  one('poly-cotton with hard edges', 'blend', ['polyester', 'cotton'], { approach: 'melts-back', melting: 'partly', 'after-removal': 'burns-on', smell: ['paper', 'acrid-chemical'], residue: ['soft-ash', 'hard-bead'], crush: 'resists' }),
  one('viscose with polyester', 'blend', ['viscose', 'polyester'], { flame: 'yellow-fast', melting: 'partly', smell: ['paper', 'sweet-chemical'], residue: 'hard-specks-in-ash', 'residue-colour': 'black', 'wet-strength': 'weaker' }),
  one('cotton jersey with a faint melt', 'blend', ['cotton', 'elastane'], { flame: 'yellow-fast', melting: 'partly', 'after-removal': 'burns-on', smell: ['paper', 'rubbery'], residue: 'soft-ash', 'yarn-break': 'snaps-back' }),
  one('suiting with nylon for wear', 'blend', ['wool', 'nylon'], { approach: 'curls-away', melting: 'partly', 'after-removal': 'dies-soon', smell: ['hair-feather', 'acrid-chemical'], residue: ['crushable-bead', 'hard-specks-in-ash'] }),
  one('suiting with polyester', 'blend', ['wool', 'polyester'], { melting: 'partly', 'after-removal': 'burns-slowly-on', smoke: 'dark', smell: ['hair-feather', 'sweet-chemical'], residue: 'hard-specks-in-ash', crush: 'crumbles' }),
  one('jumper of wool and acrylic', 'blend', ['acrylic', 'wool'], { melting: 'partly', 'after-removal': 'burns-on', smoke: 'black-sooty', smell: ['hair-feather', 'acrid-chemical'], residue: ['hard-lump', 'crushable-bead'], crush: 'resists' }),
  one('wool with viscose', 'blend', ['wool', 'viscose'], { flame: 'yellow-slow', melting: 'none', 'after-removal': 'burns-slowly-on', smell: ['hair-feather', 'paper'], residue: ['soft-ash', 'crushable-bead'], crush: 'powders' }),
  one('silk with cotton', 'blend', ['silk', 'cotton'], { approach: 'unmoved', flame: 'yellow-fast', melting: 'none', 'after-removal': 'burns-on', smell: ['paper', 'hair-feather'], residue: 'soft-ash' }),
  one('viscose with nylon', 'blend', ['viscose', 'nylon'], { melting: 'partly', 'after-removal': 'burns-on', smell: ['paper', 'celery-green'], residue: 'hard-specks-in-ash', crush: 'crumbles' }),
  one('acrylic with cotton', 'blend', ['cotton', 'acrylic'], { flame: 'black-tipped-leaping', melting: 'partly', 'after-removal': 'burns-on', smell: ['paper', 'acrid-chemical'], residue: ['soft-ash', 'hard-lump'] }),
  one('hard bead with a hair smell', 'blend', ['wool', 'nylon'], { approach: 'curls-away', melting: 'partly', smell: 'hair-feather', residue: 'hard-bead', crush: 'resists' }),
]
