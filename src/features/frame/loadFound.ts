import { notebook } from '@/server/database'
import { searchRecords } from '@/server/store/repository'
import { pagesFound } from '../shared/pages'

export interface Found {
  pages: { href: string; title: string; about: string }[]
  pieces: { id: string; title: string; about: string }[]
  patterns: { id: string; title: string; about: string }[]
}

/** More than these are asked for with more words. */
const MOST_RECORDS = 30

/** Everything that answers to every word of a text. */
export async function loadFound(text: string): Promise<Found> {
  const db = await notebook()
  const [pieces, patterns] = await Promise.all([
    searchRecords(db, 'piece', text, MOST_RECORDS),
    searchRecords(db, 'pattern', text, MOST_RECORDS),
  ])
  return {
    pages: pagesFound(text).map(({ path, title, about }) => ({ href: path, title, about })),
    pieces: pieces.map(({ id, data: { name, called, place } }) => ({
      id,
      title: name,
      about: [called, place].filter(Boolean).join('; '),
    })),
    patterns: patterns.map(({ id, data: { name, notes } }) => ({ id, title: name, about: notes })),
  }
}
