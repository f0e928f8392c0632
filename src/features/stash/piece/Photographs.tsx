'use client'

import { useState } from 'react'
import styled from 'styled-components'
import { Button, QuietButton } from '@/ui/kit/buttons'
import { PickFile } from '@/ui/kit/PickFile'
import { Actions, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { pictureForm } from '../../shared/pictures/pictureForm'
import { addPhoto, changePhotos } from './photoActions'
import { type PieceData } from './types'
import { Say } from '@/ui/text/Say'

const Row = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.75rem;
  grid-template-columns: repeat(auto-fill, minmax(9rem, 1fr));
  img {
    display: block;
    width: 100%;
    aspect-ratio: 4 / 3;
    object-fit: cover;
    border-radius: 3px;
  }
`
const Drop = styled(Stack)`
  border: 1.5px dashed var(--line);
  border-radius: 4px;
  padding: 0.8rem;
  &[data-over] {
    border-color: var(--indigo);
    background: var(--paper);
  }
`

/** Pictures of a piece: chosen, taken, or dropped here; the first may stand for it everywhere. */
export function Photographs({ piece }: Pick<PieceData, 'piece'>) {
  const { busy, trouble, doing } = useAsyncAction()
  const [isOver, setIsOver] = useState(false)
  const add = (files: readonly File[]) =>
    doing(async () => {
      for (const file of files) {
        const outcome = await addPhoto(piece.id, await pictureForm(file))
        if (!outcome.ok) return outcome
      }
      return { ok: true }
    })
  const change = (asked: Parameters<typeof changePhotos>[1]) => doing(() => changePhotos(piece.id, asked))
  return (
    <Drop
      $gap="0.75rem"
      as="section"
      aria-label="Photos"
      data-over={isOver || undefined}
      onDragOver={(event) => {
        event.preventDefault()
        setIsOver(true)
      }}
      onDragLeave={() => setIsOver(false)}
      onDrop={(event) => {
        event.preventDefault()
        setIsOver(false)
        add([...event.dataTransfer.files])
      }}
    >
      <Row>
        {piece.pictures.map(({ name, says }, index) => (
          <li key={name}>
            <a href={`/pictures/${name}`} target="_blank" rel="noreferrer">
              {/* From the notebook's own folder, and small already: no optimiser needed. */}
              <img src={`/pictures/${name}?small`} alt={says || `Photo ${index + 1} of ${piece.name}`} />
            </a>
            <Actions>
              {index === 0 && piece.face === 'picture' ? null : (
                <QuietButton isDisabled={busy} onPress={() => change({ do: 'first', name })}>
                  Use as main photo
                </QuietButton>
              )}
              <QuietButton
                isDisabled={busy}
                aria-label={`Delete photo ${index + 1}`}
                onPress={() => change({ do: 'drop', name })}
              >
                Delete
              </QuietButton>
            </Actions>
          </li>
        ))}
      </Row>
      <Actions>
        <PickFile
          label={busy ? 'Saving…' : 'Add a photo'}
          types={['image/*']}
          isDisabled={busy}
          onPick={(file) => add([file])}
        />
        {piece.face === 'picture' ? (
          <Button isDisabled={busy} onPress={() => change({ do: 'face', face: 'drawing' })}>
            Use the drawing instead
          </Button>
        ) : null}
        {piece.pictures.length > 0 && piece.colours.length > 0 ? (
          <QuietButton isDisabled={busy} onPress={() => change({ do: 'colour' })}>
            <Say>Take the drawing’s colours from the photo</Say>
          </QuietButton>
        ) : null}
      </Actions>
      {piece.pictures.length === 0 ? <Soft>Or drop photos here.</Soft> : null}
      <Trouble>{trouble}</Trouble>
    </Drop>
  )
}
