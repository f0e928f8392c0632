'use client'

import Link from 'next/link'
import { useState, type ReactNode } from 'react'
import { Button as AriaButton } from 'react-aria-components'
import styled from 'styled-components'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { type TileSpec } from '@/ui/cloth/tileUrl'
import { QuietButton } from '@/ui/kit/buttons'
import { TextField } from '@/ui/kit/fields'
import { pressableStyle } from '@/ui/kit/pressable'
import { Stack } from '@/ui/kit/surfaces'
import { useFoundPieces } from '../../shared/stash/useFoundPieces'

export interface Picked {
  id: string
  name: string
  /** Where it is drawn. */
  tile?: TileSpec
}

interface Props {
  label: string
  /** Offered before anything is typed. */
  offered: readonly Picked[]
  /** Those that are taken already. */
  taken: readonly string[]
  onPick: (piece: Picked) => void
}

const ToTake = styled.div`
  display: grid;
  gap: 0.6rem;
  grid-template-columns: repeat(auto-fill, minmax(8.5rem, 1fr));
`
const Piece = styled(AriaButton)`
  display: grid;
  gap: 0.4rem;
  align-content: start;
  min-height: 2.75rem;
  padding: 0.4rem 0.5rem 0.5rem;
  text-align: left;
  font: inherit;
  font-weight: 600;
  line-height: 1.25;
  color: var(--ink);
  background: var(--paper);
  border: 1.5px solid var(--line);
  border-radius: 3px;
  ${pressableStyle}
`

/** A piece of the stash, looked for while its name is typed: the stash itself never comes to the browser. */
export function PiecePicker({ label, offered, taken, onPick }: Props) {
  const [typed, setTyped] = useState('')
  const found: readonly Picked[] | undefined = useFoundPieces(typed)
  const shown = (found ?? offered).filter(({ id }) => !taken.includes(id))
  return (
    <Stack $gap="0.5rem">
      <TextField label={label} value={typed} onChange={setTyped} hint="Type its name, or choose one of these." />
      <ToTake role="group" aria-label="Fabrics to choose from">
        {shown.map((piece) => (
          <Piece
            key={piece.id}
            onPress={() => {
              onPick(piece)
              setTyped('')
            }}
          >
            {piece.tile ? (
              <span aria-hidden>
                <ClothSwatch tile={piece.tile} label="" height="3.4rem" scale={0.6} />
              </span>
            ) : null}
            {piece.name}
          </Piece>
        ))}
        {typed.trim() !== '' && shown.length === 0 ? <span role="status">We found no such fabric.</span> : null}
      </ToTake>
    </Stack>
  )
}

const Chosen = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.75rem;
  grid-template-columns: repeat(auto-fill, minmax(8rem, 1fr));
`

interface ChosenProps<P extends Picked> {
  pieces: readonly (P & { tile: TileSpec })[]
  /** Where its name leads; its page where left out. */
  href?: (piece: P) => string
  /** Said below it. */
  says?: (piece: P) => ReactNode
  onLeaveOut: (ids: string[]) => void
}

/** The pieces that are taken, each drawn, and a way to leave it out again. */
export function ChosenPieces<P extends Picked>({ pieces, href, says, onLeaveOut }: ChosenProps<P>) {
  return (
    <Chosen>
      {pieces.map((piece) => {
        const { id, name, tile } = piece
        const others = pieces.map((one) => one.id).filter((one) => one !== id)
        return (
          <li key={id}>
            <ClothSwatch tile={tile} label={`${name}, drawn`} height="4rem" scale={0.6} />
            <Link href={href?.(piece) ?? `/stash/${id}`}>{name}</Link> {says?.(piece)}
            <QuietButton aria-label={`Remove ${name}`} onPress={() => onLeaveOut(others)}>
              Remove
            </QuietButton>
          </li>
        )
      })}
    </Chosen>
  )
}
