import Link from 'next/link'
import { StrongLink } from '@/ui/kit/links'
import { Page, Soft } from '@/ui/kit/surfaces'
import { type Loaded, type loadPatternsFor } from './load'
import { Ranked } from './Ranked'

/** One piece with the patterns, the best first. */
export function PatternsForPiece({ piece, rows, of }: Loaded<typeof loadPatternsFor>) {
  return (
    <Page>
      <div>
        <Link href={`/stash/${piece.id}`}>{piece.name}</Link>
        <h1>Patterns for this fabric</h1>
        <Soft>{piece.words}. Best first.</Soft>
      </div>
      {rows.length === 0 ? (
        <>
          <p>You have no patterns yet.</p>
          <p>
            <StrongLink href="/make/patterns/add">Add a pattern</StrongLink>
          </p>
        </>
      ) : (
        <>
          <h2 className="visually-hidden">Best first</h2>
          <Ranked more="Show more patterns" rows={rows} of={of} />
        </>
      )}
    </Page>
  )
}
