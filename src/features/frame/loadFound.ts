import { namedCloths } from '@/core/cloths/catalogue'
import { foundBy, indexOf } from '@/core/search/names'
import { type RecordKindId } from '@/core/notebook/kinds'
import { notebook } from '@/server/database'
import { soughtRecords, type Hit } from '@/server/records/fullTextSearch'
import { pages, pagesFound } from '../shared/pages'
import { referenceIndex } from './reference'

/** Something that answers, and where it is. */
export interface FoundItem {
  href: string
  title: string
  about: string
}

export interface FoundGroup {
  title: string
  items: FoundItem[]
}

/** Kinds of records that have a page of their own, and where it is. */
const SHOWN: readonly { kind: RecordKindId; title: string; href: (hit: Hit) => string }[] = [
  { kind: 'piece', title: 'Pieces', href: ({ id }) => `/stash/${id}` },
  { kind: 'pattern', title: 'Patterns', href: ({ id }) => `/patterns/${id}` },
  { kind: 'project', title: 'Projects', href: ({ id }) => `/projects/${id}` },
  { kind: 'lot', title: 'Lots', href: ({ id }) => `/stash?lot=${id}` },
  { kind: 'heap', title: 'Heaps', href: ({ id }) => `/stash/heap/${id}` },
  { kind: 'notion', title: 'Notions', href: () => '/stash/notions' },
  { kind: 'yarn', title: 'Yarn', href: () => '/stash/notions' },
  { kind: 'view', title: 'Saved views', href: ({ id }) => `/stash/view/${id}` },
]

const cloths = indexOf(namedCloths, ({ name, also }) => ({
  title: `${name.uk} ${name.us}`,
  also: also.join(' '),
}))
const slipped = indexOf(
  pages.filter(({ of }) => !of),
  ({ title, about, also }) => ({ title, also: [about, ...also].join(' ') }),
)

/**
 * Everything that answers to every word of a text, in groups: records, cloths’ names, pages.
 * @param most of each group
 */
export async function loadFound(text: string, most = 30): Promise<FoundGroup[]> {
  const db = await notebook()
  const groups = await Promise.all(
    SHOWN.map(async ({ kind, title, href }) => ({
      title,
      items: (await soughtRecords(db, text, [kind], most)).map((hit) => ({
        href: href(hit),
        title: hit.title,
        about: '',
      })),
    })),
  )
  const names = foundBy(cloths, text, most).map(({ id, name, also }) => ({
    href: `/learn/cloths/${id}`,
    title: name.uk === name.us ? name.uk : `${name.uk} (US ${name.us})`,
    about: also.join(', '),
  }))
  const looked = foundBy(referenceIndex, text, most).map(({ href, title, about }) => ({ href, title, about }))
  const exact = pagesFound(text)
  const found = (exact.length > 0 ? exact : foundBy(slipped, text, most)).slice(0, most)
  const told = found.map(({ path, title, about }) => ({ href: path, title, about }))
  const all = [
    ...groups,
    { title: 'Cloths by name', items: names },
    { title: 'To look up', items: looked },
    { title: 'Pages', items: told },
  ]
  return all.filter(({ items }) => items.length > 0)
}
