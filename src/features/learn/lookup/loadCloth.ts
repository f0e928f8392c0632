import { clothCalled } from '@/core/cloths/catalogue'
import { clothWithId } from '@/core/cloths/traits'
import { isOneWay } from '@/core/fabric/handling'
import { offerFrom } from '@/core/fabric/offer'
import { thicknessOf } from '@/core/fabric/thickness'
import { fabricFacts } from '@/core/say/shortAnswers'
import { materialTold } from '@/core/materials/told'
import { CONSTRUCTION_WORDS } from '@/core/vocabulary/cloth'
import { neighboursOf, partedBy } from '@/core/practice/looks'
import { type UnitSystem } from '@/core/units/format'
import { FIBRE_WORDS } from '@/core/vocabulary/fibres'
import { type Vocabulary } from '@/core/vocabulary/words'
import { clothTold } from './clothsTold'
import { inStash } from './inStash'

/** So many that are taken for it are told. */
const NEIGHBOURS = 4

/** All that is known of one cloth, from the records that it is named by. @returns undefined of none */
export async function loadNamedCloth(id: string, preferences: { units: UnitSystem; words: Vocabulary }) {
  const cloth = clothWithId(id)
  if (!cloth) return undefined
  const { words } = preferences
  const [least, most] = cloth.stretchWidth
  const offer = offerFrom({ called: cloth.name.uk }, cloth)
  return {
    ...clothTold(cloth, preferences),
    material: cloth.material ? materialTold(cloth.material, words, thicknessOf(offer)?.value) : null,
    facts: [
      { title: 'Construction', value: CONSTRUCTION_WORDS[cloth.construction] },
      { title: 'Drape', value: cloth.body },
      { title: 'Opacity', value: cloth.opacity },
      { title: 'Stretch across the width', value: least === most ? `${most} %` : `${least} to ${most} %` },
      ...(cloth.stretchLength
        ? [{ title: 'Stretch along the length', value: `${cloth.stretchLength[0]} to ${cloth.stretchLength[1]} %` }]
        : []),
      { title: 'Nap', value: isOneWay(offer) ? 'one way: all pieces the same way up' : 'none' },
      ...fabricFacts(cloth),
    ],
    fibres: cloth.fibres.map((fibre) => ({ id: fibre, name: FIBRE_WORDS[fibre][words] })),
    neighbours: neighboursOf(cloth)
      .slice(0, NEIGHBOURS)
      .map((other) => ({
        ...clothTold(other, preferences),
        parted: partedBy(cloth, other)[0] ?? null,
      })),
    stash: await inStash(`cloth ${id}`, ({ called }) => clothCalled(called, words)?.id === id, preferences),
  }
}

export type OneCloth = NonNullable<Awaited<ReturnType<typeof loadNamedCloth>>>
