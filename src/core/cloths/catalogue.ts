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

/** Every name of every cloth in plain words, worked out once: the first cloth of a name has it. */
const byName = new Map<string, NamedCloth>()
for (const cloth of namedCloths) {
  for (const name of [cloth.name.uk, cloth.name.us, ...cloth.also, cloth.id.replaceAll('-', ' ')]) {
    const words = plainWords(name)
    if (!byName.has(words)) byName.set(words, cloth)
  }
}
const MOST_WORDS = Math.max(...[...byName.keys()].map((name) => name.split(' ').length))

/**
 * The cloth that free text means, in UK or US words: an exact name first, else the longest name that stands in the text
 * as whole words ("printed cotton lawn" is a lawn). Undefined where nobody knows it.
 */
export function clothCalled(text: string): NamedCloth | undefined {
  const sought = plainWords(text)
  const exact = byName.get(sought)
  if (exact) return exact
  const words = sought.split(' ')
  let best = ''
  for (let from = 0; from < words.length; from++) {
    for (let to = from + 1; to <= Math.min(words.length, from + MOST_WORDS); to++) {
      const name = words.slice(from, to).join(' ')
      if (name.length > best.length && byName.has(name)) best = name
    }
  }
  return byName.get(best)
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
