'use client'

import { useState } from 'react'
import { type ShelfQuery } from '@/core/stashSearch/query'
import { AREA_M2, AREA_WORDS } from '@/core/units/format'
import { Button, QuietButton } from '@/ui/kit/buttons'
import { CheckField } from '@/ui/kit/checks'
import { ColourField } from '@/ui/kit/ColourField'
import { NumberField } from '@/ui/kit/NumberField'
import { Actions, Fields, Stack } from '@/ui/kit/surfaces'
import { fieldUnits, fromField, toField } from '../../shared/settings/measures'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { Say } from '@/ui/text/Say'

interface Props {
  query: ShelfQuery
  onAsk: (query: ShelfQuery) => void
}

const NUMBERS = [
  { key: 'low', label: 'Weight from', unit: 'weight' },
  { key: 'high', label: 'Weight to', unit: 'weight' },
  { key: 'length', label: 'Enough for a length of', unit: 'long' },
  { key: 'width', label: 'at a width of', unit: 'short' },
  { key: 'price', label: 'At most', unit: undefined },
] as const

const MADDER = '#8c2f39'

/** Filters with a number or a colour in them: sent together when all of it is written. */
export function AmountFilter({ query, onAsk }: Props) {
  const { units } = usePreferences()
  const inUnits = fieldUnits(units)
  const { short, long, weight } = inUnits
  const [draft, setDraft] = useState(() => ({
    low: toField(query.gsm[0], weight),
    high: toField(query.gsm[1], weight),
    length: toField(query.enough?.lengthMm ?? null, long),
    width: toField(query.enough?.widthMm ?? null, short),
    colour: query.colour,
    price: query.mostPerM2 === null ? Number.NaN : inCents(query.mostPerM2 * AREA_M2[units]),
  }))
  const set = (change: Partial<typeof draft>) => setDraft({ ...draft, ...change })
  const send = () => {
    const [lengthMm, widthMm] = [fromField(draft.length, long), fromField(draft.width, short)]
    onAsk({
      ...query,
      gsm: [whole(fromField(draft.low, weight)), whole(fromField(draft.high, weight))],
      enough: lengthMm && widthMm ? { lengthMm: Math.round(lengthMm), widthMm: Math.round(widthMm) } : null,
      colour: draft.colour,
      mostPerM2: Number.isFinite(draft.price) ? draft.price / AREA_M2[units] : null,
    })
  }
  return (
    <Stack $gap="0.8rem">
      <Fields>
        {NUMBERS.map(({ key, label, unit }) => (
          <NumberField
            key={key}
            label={key === 'price' ? `${label} ${AREA_WORDS[units]}` : label}
            unit={unit && inUnits[unit].symbol}
            minValue={0}
            value={draft[key]}
            onChange={(value) => set({ [key]: value })}
          />
        ))}
      </Fields>
      <CheckField
        isSelected={draft.colour !== null}
        onChange={(isOn) => set({ colour: isOn ? (query.colour ?? MADDER) : null })}
      >
        <Say>Similar colour</Say>
      </CheckField>
      {draft.colour === null ? null : (
        <ColourField label="Colour" value={draft.colour} onChange={(colour) => set({ colour })} />
      )}
      <Actions>
        <Button onPress={send}>Show fabrics</Button>
        <QuietButton
          onPress={() => {
            setDraft({ ...EMPTY })
            onAsk({ ...query, gsm: [null, null], enough: null, colour: null, mostPerM2: null })
          }}
        >
          Clear these
        </QuietButton>
      </Actions>
    </Stack>
  )
}

const EMPTY = {
  low: Number.NaN,
  high: Number.NaN,
  length: Number.NaN,
  width: Number.NaN,
  colour: null,
  price: Number.NaN,
}

const inCents = (price: number) => Math.round(price * 100) / 100

const whole = (value: number | null) => (value === null ? null : Math.round(value))
