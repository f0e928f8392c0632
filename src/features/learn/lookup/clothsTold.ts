import { namedCloths } from '@/core/cloths/catalogue'
import { type NamedCloth } from '@/core/cloths/types'
import { fibreName } from '@/core/identify/words'
import { capitalise, formatWeightRange, type UnitSystem } from '@/core/units/format'
import { type Construction } from '@/core/vocabulary/cloth'
import { type Vocabulary } from '@/core/vocabulary/words'
import { tileOf } from '@/ui/cloth/spec'
import { type TileSpec } from '@/ui/cloth/tileUrl'
import { type Phrase } from '@/core/text/text'

/** A named cloth as it is told to a person who looks it up. */
export interface ClothTold {
  id: string
  name: string
  also: string
  makes: Phrase
  /** Weight, fibres, how it falls. */
  usual: string
  construction: Construction
  tile: TileSpec
}

/** Every cloth is drawn in the same indigo and undyed yarn, so that only its weave tells them apart. */
const LOOK = { warp: '#4a6b83', weft: '#dcd3bd', accent: null, colouring: 'plain' } as const

interface Preferences {
  units: UnitSystem
  words: Vocabulary
}

/** One cloth, as it is told. */
export function clothTold(cloth: NamedCloth, { units, words }: Preferences): ClothTold {
  const { id, name, also, makes, gsm, fibres, body, construction } = cloth
  const others = new Set([name[words === 'uk' ? 'us' : 'uk'], ...also])
  return {
    id,
    name: capitalise(name[words]),
    also: [...others].filter((word) => word !== name[words]).join(', '),
    makes,
    usual: [formatWeightRange(gsm, units), fibres.map((fibre) => fibreName(fibre, words)).join(' or '), body]
      .filter((part) => part !== '')
      .join('; '),
    construction,
    tile: tileOf({ called: name.uk, construction, look: LOOK }),
  }
}

/** Every named cloth, by its name in the reader's words. */
export function clothsTold(preferences: Preferences): ClothTold[] {
  return namedCloths.map((cloth) => clothTold(cloth, preferences)).toSorted((a, b) => a.name.localeCompare(b.name))
}
