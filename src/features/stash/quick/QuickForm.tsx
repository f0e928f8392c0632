'use client'

import { useState, type ReactNode } from 'react'
import styled from 'styled-components'
import { formatLength, formatWidth } from '@/core/units/format'
import { THINGS, THING_WORDS, type Sorting, type Thing } from '@/core/vocabulary/stash'
import { wordFor } from '@/core/vocabulary/words'
import { Button } from '@/ui/kit/buttons'
import { Chip, Chips } from '@/ui/kit/Chips'
import { TextField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { PickFile } from '@/ui/kit/PickFile'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Fields, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { shrinkPicture } from '../../shared/pictures/shrinkPicture'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { useNewId } from '../../shared/form/useNewId'
import { useStored } from '../../shared/useStored'
import { quickKeep } from './actions'

const Count = styled.output`
  min-width: 5ch;
  text-align: center;
  font-size: 1.3rem;
  font-weight: 700;
`
const Shown = styled.img`
  max-height: 9rem;
  border-radius: 3px;
`

/** Widths that cloth usually has, mm; common practice. */
const WIDTHS = [900, 1120, 1400, 1500] as const
const HALF = 0.5

const EMPTY = {
  called: '',
  thing: 'cloth' as Thing,
  spans: null as number | null,
  widthMm: null as number | null,
  price: Number.NaN,
}

interface Props {
  heapId?: string
  /** Where it is kept, where that is known. */
  place?: string
  /** How it is ended: a button a way of sorting, or one to keep it. */
  endings: readonly { label: string; sorting: Sorting | null }[]
  onKept: (kept: { id: string; sorting: Sorting | null }) => void
  /** Told when a piece is about to be kept: what was said of the one before is past. */
  onBegin?: () => void
}

/** A picture, arm-spans, a guess, a price: what can be said of a piece in twenty seconds, one hand on the phone. */
export function QuickForm({ heapId, place = '', endings, onKept, onBegin }: Props) {
  const { spanMm, units, words } = usePreferences()
  const [said, setSaid] = useState(EMPTY)
  const [currency, setCurrency] = useStored('currency', 'browser')
  const [picture, setPicture] = useState<{ file: Blob; url: string }>()
  const { busy, trouble, doing } = useAsyncAction()
  const newId = useNewId()
  const set = (change: Partial<typeof said>) => setSaid({ ...said, ...change })
  const keep = (sorting: Sorting | null) =>
    doing(async () => {
      onBegin?.()
      const form = new FormData()
      if (picture) form.set('picture', await shrinkPicture(picture.file).catch(() => picture.file), 'picture.jpg')
      const price = Number.isFinite(said.price)
        ? { amount: said.price, currency: currency ?? '', per: 'all' as const }
        : null
      const data = { ...said, name: '', price, spanMm, place, source: '', sorting, heapId: heapId ?? null }
      const outcome = await quickKeep(data, picture ? form : undefined, await newId.take())
      if (!outcome.ok) return outcome
      newId.spend()
      if (picture) URL.revokeObjectURL(picture.url)
      setPicture(undefined)
      setSaid(EMPTY)
      onKept({ id: outcome.id, sorting })
      return outcome
    })
  return (
    <Stack $gap="1rem">
      <Actions>
        <PickFile
          label={picture ? 'Take another photo' : 'Take a photo'}
          types={['image/*']}
          onPick={(file) => setPicture({ file, url: URL.createObjectURL(file) })}
          camera
        />
        {picture ? <Shown src={picture.url} alt="Your photo" /> : null}
      </Actions>
      <Spans spans={said.spans} onChange={(spans) => set({ spans })} />
      <Labelled text="Width">
        <Chips>
          {WIDTHS.map((mm) => (
            <Chip key={mm} isSelected={said.widthMm === mm} onChange={(isOn) => set({ widthMm: isOn ? mm : null })}>
              {formatWidth(mm, units)}
            </Chip>
          ))}
        </Chips>
      </Labelled>
      <Fields>
        <TextField
          label="What do you think it is?"
          hint="A guess: denim, jersey, curtain fabric."
          value={said.called}
          onChange={(called) => set({ called })}
        />
        <SelectField
          label="Made up as"
          value={said.thing}
          onChange={(thing) => set({ thing })}
          options={THINGS.map((thing) => [thing, wordFor(THING_WORDS[thing], words)] as const)}
        />
        <NumberField label="Price" minValue={0} value={said.price} onChange={(price) => set({ price })} />
        <TextField label="Currency" value={currency ?? ''} onChange={(text) => setCurrency(text.slice(0, 8))} />
      </Fields>
      <Actions>
        {endings.map(({ label, sorting }) => (
          <Button key={label} isDisabled={busy} onPress={() => keep(sorting)}>
            {label}
          </Button>
        ))}
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Stack>
  )
}

/** A length in the person's own arm-spans, by halves. */
function Spans({ spans, onChange }: { spans: number | null; onChange: (spans: number | null) => void }) {
  const { spanMm, units } = usePreferences()
  const now = spans ?? 0
  return (
    <Labelled text="Length in arm spans">
      <Actions>
        <Button aria-label="Half a span less" onPress={() => onChange(now > HALF ? now - HALF : null)}>
          −
        </Button>
        <Count aria-live="polite">{spans ?? '–'}</Count>
        <Button aria-label="Half a span more" onPress={() => onChange(now + HALF)}>
          +
        </Button>
        <Soft>{spans === null ? `One span is ${formatLength(spanMm, units)}.` : about(spans * spanMm, units)}</Soft>
      </Actions>
    </Labelled>
  )
}

const about = (mm: number, units: Parameters<typeof formatLength>[1]) =>
  `About ${formatLength(mm, units)}, give or take ${formatLength(mm * 0.08, units)}.`

function Labelled({ text, children }: { text: string; children: ReactNode }) {
  return (
    <Stack $gap="0.3rem" role="group" aria-label={text}>
      <b>{text}</b>
      {children}
    </Stack>
  )
}
