'use client'

import { useEffect, useRef, useState } from 'react'
import styled from 'styled-components'
import { burnRate, catchState } from '@/core/identify/stopwatch'
import { PARTS } from '@/core/vocabulary/observations'
import { type SpecimenNote } from '@/core/notebook/kinds/burnTest'
import { withDoubt } from '@/core/units/format'
import { PickFile } from '@/ui/kit/PickFile'
import { NumberField } from '@/ui/kit/NumberField'
import { TextField } from '@/ui/kit/fields'
import { SelectField } from '@/ui/kit/SelectField'
import { Callout, Soft } from '@/ui/kit/surfaces'
import { addPicture } from '../actions'
import { PART_WORDS, statesWords } from '../../../shared/burn/session'
import { shrinkPicture } from '../../../shared/pictures/shrinkPicture'

const Card = styled.section`
  display: grid;
  gap: 0.8rem;
  align-content: start;
  border-top: 3px solid var(--weld);
  padding-top: 0.8rem;
  min-width: 0;
  img {
    max-width: 100%;
    max-height: 14rem;
    object-fit: contain;
    justify-self: start;
    border: 1px solid var(--line);
  }
`
const Times = styled.div`
  display: grid;
  gap: 0.6rem;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 9rem), 1fr));
`

interface Props {
  testId: string
  note: SpecimenNote
  onChange: (note: SpecimenNote) => void
}

/** What is noted of one specimen beside its answers: its part, times, a picture, a note. */
export function SpecimenNotes({ testId, note, onChange }: Props) {
  return (
    <Card aria-label={`Notes on sample ${note.specimen}`}>
      <h3>Sample {note.specimen}</h3>
      <SelectField
        label="Taken from"
        value={note.part}
        onChange={(part) => onChange({ ...note, part })}
        options={PARTS.map((part) => [part, PART_WORDS[part]] as const)}
      />
      <TimesNoted note={note} onChange={onChange} />
      <TextField
        label="Note"
        rows={2}
        value={note.note}
        onChange={(text) => onChange({ ...note, note: text.slice(0, 1000) })}
      />
      <PictureOf testId={testId} note={note} onChange={onChange} />
    </Card>
  )
}

/** How soon it caught, and how fast it burnt along. */
function TimesNoted({ note, onChange }: Pick<Props, 'note' | 'onChange'>) {
  const number = (key: 'catchSeconds' | 'burnSeconds' | 'burnMm') => (value: number) =>
    onChange({ ...note, [key]: Number.isFinite(value) ? value : null })
  return (
    <>
      <Times>
        <NumberField
          label="Caught fire after"
          unit="s"
          value={note.catchSeconds ?? NaN}
          minValue={0}
          maxValue={3600}
          onChange={number('catchSeconds')}
        />
        <NumberField
          label="Length burnt"
          unit="mm"
          value={note.burnMm ?? NaN}
          minValue={1}
          maxValue={500}
          onChange={number('burnMm')}
        />
        <NumberField
          label="in"
          unit="s"
          value={note.burnSeconds ?? NaN}
          minValue={0}
          maxValue={3600}
          onChange={number('burnSeconds')}
        />
      </Times>
      <Soft>
        {note.catchSeconds === null
          ? ''
          : `Catching fire: ${statesWords('ignition', [catchState(note.catchSeconds)])}. `}
        {note.burnMm && note.burnSeconds
          ? `Burning: ${withDoubt(burnRate(note.burnMm, note.burnSeconds))} mm a second.`
          : ''}
      </Soft>
    </>
  )
}

/** Its picture, and another in its place. */
function PictureOf({ testId, note, onChange }: Props) {
  const latest = useRef(note)
  useEffect(() => {
    latest.current = note
  })
  const [trouble, setTrouble] = useState<string>()
  const [sending, setSending] = useState(false)
  const send = async (file: File) => {
    setSending(true)
    setTrouble(undefined)
    try {
      const form = new FormData()
      form.set('picture', await shrinkPicture(file), 'picture.jpg')
      const outcome = await addPicture(testId, form)
      if (outcome.ok) onChange({ ...latest.current, picture: outcome.name })
      else setTrouble(Object.values(outcome.errors)[0])
    } catch {
      setTrouble('We could not read that photo. Please try a JPEG, PNG or WebP file.')
    }
    setSending(false)
  }
  return (
    <>
      {note.picture ? (
        // From the notebook's own folder, and small already: no optimiser needed.
        <img src={`/pictures/${note.picture}`} alt={`Photo of sample ${note.specimen}`} />
      ) : null}
      <div>
        <PickFile
          label={sending ? 'Saving…' : note.picture ? 'Replace photo' : 'Add photo'}
          types={['image/*']}
          isDisabled={sending}
          onPick={(file) => void send(file)}
          camera
        />
      </div>
      {trouble ? (
        <Callout $tone="warn" role="alert">
          {trouble}
        </Callout>
      ) : null}
    </>
  )
}
