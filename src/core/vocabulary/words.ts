/** Which English the person reads. */
export const VOCABULARIES = ['uk', 'us'] as const
export type Vocabulary = (typeof VOCABULARIES)[number]

/** A word in both; the same where there is only one. */
export interface Words {
  uk: string
  us: string
}

/** An id as a word, where it reads as one: `patch-pockets` → `patch pockets`. */
export function speakId(id: string): string {
  return id.replaceAll('-', ' ')
}

/** The ids of a table of words, in its order. */
export function idsOf<T extends object>(table: T): readonly (keyof T & string)[] {
  return Object.keys(table) as (keyof T & string)[]
}

/** A word that is the same in both Englishes, or the word that each has of its own. */
export type OneOrBoth = string | Words

/** The word for this reader. */
export function wordFor(word: OneOrBoth, vocabulary: Vocabulary): string {
  return typeof word === 'string' ? word : word[vocabulary]
}
