import { namedCloths } from '@/core/cloths/catalogue'
import { advisedFor } from '@/core/sew/advisedFor'
import { techniqueOf, techniques } from '@/core/sew/techniques'
import { type Vocabulary } from '@/core/vocabulary/words'
import { loadTried } from './loadTried'

/** One way of sewing, the cloths that it is advised for, and what was tried of it. @returns undefined of none */
export async function loadTechnique(id: string, words: Vocabulary) {
  const technique = techniqueOf(id)
  if (!technique) return undefined
  const cloths = new Set(advisedFor(id))
  return {
    ...technique,
    cloths: namedCloths
      .filter((cloth) => cloths.has(cloth.id))
      .map((cloth) => ({ id: cloth.id, name: cloth.name[words] }))
      .toSorted((a, b) => a.name.localeCompare(b.name)),
    isOfAll: cloths.size === namedCloths.length,
    others: techniques.filter(({ what, id: other }) => what === technique.what && other !== id),
    tried: (await loadTried())[id] ?? [],
  }
}

export type OneTechnique = NonNullable<Awaited<ReturnType<typeof loadTechnique>>>
