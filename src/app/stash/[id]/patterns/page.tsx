import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import Link from 'next/link'
import { idFrom } from '@/app/idFrom'
import { bodyOf, byMatch, matchOf } from '@/features/make/patterns/matching'
import { needWords } from '@/features/make/patterns/needWords'
import { Ranked } from '@/features/make/patterns/Ranked'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { pieceWords } from '@/features/shared/stash/describe'
import { notebook } from '@/server/database'
import { listPatterns } from '@/server/patterns'
import { readStashEntry } from '@/server/stash'
import { tileOf } from '@/ui/cloth/spec'
import { StrongLink } from '@/ui/kit/links'
import { Page, Soft } from '@/ui/kit/surfaces'

export const metadata: Metadata = { title: 'Which pattern does it suit?' }

export default async function PatternsForPiecePage({ params }: { params: Promise<{ id: string }> }) {
  const { units, words } = await readPreferences()
  const db = await notebook()
  const entry = await readStashEntry(db, idFrom((await params).id), words)
  if (!entry) notFound()
  const ranked = (await listPatterns(db))
    .map((pattern) => ({ pattern, match: matchOf(pattern.need, entry, units) }))
    .sort(byMatch)
  return (
    <Page>
      <div>
        <Link href={`/stash/${entry.piece.id}`}>{entry.piece.name}</Link>
        <h1>Which pattern does it suit?</h1>
        <Soft>
          {pieceWords(entry, units, words)}. The best first; how much cloth each takes is not worked out here yet.
        </Soft>
      </div>
      {ranked.length === 0 ? <p>No patterns are written down yet.</p> : null}
      {ranked.length === 0 ? (
        <p>
          <StrongLink href="/patterns/new">Write a pattern down</StrongLink>
        </p>
      ) : null}
      <Ranked
        more="Show the rest"
        rows={ranked.map(({ pattern, match }) => ({
          id: pattern.id,
          title: pattern.name,
          href: `/patterns/${pattern.id}`,
          under: needWords(pattern.need, units, words),
          match,
          tile: tileOf(entry.piece),
          body: bodyOf(entry),
          clothName: entry.piece.name,
        }))}
      />
    </Page>
  )
}
