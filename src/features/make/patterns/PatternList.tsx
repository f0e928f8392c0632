'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { VERDICT_WORDS } from '@/features/shared/choose/words'
import { Damaged } from '@/features/shared/damaged/Damaged'
import { type DamagedCard } from '@/features/shared/damaged/load'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { EmptyState } from '@/ui/empty/EmptyState'
import { StrongLink } from '@/ui/kit/links'
import { Page, Paper, Soft } from '@/ui/kit/surfaces'
import { MoreLines } from '../../shared/MoreLines'
import { type Loaded, type loadPatterns } from './load'
import { PATTERNS_LISTED } from './onBoard'

type Pattern = Loaded<typeof loadPatterns>['rows'][number]

const Sheets = styled.div`
  display: grid;
  gap: 1.25rem;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 26rem), 1fr));
`
const Three = styled.div`
  display: grid;
  gap: 0.75rem;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  p {
    font-size: 0.9rem;
    line-height: 1.25;
    overflow-wrap: anywhere;
  }
`

/** The patterns, each with the pieces that suit it best. */
export function PatternList({
  patterns,
  of,
  damaged,
}: {
  patterns: readonly Pattern[]
  /** How many there are. */
  of: number
  damaged: readonly DamagedCard[]
}) {
  return (
    <Page>
      <div>
        <h1>Patterns</h1>
        <Soft>Each with the three fabrics that suit it best.</Soft>
      </div>
      <p>
        <StrongLink href="/make/patterns/add">Add a pattern</StrongLink>
      </p>
      <Damaged cards={damaged} />
      {patterns.length === 0 ? (
        <EmptyState drawing="envelope" text="Each pattern will show the three of your fabrics that suit it best.">
          <p>You have no patterns yet. A name, the garment and its details are enough.</p>
        </EmptyState>
      ) : null}
      <Sheets>
        {patterns.map((pattern) => (
          <PatternSheet key={pattern.id} {...pattern} />
        ))}
      </Sheets>
      <MoreLines says="Show more patterns" shown={patterns.length} of={of} step={PATTERNS_LISTED} />
    </Page>
  )
}

function PatternSheet({ id, name, need, best }: Pattern) {
  return (
    <Paper aria-labelledby={`pattern-${id}`}>
      <h2 id={`pattern-${id}`}>
        <Link href={`/make/patterns/${id}`}>{name}</Link>
      </h2>
      <Soft>{need}</Soft>
      {best ? null : <Soft>Open it to see which of your fabrics suit it.</Soft>}
      <Three>
        {best?.map((piece) => (
          <div key={piece.id}>
            <ClothSwatch tile={piece.tile} label={`${piece.name}, drawn`} height="5rem" scale={0.6} />
            <p>
              <Link href={`/stash/${piece.id}`} prefetch={false}>
                {piece.name}
              </Link>
              : {VERDICT_WORDS[piece.verdict].toLowerCase()}
            </p>
          </div>
        ))}
      </Three>
    </Paper>
  )
}
