'use client'

import { Button } from '@/ui/kit/buttons'
import { PickFile } from '@/ui/kit/PickFile'
import { Actions, Columns, Lines, Paper, PlainList, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { pictureForm } from '../../shared/pictures/pictureForm'
import { addEnvelopePicture, putOnList } from './actions'
import { LengthsTable } from './LengthsField'
import { type Loaded, type loadPattern } from './load'

type Props = Pick<
  Loaded<typeof loadPattern>,
  'id' | 'name' | 'notes' | 'called' | 'lengths' | 'partners' | 'notions' | 'pictures' | 'onList'
>

/** What is written down of a pattern: its lengths, its other cloths, its notions, its envelope. */
export function PatternTold({ id, name, notes, called, lengths, partners, notions, pictures, onList }: Props) {
  const { busy, trouble, doing } = useAsyncAction()
  const add = (file: File) =>
    doing(async () => {
      return addEnvelopePicture(id, await pictureForm(file))
    })
  return (
    <Paper aria-labelledby="told">
      <h2 id="told">Pattern details</h2>
      <Columns $first="1fr">
        <Stack>
          {called.length > 0 ? <p>Recommended fabrics: {called.join(', ')}.</p> : null}
          {lengths.length > 0 ? <LengthsTable lengths={lengths} /> : <Soft>No lengths yet.</Soft>}
          {partners.map(({ role, title, asks, lengths: own }) => (
            <div key={`${role} ${title}`}>
              <b>{title}</b>: {asks}
              {own.length > 0 ? <LengthsTable lengths={own} /> : null}
            </div>
          ))}
        </Stack>
        <Stack>
          {notions.length > 0 ? (
            <div>
              <b>Notions</b>
              <PlainList $gap="0.2rem">
                {notions.map(({ text }) => (
                  <li key={text}>{text}</li>
                ))}
              </PlainList>
            </div>
          ) : null}
          {notes ? <Lines>{notes}</Lines> : null}
          {pictures.map(({ name: file }, index) => (
            <a key={file} href={`/pictures/${file}`} target="_blank" rel="noreferrer">
              <img src={`/pictures/${file}?small`} alt={`Envelope of ${name}, photo ${index + 1}`} width={180} />
            </a>
          ))}
        </Stack>
      </Columns>
      <Actions>
        <Button isDisabled={busy} onPress={() => doing(() => putOnList(id, !onList))}>
          {onList ? 'Remove from shopping list' : 'Add to shopping list'}
        </Button>
        {pictures.length < 4 ? (
          <PickFile label="Add envelope photo" types={['image/*']} isDisabled={busy} onPick={add} />
        ) : null}
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Paper>
  )
}
