'use client'

import { useState } from 'react'
import styled from 'styled-components'
import { SEAM_CAME, type SeamCame } from '@/core/notebook/kinds/testSeam'
import { needleSizes } from '@/core/sew/needleSizes'
import { QuietButton, StrongButton } from '@/ui/kit/buttons'
import { TextField } from '@/ui/kit/fields'
import { PickFile } from '@/ui/kit/PickFile'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Fields, Paper, PlainList, Soft } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { pictureForm } from '../../shared/pictures/pictureForm'
import { dropTestSeam, keepTestSeam } from './actions'
import { type SewingData } from './load'
import { CAME_WORDS } from '../../shared/seamWords'

const Picture = styled.img`
  display: block;
  max-width: 100%;
  max-height: 9rem;
  border: 1px solid var(--line);
`

const TENSIONS = [
  ['usual', 'normal'],
  ['looser', 'looser'],
  ['firmer', 'firmer'],
] as const
type Tension = (typeof TENSIONS)[number][0]

/** Seams on scraps of this cloth: what worked moves the advice. */
export function TestSeams({ id, seams, advice, ways }: SewingData) {
  const { busy, trouble, doing } = useAsyncAction()
  const [needleNm, setNeedle] = useState(advice.needle.nm[0])
  const [lengthMm, setLength] = useState(advice.stitch.mm[0])
  const [tension, setTension] = useState<Tension>('usual')
  const [came, setCame] = useState<SeamCame>('good')
  const [notes, setNotes] = useState('')
  const [technique, setTechnique] = useState('')
  const [picture, setPicture] = useState<File>()
  const keep = () =>
    doing(async () => {
      const sent = picture && (await pictureForm(picture))
      const { point } = advice.needle
      const seam = { pieceId: id, needleNm, point, lengthMm, tension, technique, came, notes }
      const outcome = await keepTestSeam(seam, sent)
      if (outcome.ok) setPicture(undefined)
      return outcome
    })
  return (
    <Paper aria-label="Test seams">
      <h2>Test seams</h2>
      <Soft>Sew a scrap, pull it, press it. What worked on this fabric and your machine improves the advice.</Soft>
      <SeamList seams={seams} />
      <Fields>
        <SelectField
          label="Needle"
          value={String(needleNm)}
          onChange={(nm) => setNeedle(Number(nm))}
          options={needleSizes.map(({ nm, us }) => [String(nm), `${nm}/${us}`] as const)}
        />
        <NumberField
          label="Stitch length"
          unit="mm"
          value={lengthMm}
          minValue={0.5}
          maxValue={6}
          onChange={setLength}
        />
        <SelectField label="Upper tension" value={tension} onChange={setTension} options={TENSIONS} />
        <SelectField
          label="Result"
          value={came}
          onChange={setCame}
          options={SEAM_CAME.map((one) => [one, CAME_WORDS[one]] as const)}
        />
      </Fields>
      <SelectField
        label="Seam"
        value={technique}
        onChange={setTechnique}
        options={[['', 'a plain seam'] as const, ...ways]}
      />
      <TextField label="Notes of the seam" value={notes} onChange={setNotes} />
      <Actions>
        <PickFile label={picture ? 'Another photo' : 'A photo'} types={['image/*']} onPick={setPicture} camera />
        {picture ? <Soft role="status">{picture.name} will be saved with it.</Soft> : null}
      </Actions>
      <Actions>
        <StrongButton isDisabled={busy || Number.isNaN(lengthMm)} onPress={keep}>
          Save test seam
        </StrongButton>
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Paper>
  )
}

/** The seams that were tried, each with its picture where it has one. */
function SeamList({ seams }: Pick<SewingData, 'seams'>) {
  const { busy, trouble, doing } = useAsyncAction()
  return (
    <>
      <PlainList>
        {seams.map((seam) => (
          <li key={seam.id}>
            {seam.picture ? <Picture src={`/pictures/${seam.picture}`} alt={`The seam: ${seam.words}`} /> : null}
            {seam.words}{' '}
            <QuietButton isDisabled={busy} onPress={() => doing(() => dropTestSeam(seam.id))}>
              Delete
            </QuietButton>
          </li>
        ))}
      </PlainList>
      <Trouble>{trouble}</Trouble>
    </>
  )
}
