import { namedCloths } from './catalogue'
import { type ClothTrait, type NamedCloth } from './types'

const byId: ReadonlyMap<string, NamedCloth> = new Map(namedCloths.map((cloth) => [cloth.id, cloth]))

/** The cloth of that id; undefined where there is none. */
export function clothWithId(id: string | undefined): NamedCloth | undefined {
  return id === undefined ? undefined : byId.get(id)
}

/** Whether the cloth of that id is so, whatever is known of the piece itself. */
export function isCloth(id: string | undefined, trait: ClothTrait): boolean {
  return clothWithId(id)?.traits?.includes(trait) ?? false
}
