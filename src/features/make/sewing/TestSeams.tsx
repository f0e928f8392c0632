'use client'

import { useState } from 'react'
import { SEAM_CAME, type SeamCame } from '@/core/notebook/kinds/testSeam'
import { needleSizes } from '@/core/sew/needleSizes'
import { QuietButton, StrongButton } from '@/ui/kit/buttons'
import { TextField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Fields, Paper, PlainList, Soft } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useDoing } from '@/ui/kit/useDoing'
import { dropTestSeam, keepTestSeam } from './actions'
import { type SewingData } from './load'
import { CAME_WORDS } from './seamWords'

const TENSIONS = [
  ['usual', 'as usual'],
  ['looser', 'looser'],
  ['firmer', 'firmer'],
] as const
type Tension = (typeof TENSIONS)[number][0]

/** Seams on scraps of this cloth: what worked moves the advice. */
export function TestSeams({ id, seams, advice }: SewingData) {
  const { busy, trouble, doing } = useDoing()
  const [needleNm, setNeedle] = useState(advice.needle.nm[0])
  const [lengthMm, setLength] = useState(advice.stitch.mm[0])
  const [tension, setTension] = useState<Tension>('usual')
  const [came, setCame] = useState<SeamCame>('good')
  const [notes, setNotes] = useState('')
  const keep = () =>
    doing(() => keepTestSeam({ pieceId: id, needleNm, point: advice.needle.point, lengthMm, tension, came, notes }))
  return (
    <Paper aria-label="Test seams">
      <h2>Test seams</h2>
      <Soft>Sew a scrap, pull it, press it. What worked on this cloth, on your machine, moves the advice.</Soft>
      <PlainList>
        {seams.map((seam) => (
          <li key={seam.id}>
            {seam.words}{' '}
            <QuietButton isDisabled={busy} onPress={() => doing(() => dropTestSeam(seam.id))}>
              Throw it away
            </QuietButton>
          </li>
        ))}
      </PlainList>
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
        <SelectField label="Tension above" value={tension} onChange={setTension} options={TENSIONS} />
        <SelectField
          label="How it came out"
          value={came}
          onChange={setCame}
          options={SEAM_CAME.map((one) => [one, CAME_WORDS[one]] as const)}
        />
      </Fields>
      <TextField label="Notes of the seam" value={notes} onChange={setNotes} />
      <Actions>
        <StrongButton isDisabled={busy || Number.isNaN(lengthMm)} onPress={keep}>
          Keep this test seam
        </StrongButton>
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Paper>
  )
}
