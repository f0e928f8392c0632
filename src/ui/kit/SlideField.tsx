'use client'

import { Label, Slider, SliderOutput, SliderThumb, SliderTrack } from 'react-aria-components'
import styled from 'styled-components'
import { itemAt } from '@/core/lists/items'
import { Say } from '../text/Say'

const Slide = styled(Slider)`
  display: grid;
  grid-template-columns: minmax(0, 1fr) max-content;
  gap: 0.25rem 0.75rem;
  font-weight: 600;
  output {
    font-weight: 400;
    font-variant-numeric: tabular-nums;
  }
  .track {
    grid-column: 1 / -1;
    height: 2.75rem;
    position: relative;
  }
  .track::before {
    content: '';
    position: absolute;
    inset: 50% 0 auto 0;
    height: 3px;
    background: var(--ink-soft);
  }
  .thumb {
    top: 50%;
    width: 1.6rem;
    height: 1.6rem;
    border-radius: 50%;
    background: var(--indigo);
    border: 3px solid var(--paper);
    box-shadow: 0 0 0 1.5px var(--ink-soft);
  }
  .thumb[data-focus-visible] {
    outline: 3px solid var(--madder);
    outline-offset: 2px;
  }
`

interface Props {
  label: string
  value: number
  minValue: number
  maxValue: number
  step?: number
  /** Told beside the number. */
  unit?: string
  /** The number in words; with its unit where left out. */
  says?: (value: number) => string
  onChange: (value: number) => void
}

/** A number that is slid to what one sees. */
export function SlideField({ label, value, unit = '', says, onChange, ...range }: Props) {
  return (
    <Slide {...range} value={value} onChange={(next) => onChange(Array.isArray(next) ? itemAt(next, 0) : next)}>
      <Label>
        <Say>{label}</Say>
      </Label>
      <SliderOutput>{says ? says(value) : `${value} ${unit}`}</SliderOutput>
      <SliderTrack className="track">
        <SliderThumb className="thumb" />
      </SliderTrack>
    </Slide>
  )
}
