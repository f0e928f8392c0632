'use client'

import { useState, type ReactNode } from 'react'
import styled from 'styled-components'
import { countNoun, formatLength, formatWidth } from '@/core/units/format'
import { THINGS, THING_WORDS, type Sorting, type Thing } from '@/core/vocabulary/stash'
import { wordFor } from '@/core/vocabulary/words'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { Chip } from '@/ui/kit/Chips'
import { TextField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { PickFile } from '@/ui/kit/PickFile'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { shrinkPicture } from '../../shared/pictures/shrinkPicture'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { useNewId } from '../../shared/form/useNewId'
import { useStored } from '../../shared/useStored'
import { quickKeep } from './actions'

const Shown = styled.img`
  height: 2.75rem;
  border-radius: 3px;
`
/** Small targets in one row, also on a phone. */
const Row = styled.div`
  display: flex;
  gap: 0.35rem;
  max-width: 30rem;
  && > * {
    flex: 1 1 0;
    min-width: 0;
    padding-inline: 0.1rem;
    text-align: center;
  }
`
/** Chosen is told by its ground here: a tick would not fit. */
const Tick = styled(Chip)`
  &[data-selected]::before {
    content: '';
  }
`
const Pair = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 0.75rem;
  align-items: end;
`

/** Widths that cloth usually has, mm; common practice. */
const WIDTHS = [900, 1120, 1400, 1500] as const
const HALF = 0.5

const NOTHING_YET = 'Nothing to save yet: take a photo, or enter a length, a width, a guess or a price.'

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
  const isEmpty = !picture && JSON.stringify(said) === JSON.stringify(EMPTY)
  const keep = (sorting: Sorting | null) =>
    doing(async () => {
      // How it is sorted is a statement by itself; without one, a tap in passing makes no empty fabric.
      if (isEmpty && sorting === null) return { ok: false, errors: { '': NOTHING_YET } }
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
  const Ending = endings.length === 1 ? StrongButton : Button
  return (
    <Stack $gap="0.8rem">
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
        <Row>
          {WIDTHS.map((mm) => (
            <Tick key={mm} isSelected={said.widthMm === mm} onChange={(isOn) => set({ widthMm: isOn ? mm : null })}>
              {formatWidth(mm, units)}
            </Tick>
          ))}
        </Row>
      </Labelled>
      <Pair>
        <TextField label="What do you think it is?" value={said.called} onChange={(called) => set({ called })} />
        <SelectField
          label="Made up as"
          value={said.thing}
          onChange={(thing) => set({ thing })}
          options={THINGS.map((thing) => [thing, wordFor(THING_WORDS[thing], words)] as const)}
        />
        <NumberField label="Price" minValue={0} value={said.price} onChange={(price) => set({ price })} />
        <TextField label="Currency" value={currency ?? ''} onChange={(text) => setCurrency(text.slice(0, 8))} />
      </Pair>
      <Actions>
        {endings.map(({ label, sorting }) => (
          <Ending key={label} isDisabled={busy} onPress={() => keep(sorting)}>
            {label}
          </Ending>
        ))}
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Stack>
  )
}

/** Whole spans that one tap gives. */
const WHOLE = [1, 2, 3, 4, 5] as const

/** A length in the person's own arm-spans: whole ones in one tap, finer by halves. */
function Spans({ spans, onChange }: { spans: number | null; onChange: (spans: number | null) => void }) {
  const { spanMm, units } = usePreferences()
  const now = spans ?? 0
  return (
    <Labelled text="Length in arm spans">
      <Row>
        <Button aria-label="Half a span less" onPress={() => onChange(now > HALF ? now - HALF : null)}>
          −½
        </Button>
        {WHOLE.map((whole) => (
          <Tick
            key={whole}
            aria-label={countNoun(whole, 'span')}
            isSelected={spans === whole}
            onChange={(isOn) => onChange(isOn ? whole : null)}
          >
            {whole}
          </Tick>
        ))}
        <Button aria-label="Half a span more" onPress={() => onChange(now + HALF)}>
          +½
        </Button>
      </Row>
      <Soft as="output" aria-live="polite">
        {spans === null
          ? `One span is ${formatLength(spanMm, units)}.`
          : `${countNoun(spans, 'span')}: ${about(spans * spanMm, units)}`}
      </Soft>
    </Labelled>
  )
}

const about = (mm: number, units: Parameters<typeof formatLength>[1]) =>
  `about ${formatLength(mm, units)}, give or take ${formatLength(mm * 0.08, units)}.`

function Labelled({ text, children }: { text: string; children: ReactNode }) {
  return (
    <Stack $gap="0.3rem" role="group" aria-label={text}>
      <b>{text}</b>
      {children}
    </Stack>
  )
}
