'use client'

import Link from 'next/link'
import { QuietButton } from '@/ui/kit/buttons'
import { Actions, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { copyPiece } from './kinActions'
import { type PieceData } from './types'

/** Things that are knitted, whatever was written of them. */
const UNRAVELS: readonly string[] = ['jumper', 'cardigan', 'scarf']

/** What is done with a piece now and then. */
export function MoreActions({ piece }: Pick<PieceData, 'piece'>) {
  const { busy, trouble, doing } = useAsyncAction()
  return (
    <Stack $gap="0.6rem">
      <Actions>
        <QuietButton isDisabled={busy} onPress={() => doing(() => copyPiece(piece.id))}>
          Add another like it
        </QuietButton>
        <Link href={`/stash/${piece.id}/similar`}>Similar fabrics</Link>
        <Link href={`/stash/cards?id=${piece.id}`}>Print card</Link>
        {piece.construction === 'knit' || UNRAVELS.includes(piece.thing) ? (
          <Link href={`/stash/${piece.id}/unravel`}>Unravel</Link>
        ) : null}
        <Link href={`/stash/${piece.id}/dye`}>Dye</Link>
        <Link href={`/make/mending?of=${piece.id}`}>Mend</Link>
        <Link href={`/make/combine?of=${piece.id}`}>Combine with another fabric</Link>
        <Link href={`/make/leftovers?of=${piece.id}`}>Use up</Link>
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Stack>
  )
}
