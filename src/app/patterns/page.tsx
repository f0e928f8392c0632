import type { Metadata } from 'next'
import Link from 'next/link'
import { byMatch, matchOf } from '@/features/make/patterns/matching'
import { needWords } from '@/features/make/patterns/needWords'
import { VERDICT_WORDS } from '@/features/shared/choose/words'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { notebook } from '@/server/database'
import { listPatterns } from '@/server/patterns'
import { readStash } from '@/server/stash'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { tileOf } from '@/ui/cloth/spec'
import { StrongLink } from '@/ui/kit/links'
import { Page, Paper, Soft } from '@/ui/kit/surfaces'

export const metadata: Metadata = { title: 'Patterns' }

export default async function PatternsPage() {
  const { units, words } = await readPreferences()
  const db = await notebook()
  const [patterns, stash] = await Promise.all([listPatterns(db), readStash(db, words)])
  return (
    <Page>
      <div>
        <h1>Patterns</h1>
        <Soft>Each with the three pieces of the stash that suit it best.</Soft>
      </div>
      <p>
        <StrongLink href="/patterns/new">Write a pattern down</StrongLink>
      </p>
      {patterns.length === 0 ? <p>None yet. A name, what it makes and its details are enough.</p> : null}
      <div
        style={{
          display: 'grid',
          gap: '1.25rem',
          gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 26rem), 1fr))',
        }}
      >
        {patterns.map((pattern) => {
          const best = stash
            .map((entry) => ({ entry, match: matchOf(pattern.need, entry, units) }))
            .sort(byMatch)
            .slice(0, 3)
          return (
            <Paper key={pattern.id} aria-labelledby={`pattern-${pattern.id}`}>
              <h2 id={`pattern-${pattern.id}`}>
                <Link href={`/patterns/${pattern.id}`}>{pattern.name}</Link>
              </h2>
              <Soft>{needWords(pattern.need, units, words)}</Soft>
              <div style={{ display: 'grid', gap: '0.75rem', gridTemplateColumns: 'repeat(3, minmax(0, 1fr))' }}>
                {best.map(({ entry, match }) => (
                  <div key={entry.piece.id} style={{ minWidth: 0 }}>
                    <ClothSwatch
                      tile={tileOf(entry.piece)}
                      label={`${entry.piece.name}, drawn`}
                      height="5rem"
                      scale={0.6}
                    />
                    <p style={{ fontSize: '0.9rem', lineHeight: 1.25, overflowWrap: 'anywhere' }}>
                      <Link href={`/stash/${entry.piece.id}`} prefetch={false}>
                        {entry.piece.name}
                      </Link>
                      : {VERDICT_WORDS[match.verdict].toLowerCase()}
                    </p>
                  </div>
                ))}
              </div>
            </Paper>
          )
        })}
      </div>
    </Page>
  )
}
