import { dressyCloths } from './groups/dressy'
import { felts, nets } from './groups/feltAndNet'
import { laceCloths, stageKnits } from './groups/stretchAndLace'
import { specialKnits, specialNets, specialWovens, nonWovens } from './groups/insideAndCoated'
import { householdCloths } from './groups/household'
import { knitCloths } from './groups/knit'
import { knitPiles, pileCloths } from './groups/pile'
import { plainCloths } from './groups/plain'
import { satinCloths } from './groups/satin'
import { hides, sheets, straws } from './groups/skinsAndSheets'
import { tailoringCloths } from './groups/tailoring'
import { twillCloths } from './groups/twill'
import { fibreByWord } from '../fibres/catalogue'
import { type Vocabulary } from '../vocabulary/words'
import { type NamedCloth } from './types'

/** Every named cloth. */
export const namedCloths: readonly NamedCloth[] = [
  ...plainCloths,
  ...twillCloths,
  ...satinCloths,
  ...pileCloths,
  ...knitPiles,
  ...knitCloths,
  ...felts,
  ...nets,
  ...specialWovens,
  ...specialKnits,
  ...nonWovens,
  ...specialNets,
  ...tailoringCloths,
  ...dressyCloths,
  ...householdCloths,
  ...stageKnits,
  ...laceCloths,
  ...hides,
  ...sheets,
  ...straws,
]

/**
 * Every name of every cloth in plain words, worked out once. A word that means one cloth in the UK and another in the
 * US (muslin, calico, flannel) is first what it is in the English that is asked in, then what a cloth is also called.
 */
const byName: Readonly<Record<Vocabulary, ReadonlyMap<string, NamedCloth>>> = {
  uk: namesIn('uk', 'us'),
  us: namesIn('us', 'uk'),
}
const MOST_WORDS = Math.max(...[...byName.uk.keys()].map((name) => name.split(' ').length))

function namesIn(own: Vocabulary, other: Vocabulary): Map<string, NamedCloth> {
  const names = new Map<string, NamedCloth>()
  const give = (cloth: NamedCloth, name: string) => {
    const words = plainWords(name)
    if (!names.has(words)) names.set(words, cloth)
  }
  for (const cloth of namedCloths) give(cloth, cloth.name[own])
  for (const cloth of namedCloths) for (const name of cloth.also) give(cloth, name)
  for (const cloth of namedCloths) give(cloth, cloth.name[other])
  for (const cloth of namedCloths) give(cloth, cloth.id.replaceAll('-', ' '))
  return names
}

/**
 * The cloth that free text means, in UK or US words: an exact name first, else the longest name that stands in the text
 * as whole words ("printed cotton lawn" is a lawn), one that is more than a fibre before one that is not. Undefined
 * where nobody knows it.
 * @param vocabulary whose words they are, where a word means two cloths
 */
export function clothCalled(text: string, vocabulary: Vocabulary = 'uk'): NamedCloth | undefined {
  const names = byName[vocabulary]
  const sought = plainWords(text)
  const exact = names.get(sought)
  if (exact) return exact
  const words = sought.split(' ')
  const found: string[] = []
  for (let from = 0; from < words.length; from++) {
    for (let to = from + 1; to <= Math.min(words.length, from + MOST_WORDS); to++) {
      const name = words.slice(from, to).join(' ')
      if (names.has(name)) found.push(name)
    }
  }
  // “Viscose” alone is a challis, but a viscose satin is a satin.
  const cloths = found.filter((name) => !name.split(' ').every((word) => fibreByWord(word)))
  const [best = ''] = (cloths.length > 0 ? cloths : found).sort((a, b) => b.length - a.length)
  return names.get(best)
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
