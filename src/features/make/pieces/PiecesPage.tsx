import { countNoun } from '@/core/units/format'
import Link from 'next/link'
import { StrongLink } from '@/ui/kit/links'
import { Actions, Lead, Page, Callout, Soft, Tiles } from '@/ui/kit/surfaces'
import { AddPieces } from './AddPieces'
import { type PiecesData } from './load'
import { PieceCard } from './PieceCard'
import { SavePieces } from './SavePieces'

/** The pieces of a pattern as outlines: what laying out works with. */
export function PiecesPage(pattern: PiecesData) {
  const { id, name, pieces } = pattern
  const copies = pieces.reduce((sum, { count }) => sum + count, 0)
  const isAbout = pieces.some((piece) => piece.isAbout)
  return (
    <Page>
      <div>
        <Link href={`/patterns/${id}`}>{name}</Link>
        <h1>Its pieces</h1>
        <Lead>
          {pieces.length === 0
            ? 'No outlines yet: bring them in, and the program lays them on your cloth.'
            : `${countNoun(pieces.length, 'kind')} of piece, ${copies} to cut.`}
        </Lead>
      </div>
      {pieces.length > 0 ? (
        <Actions>
          <StrongLink href={`/patterns/${id}/lay`}>Lay them out</StrongLink>
          <SavePieces name={name} pieces={pieces} />
        </Actions>
      ) : null}
      {isAbout ? (
        <Callout $tone="warn">
          Some are drawn from measures only: your pattern’s own pieces will differ a little. Good for “is it about
          enough?”, not for cutting.
        </Callout>
      ) : null}
      {pieces.length > 0 ? (
        <Tiles>
          {pieces.map((piece) => (
            <PieceCard key={`${piece.id} ${piece.revision}`} piece={piece} />
          ))}
        </Tiles>
      ) : null}
      <AddPieces id={id} kinds={pattern.kinds} isFirst={pieces.length === 0} />
      <Soft>Outlines have their seam allowances on: what you see is what is cut.</Soft>
    </Page>
  )
}
