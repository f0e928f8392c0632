import { type Offer } from './types'
import { materialById, type MaterialId } from '../materials/materials'
import { type Material } from '../materials/types'

/** What a fabric is where it is handled otherwise than cloth: by its name, else a skin is taken for leather. */
export function materialIdOf({
  material,
  construction,
}: Pick<Offer, 'material' | 'construction'>): MaterialId | undefined {
  return material ?? (construction?.value === 'hide' ? 'leather' : undefined)
}

export function materialOf(offer: Pick<Offer, 'material' | 'construction'>): Material | undefined {
  const id = materialIdOf(offer)
  return id && materialById(id)
}

/** Whether it has no threads at all: none can be drawn, torn or judged by a weave. */
export function isWithoutThreads({ construction }: Pick<Offer, 'construction'>): boolean {
  return construction?.value === 'hide' || construction?.value === 'sheet'
}
