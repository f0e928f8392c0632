import { namedCloths } from '../cloths/catalogue'
import { offerFrom } from '../fabric/offer'
import { sewAdvice } from './advice'
import { refusalToWork } from './refusal'

let known: ReadonlyMap<string, readonly string[]> | undefined

/**
 * The cloths for which a way of sewing is advised, by the rules that advise for a piece: a seam or a hem that stands
 * first for them, with an overlocker or without one, or a way that their order of work asks for.
 * @param id of a technique
 * @returns ids of cloths that have a name
 */
export function advisedFor(id: string): readonly string[] {
  known ??= everyCloth()
  return known.get(id) ?? []
}

function everyCloth(): ReadonlyMap<string, readonly string[]> {
  const cloths = new Map<string, string[]>()
  for (const { id, name } of namedCloths) {
    const offer = offerFrom({ called: name.uk })
    if (refusalToWork(offer)) continue
    const ways = [true, false].flatMap((overlocker) => {
      const { seams, hems, order } = sewAdvice({ offer, machine: { overlocker } })
      return [seams[0]?.id, hems[0]?.id, ...order.map((one) => one.id)]
    })
    for (const way of new Set(ways)) if (way !== undefined) cloths.set(way, [...(cloths.get(way) ?? []), id])
  }
  return cloths
}
