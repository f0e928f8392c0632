'use client'

import Link from 'next/link'
import { memo, useEffect, useState } from 'react'
import styled from 'styled-components'
import { inDrawingTurn } from '@/ui/cloth/inTurn'
import { tileSize } from '@/ui/cloth/tileSize'
import { tileUrl, type TileSpec } from '@/ui/cloth/tileUrl'

/** A piece as it lies on a shelf. */
export interface Fold {
  id: string
  name: string
  place: string
  tile: TileSpec
  /** The photograph that stands for it; null where the drawing does. */
  picture: string | null
  /** Null where not measured. */
  widthMm: number | null
  /** Mass of all that is left, g; null where not known. */
  grams: number | null
  known: boolean
  /** One line under the name: fibre and weight. */
  says: string
}

const Board = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  row-gap: 1.4rem;
  li {
    min-width: 0;
    flex: 0 0 calc(100% / 7);
  }
  /* The board runs on to the wall. */
  &::after {
    content: '';
    flex: 1 0 0;
    height: 7.2rem;
    border-bottom: 11px solid var(--board);
    box-shadow: 0 3px 0 rgb(0 0 0 / 0.18);
  }
  @media (max-width: 68rem) {
    li {
      flex-basis: 20%;
    }
  }
  @media (max-width: 52rem) {
    li {
      flex-basis: calc(100% / 3);
    }
  }
  @media (max-width: 34rem) {
    li {
      flex-basis: 50%;
    }
  }
`
const Item = styled(Link)`
  display: grid;
  grid-template-rows: 7.2rem auto;
  color: var(--ink);
  text-decoration: none;
  height: 100%;
  .stand {
    display: flex;
    align-items: end;
    justify-content: center;
    border-bottom: 11px solid var(--board);
    box-shadow: 0 3px 0 rgb(0 0 0 / 0.18);
    padding: 0 0.5rem;
    height: 7.2rem;
  }
  .tag {
    padding: 0.5rem 0.6rem 0;
    line-height: 1.25;
  }
  .tag b {
    display: block;
    text-decoration: underline;
    text-decoration-thickness: 1px;
    text-underline-offset: 0.2em;
    overflow-wrap: anywhere;
  }
  .tag span {
    color: var(--ink-soft);
    font-size: 0.9rem;
  }
  &:hover .fold {
    transform: translateY(-4px);
  }
`
interface Size {
  /** Per cent of its place, and px. */
  $wide: number
  $high: number
}
const sizeOf = ({ $wide, $high }: Size) => ({ width: `${$wide}%`, height: `${$high}px` })

interface Cloth {
  $tile: TileSpec
  $picture: string | null
  /** Else it is a plain colour for the moment. */
  $isDrawn: boolean
}

// What differs from fold to fold is said in place, or each would make a style sheet rule of its own.
const Folded = styled.span.attrs<Size & Cloth>(({ $tile, $picture, $isDrawn, ...size }) => ({
  style: {
    ...sizeOf(size),
    backgroundColor: $tile.warp,
    ...($isDrawn && {
      backgroundImage: `url("${$picture ? `/pictures/${$picture}?small` : tileUrl($tile)}")`,
      backgroundSize: $picture ? 'cover' : `${tileSize($tile).width / 2}px auto`,
    }),
  },
}))<Size & Cloth & { $layers: number }>`
  display: block;
  position: relative;
  border-radius: 10px 4px 4px 10px;
  transition: transform 0.15s;
  box-shadow:
    inset -8px 0 10px -6px rgb(0 0 0 / 0.35),
    inset 10px 0 12px -6px rgb(0 0 0 / 0.45),
    0 2px 4px rgb(0 0 0 / 0.3);
  &::after {
    content: '';
    position: absolute;
    inset: 0;
    border-radius: inherit;
    background: repeating-linear-gradient(
      rgb(255 255 255 / 0.14) 0 12%,
      transparent 12% 82%,
      rgb(0 0 0 / 0.5) 94% 100%
    );
    background-size: 100% calc(100% / ${({ $layers }) => $layers});
  }
`
const Mystery = styled.span.attrs<Size>((size) => ({ style: sizeOf(size) }))<Size>`
  display: grid;
  place-items: center;
  background: repeating-linear-gradient(3deg, #b89f78 0 3px, #b39a72 3px 5px);
  border-radius: 3px;
  box-shadow:
    0 2px 4px rgb(0 0 0 / 0.3),
    inset 0 -8px 12px -8px rgb(0 0 0 / 0.4);
  svg {
    height: 74%;
  }
`

/** A fold that is still there after so long is looked at, ms: drawing one takes longer than passing it. */
const DRAWN_AFTER_MS = 120

/** Thickness of a fold in px: as its mass is, between a handkerchief and an armful. */
function thickness(grams: number | null): number {
  if (grams === null) return 46
  return Math.round(Math.min(98, 17 + Math.sqrt(grams) * 1.45))
}

/** Folded width in per cent of its place: as the cloth is wide. */
function breadth(widthMm: number | null): number {
  if (widthMm === null) return 72
  return Math.round(Math.min(98, 42 + (widthMm / 1600) * 50))
}

/**
 * Cloth folded on shelves: as wide as it is wide, as thick as what is left of it weighs.
 * @param isPassing asked when a fold first shows: what only passes by is not drawn
 */
export function StashShelf({
  folds,
  label,
  isPassing,
}: {
  folds: readonly Fold[]
  label: string
  isPassing?: () => boolean
}) {
  return (
    <Board aria-label={label}>
      {folds.map((fold) => (
        <li key={fold.id}>
          <FoldOnShelf {...fold} isPassing={isPassing} />
        </li>
      ))}
    </Board>
  )
}

/** One piece, folded on its board, with its tag. Drawn once, however often the shelves are scrolled. */
export const FoldOnShelf = memo(function FoldOnShelf(fold: Fold & { isPassing?: (() => boolean) | undefined }) {
  const { id, name, tile, picture, widthMm, grams, known, says, isPassing } = fold
  const [isDrawn, setDrawn] = useState(!isPassing?.())
  useEffect(() => {
    if (isDrawn) return
    let takeBack = () => {}
    const timer = setTimeout(() => (takeBack = inDrawingTurn(() => setDrawn(true))), DRAWN_AFTER_MS)
    return () => {
      clearTimeout(timer)
      takeBack()
    }
  }, [isDrawn])
  const high = thickness(grams)
  const size = { $wide: breadth(widthMm), $high: high }
  return (
    <Item href={`/stash/${id}`} prefetch={false}>
      <span className="stand" aria-hidden>
        {known || picture ? (
          <Folded
            className="fold"
            $layers={Math.max(2, Math.round(high / 15))}
            $tile={tile}
            $picture={picture}
            $isDrawn={isDrawn}
            {...size}
          />
        ) : (
          <Mystery className="fold" {...size}>
            <ChalkMark />
          </Mystery>
        )}
      </span>
      <span className="tag">
        <b>{name}</b>
        <span>{says}</span>
      </span>
    </Item>
  )
})

/** A question mark chalked on wrapping paper. */
function ChalkMark() {
  return (
    <svg
      viewBox="0 0 60 60"
      aria-hidden
      focusable="false"
      fill="none"
      stroke="#fffdf3"
      strokeWidth="5"
      strokeLinecap="round"
      strokeDasharray="9 1.2"
    >
      <path d="M20 20c1-14 24-13 22 1-1 9-12 9-12 19" />
      <path d="M30 51v1" strokeWidth="7" strokeDasharray="none" />
    </svg>
  )
}
