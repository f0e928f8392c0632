'use client'

import { useState } from 'react'
import { WEAR_WORDS, WEARS, type Wear } from '@/core/vocabulary/making'
import { Button } from '@/ui/kit/buttons'
import { Chip, Chips } from '@/ui/kit/Chips'
import { TextField } from '@/ui/kit/fields'
import { PickFile } from '@/ui/kit/PickFile'
import { Actions, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { localDay } from '../../shared/now'
import { pictureForm } from '../../shared/pictures/pictureForm'
import { addProjectPicture, changeProject } from './actions'
import { type ProjectData } from './types'

/** When it was done, how it turned out, and how it wore since: what teaches the next choice. */
export function DoneStep({ project }: { project: ProjectData }) {
  const { id, name, finished, pictures, care } = project
  const { busy, trouble, doing } = useAsyncAction()
  const add = (file: File) =>
    doing(async () => {
      return addProjectPicture(id, await pictureForm(file))
    })
  const finish = (on: string | null) => doing(() => changeProject(id, { do: 'finish', on }))
  return (
    <Stack>
      <Actions>
        {finished ? (
          <Button isDisabled={busy} onPress={() => finish(null)}>
            Not done yet
          </Button>
        ) : (
          <Button isDisabled={busy} onPress={() => finish(localDay())}>
            Mark as done
          </Button>
        )}
        <PickFile label="Add a photo" types={['image/*']} isDisabled={busy} onPick={add} />
      </Actions>
      {care.length > 0 ? (
        <p>
          <b>Care label</b> (the strictest of its fabrics): {care.join('; ')}. The maker’s own label comes first.
        </p>
      ) : null}
      {pictures.map(({ name: file }, index) => (
        <a key={file} href={`/pictures/${file}`} target="_blank" rel="noreferrer">
          <img src={`/pictures/${file}?small`} alt={`${name}, photo ${index + 1}`} width={220} />
        </a>
      ))}
      {finished ? <Wore project={project} /> : null}
      <Trouble>{trouble}</Trouble>
    </Stack>
  )
}

function Wore({ project: { id, wore, woreNotes } }: { project: ProjectData }) {
  const { busy, trouble, doing } = useAsyncAction()
  const [picked, setPicked] = useState<readonly Wear[]>(wore)
  const [notes, setNotes] = useState(woreNotes)
  return (
    <div role="group" aria-label="How it wore and washed">
      <b>How it wore and washed</b>
      <Chips>
        {WEARS.map((wear) => (
          <Chip
            key={wear}
            isSelected={picked.includes(wear)}
            onChange={(isOn) => setPicked(isOn ? [...picked, wear] : picked.filter((one) => one !== wear))}
          >
            {WEAR_WORDS[wear]}
          </Chip>
        ))}
      </Chips>
      <TextField label="In your own words" rows={2} value={notes} onChange={setNotes} />
      <Actions>
        <Button isDisabled={busy} onPress={() => doing(() => changeProject(id, { do: 'wore', wore: picked, notes }))}>
          {busy ? 'Saving…' : 'Save how it wore'}
        </Button>
      </Actions>
      <Trouble>{trouble}</Trouble>
    </div>
  )
}
