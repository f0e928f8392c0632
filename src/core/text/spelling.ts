import { capitalise } from '../units/format'
import { type Vocabulary } from '../vocabulary/words'

/** American spellings, by how a British word begins or, with `$`, by the whole of it. Common practice of both. */
const SPELLINGS: readonly (readonly [string, string])[] = [
  ['fibre', 'fiber'],
  ['colour', 'color'],
  ['metre', 'meter'],
  ['centimetre', 'centimeter'],
  ['millimetre', 'millimeter'],
  ['litre', 'liter'],
  ['millilitre', 'milliliter'],
  ['grey', 'gray'],
  ['mould', 'mold'],
  ['centre', 'center'],
  ['neighbour', 'neighbor'],
  ['odour', 'odor'],
  ['vapour', 'vapor'],
  ['behaviour', 'behavior'],
  ['favourite', 'favorite'],
  ['labelled', 'labeled'],
  ['labelling', 'labeling'],
  ['unravelled', 'unraveled'],
  ['unravelling', 'unraveling'],
  ['travelling', 'traveling'],
  ['cancelled', 'canceled'],
  ['levelled', 'leveled'],
  ['mercerised', 'mercerized'],
  ['recognise', 'recognize'],
  ['recognising', 'recognizing'],
  ['organise', 'organize'],
  ['practise', 'practice'],
  ['practising', 'practicing'],
  ['programme', 'program'],
  ['draught', 'draft'],
  ['sulphur', 'sulfur'],
  ['chequered', 'checkered'],
  ['towards$', 'toward'],
]

/** Words of the sewing room that America has another word for, in all their forms. Common practice. */
const OTHER_WORDS: readonly (readonly [string, string])[] = [
  ['selvedge', 'selvage'],
  ['wadding$', 'batting'],
  ['tack$', 'baste'],
  ['tacks$', 'bastes'],
  ['tacked$', 'basted'],
  ['tacking$', 'basting'],
  ['haberdashery$', 'notions'],
  ['jumper', 'sweater'],
  ['trousers$', 'pants'],
  ['overlocker', 'serger'],
  ['dressing gown', 'robe'],
]

const AMERICAN = new Map([...SPELLINGS, ...OTHER_WORDS].map(([uk, us]) => [uk.replace('$', ''), us]))
const pattern = new RegExp(
  `(?<!\\p{L})(?<!\\bbar )(${[...SPELLINGS, ...OTHER_WORDS]
    .map(([uk]) => uk.replace('$', '(?!\\p{L})'))
    .sort((a, b) => b.length - a.length)
    .join('|')})`,
  'giu',
)

/** The program's own words, which are written in British English, as this reader writes them. */
export function spellFor(words: string, vocabulary: Vocabulary): string {
  if (vocabulary === 'uk') return words
  return words.replace(pattern, (uk) => likeFirst(AMERICAN.get(uk.toLowerCase()) ?? uk, uk))
}

/** With a capital where the other has one. */
function likeFirst(word: string, like: string): string {
  const first = like.charAt(0)
  return first === first.toLowerCase() ? word : capitalise(word)
}
