'use client'

import { Button } from '@/ui/kit/buttons'
import { Actions, PlainList, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { takeBackStroke } from '../../shared/history/actions'
import { When } from '../../shared/history/When'
import { type PieceData } from './types'

/** What was done to the piece, the latest first; each can be taken back, and the taking back as well. */
export function PieceHistory({ history }: Pick<PieceData, 'history'>) {
  const { busy, trouble, doing } = useAsyncAction()
  // Only what was just done: pressed again, undoing does not go on to something older.
  const [last] = history
  const latest = last && !last.isUndone && !last.undoes ? last : undefined
  const undone = last?.undoes && !last.isUndone ? last : undefined
  return (
    <Stack $gap="0.8rem">
      <Actions>
        {latest ? (
          <Button isDisabled={busy} onPress={() => doing(() => takeBackStroke(latest.stroke))}>
            Undo: {latest.says}
          </Button>
        ) : null}
        {undone ? (
          <Button isDisabled={busy} onPress={() => doing(() => takeBackStroke(undone.stroke))}>
            Redo
          </Button>
        ) : null}
      </Actions>
      <Trouble>{trouble}</Trouble>
      <PlainList as="ol" aria-label="History">
        {history.map(({ stroke, at, says, isUndone, undoes }) => (
          <li key={stroke}>
            <When at={at} />: {undoes ? `undone: ${says}` : says}
            {isUndone ? <Soft as="span"> (undone)</Soft> : null}
          </li>
        ))}
      </PlainList>
    </Stack>
  )
}
