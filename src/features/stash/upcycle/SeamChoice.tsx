'use client'

import styled from 'styled-components'
import { SEAM_DRAWINGS } from '@/core/sew/seamDrawings'
import { type SeamMake } from '@/core/vocabulary/upcycling'
import { TechniqueDrawing } from '@/ui/technique/TechniqueDrawing'

const Group = styled.fieldset`
  border: 0;
  margin: 0;
  padding: 0;
  legend {
    font-weight: 600;
    padding: 0 0 0.4rem;
  }
  .choices {
    display: grid;
    gap: 0.6rem;
    grid-template-columns: repeat(auto-fill, minmax(8.5rem, 1fr));
  }
  label {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    gap: 0.4rem;
    align-items: start;
    padding: 0.5rem;
    border: 1.5px solid var(--line);
    border-radius: 3px;
    cursor: pointer;
    min-height: 2.75rem;
  }
  label:has(input:checked) {
    border-color: var(--indigo-deep);
    box-shadow: 0 0 0 1px var(--indigo-deep);
  }
  label:has(input:focus-visible) {
    outline: 3px solid var(--madder);
    outline-offset: 2px;
  }
  svg {
    grid-column: 1 / -1;
  }
`

interface Props {
  value: SeamMake
  onChange: (value: SeamMake) => void
  options: readonly (readonly [SeamMake, string])[]
}

/** How the seams are made, chosen by their picture, each seen from its edge. */
export function SeamChoice({ value, onChange, options }: Props) {
  return (
    <Group>
      <legend>Seams, seen from inside</legend>
      <div className="choices">
        {options.map(([make, words]) => (
          <label key={make}>
            {make === 'unknown' ? null : <TechniqueDrawing drawing={SEAM_DRAWINGS[make]} />}
            <input type="radio" name="seams" checked={value === make} onChange={() => onChange(make)} />
            <span>{words}</span>
          </label>
        ))}
      </div>
    </Group>
  )
}
