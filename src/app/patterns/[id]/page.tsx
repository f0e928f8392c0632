import type { Metadata } from 'next'
import Link from 'next/link'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { DropPattern } from '@/features/make/patterns/DropPattern'
import { bodyOf, byMatch, matchOf } from '@/features/make/patterns/matching'
import { needWords } from '@/features/make/patterns/needWords'
import { Ranked } from '@/features/make/patterns/Ranked'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { pieceWords } from '@/features/shared/stash/describe'
import { notebook } from '@/server/database'
import { findPattern } from '@/server/patterns'
import { readStash } from '@/server/stash'
import { tileOf } from '@/ui/cloth/spec'
import { Lead, Page, Soft } from '@/ui/kit/surfaces'

export const metadata: Metadata = { title: 'A pattern' }

export default async function PatternPage({ params }: { params: Promise<{ id: string }> }) {
  const { units, words } = await readPreferences()
  const db = await notebook()
  const pattern = await findPattern(db, idFrom((await params).id))
  if (!pattern) notFound()
  const ranked = (await readStash(db, words))
    .map((entry) => ({ entry, match: matchOf(pattern.need, entry, units) }))
    .sort(byMatch)
  return (
    <Page>
      <div>
        <Link href="/patterns">Patterns</Link>
        <h1>{pattern.name}</h1>
        <Lead>{needWords(pattern.need, units, words)}</Lead>
        {pattern.notes ? <Soft>{pattern.notes}</Soft> : null}
        <Soft>How much cloth it takes is not worked out here yet: the size of each piece stands beside it.</Soft>
      </div>
      {ranked.length === 0 ? (
        <p>Nothing is in the stash yet to hold up for it.</p>
      ) : (
        <h2 className="visually-hidden">Pieces of the stash, the best first</h2>
      )}
      <Ranked
        more="Show the rest of the stash"
        rows={ranked.map(({ entry, match }) => ({
          id: entry.piece.id,
          title: entry.piece.name,
          href: `/stash/${entry.piece.id}`,
          under: pieceWords(entry, units, words),
          match,
          tile: tileOf(entry.piece),
          body: bodyOf(entry),
          clothName: entry.piece.name,
        }))}
      />
      <DropPattern id={pattern.id} name={pattern.name} />
    </Page>
  )
}
