'use client'

import { useId, useState } from 'react'
import styled from 'styled-components'
import { MM_PER_INCH } from '@/core/units/constants'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { Actions, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { CARD_MM, NOMINAL_PX_PER_MM, useScreenScale } from './useScreenScale'

const Rail = styled.div`
  position: relative;
  overflow: hidden;
  background: #f3e6b8;
  border: 1.5px solid var(--ink);
  border-radius: 3px;
  svg {
    display: block;
  }
`
const Slide = styled.label`
  display: grid;
  grid-template-columns: 9rem minmax(0, 1fr) 6.5rem;
  gap: 0.75rem;
  align-items: center;
  input {
    width: 100%;
    min-height: 2.75rem;
    accent-color: var(--indigo);
  }
  span:last-child {
    text-align: right;
    font-variant-numeric: tabular-nums;
  }
  @media (max-width: 40rem) {
    grid-template-columns: minmax(0, 1fr) auto;
    input {
      grid-column: 1 / -1;
      grid-row: 2;
    }
  }
`
const HEIGHT = 74

export interface RulerMark {
  id: string
  label: string
  mm: number
  colour: string
}

/**
 * A ruler as long as it says, once a bank card has been held to the screen; its marks are slid to what the cloth
 * shows.
 */
export function Ruler({ marks, onMark }: { marks: readonly RulerMark[]; onMark: (id: string, mm: number) => void }) {
  const { units } = usePreferences()
  const [pxPerMm] = useScreenScale()
  const [calibrating, setCalibrating] = useState(false)
  const [widthPx, setWidthPx] = useState(900)
  if (calibrating) return <CardFit onDone={() => setCalibrating(false)} />
  const scale = pxPerMm ?? NOMINAL_PX_PER_MM
  const longest = Math.floor(widthPx / scale)
  const step = units === 'metric' ? 1 : MM_PER_INCH / 16
  const shown = (mm: number) => (units === 'metric' ? `${mm.toFixed(1)} mm` : `${(mm / MM_PER_INCH).toFixed(3)} in`)
  return (
    <Stack $gap="0.6rem">
      {pxPerMm === null ? (
        <Callout $tone="warn">
          This ruler is not to scale yet: hold a bank card to the screen once.{' '}
          <Button onPress={() => setCalibrating(true)}>Adjust with a card</Button>
        </Callout>
      ) : null}
      <Rail
        ref={(node) => {
          if (node && Math.abs(node.clientWidth - widthPx) > 1) setWidthPx(node.clientWidth)
        }}
      >
        <svg
          width="100%"
          height={HEIGHT}
          role="img"
          aria-label={`A ruler of ${shown(longest)}${pxPerMm === null ? ', not to scale on this screen' : ''}`}
        >
          {Array.from({ length: Math.floor(longest / step) + 1 }, (_, i) => (
            <Tick key={i} index={i} x={i * step * scale} metric={units === 'metric'} />
          ))}
          {marks.map(({ id, mm, colour }) => (
            <path key={id} d={`M${mm * scale} 0v${HEIGHT}`} stroke={colour} strokeWidth="3" />
          ))}
        </svg>
      </Rail>
      {marks.map(({ id, label, mm }) => (
        <Slide key={id}>
          <span>{label}</span>
          <input
            type="range"
            min={0}
            max={longest}
            step={0.1}
            value={Math.min(mm, longest)}
            onChange={(event) => onMark(id, Number(event.target.value))}
          />
          <span>{shown(mm)}</span>
        </Slide>
      ))}
      {pxPerMm === null ? null : (
        <Actions>
          <Button onPress={() => setCalibrating(true)}>Adjust the ruler again</Button>
          <Soft as="span">Adjusted with a card: 1 mm is {pxPerMm.toFixed(2)} px. Adjust it again after zooming.</Soft>
        </Actions>
      )}
    </Stack>
  )
}

function Tick({ index, x, metric }: { index: number; x: number; metric: boolean }) {
  const [long, half] = metric ? [10, 5] : [16, 8]
  const length = index % long === 0 ? 26 : index % half === 0 ? 18 : 10
  return (
    <g stroke="#2a2119" strokeWidth={index % long === 0 ? 1.6 : 1}>
      <path d={`M${x} 0v${length}`} />
      {index % long === 0 && index > 0 ? (
        <text x={x} y={length + 15} fontSize="13" textAnchor="middle" stroke="none" fill="#2a2119">
          {index / long}
        </text>
      ) : null}
    </g>
  )
}

const Across = styled.div`
  overflow-x: auto;
  + label + input {
    width: 100%;
    min-height: 2.75rem;
  }
`
const Card = styled.div.attrs<{ $px: number }>(({ $px }) => ({ style: { width: $px } }))<{ $px: number }>`
  aspect-ratio: 85.6 / 53.98;
  border: 2px dashed var(--ink);
  border-radius: 10px;
  display: grid;
  place-items: center;
  padding: 0.5rem;
  text-align: center;
`

/** A card's outline that is made as wide as the card in the hand. */
function CardFit({ onDone }: { onDone: () => void }) {
  const id = useId()
  const [kept, keep] = useScreenScale()
  const [px, setPx] = useState((kept ?? NOMINAL_PX_PER_MM) * CARD_MM)
  const [least, most] = [170, 760]
  return (
    <Stack $gap="0.75rem">
      <p>
        Hold any bank or library card to the outline, and make the outline just as wide. They are all 85.60 mm wide
        (ISO/IEC 7810, ID-1).
      </p>
      <Across>
        <Card $px={px}>85.60 mm</Card>
      </Across>
      <label htmlFor={id}>Width of the outline</label>
      <input
        id={id}
        type="range"
        min={least}
        max={most}
        step={0.5}
        value={px}
        onChange={(event) => setPx(Number(event.target.value))}
      />
      <Actions>
        <Button aria-label="A little narrower" onPress={() => setPx((before) => Math.max(least, before - 0.5))}>
          −
        </Button>
        <Button aria-label="A little wider" onPress={() => setPx((before) => Math.min(most, before + 0.5))}>
          +
        </Button>
        <StrongButton
          onPress={() => {
            keep(px / CARD_MM)
            onDone()
          }}
        >
          It fits
        </StrongButton>
        <Button onPress={onDone}>Cancel</Button>
      </Actions>
    </Stack>
  )
}
