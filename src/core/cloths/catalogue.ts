import { felts, nets } from './groups/feltAndNet'
import { knitCloths } from './groups/knit'
import { pileCloths } from './groups/pile'
import { plainCloths } from './groups/plain'
import { satinCloths } from './groups/satin'
import { twillCloths } from './groups/twill'
import { type NamedCloth } from './types'

/** Every named cloth. */
export const namedCloths: readonly NamedCloth[] = [
  ...plainCloths,
  ...twillCloths,
  ...satinCloths,
  ...pileCloths,
  ...knitCloths,
  ...felts,
  ...nets,
]

/**
 * The cloth that free text means, in UK or US words: an exact name first, else the longest name that stands in the text
 * as whole words ("printed cotton lawn" is a lawn). Undefined where nobody knows it.
 */
export function clothCalled(text: string): NamedCloth | undefined {
  const sought = plainWords(text)
  if (sought === '') return undefined
  let best: { cloth: NamedCloth; length: number } | undefined
  for (const cloth of namedCloths) {
    for (const name of [cloth.name.uk, cloth.name.us, ...cloth.also, cloth.id.replaceAll('-', ' ')]) {
      const words = plainWords(name)
      if (words === sought) return cloth
      if (` ${sought} `.includes(` ${words} `) && words.length > (best?.length ?? 0))
        best = { cloth, length: words.length }
    }
  }
  return best?.cloth
}

/** Lower case, no accents, single spaces between words. */
function plainWords(text: string): string {
  return text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim()
}
