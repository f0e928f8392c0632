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
        <Link href={`/make/patterns/${id}`}>{name}</Link>
        <h1>Pattern pieces</h1>
        <Lead>
          {pieces.length === 0
            ? 'You have no pieces yet: add them, and we lay them out on your fabric.'
            : `${countNoun(pieces.length, 'different piece')}, ${copies} to cut.`}
        </Lead>
      </div>
      {pieces.length > 0 ? (
        <Actions>
          <StrongLink href={`/make/patterns/${id}/layout`}>Lay out</StrongLink>
          <SavePieces name={name} pieces={pieces} />
        </Actions>
      ) : null}
      {isAbout ? (
        <Callout $tone="warn">
          Some are drawn from measurements only: your pattern’s own pieces will differ a little. They show whether
          there is about enough fabric; don’t cut from them.
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
      <Soft>Outlines include seam allowances: you see the cutting line.</Soft>
    </Page>
  )
}
