'use client'

import styled from 'styled-components'
import { type PropertyRow } from '@/core/notebook/properties'

const Mark = styled.small<{ $sure: boolean }>`
  color: var(--ink-soft);
  white-space: nowrap;
  &::before {
    content: '${({ $sure }) => ($sure ? '●' : '○')} ';
    color: ${({ $sure }) => ($sure ? 'var(--green)' : 'var(--weld-ink)')};
  }
`

/** How a property is known, in a word. */
export const HOW_WORDS: Record<PropertyRow['how'], string> = {
  measured: 'measured',
  said: 'recorded',
  foretold: 'estimated',
  estimated: 'estimated',
  unknown: 'not known',
}

/** A property's value, with a word on how it is known. */
export function KnownValueCell({ row: { how, value } }: { row: Pick<PropertyRow, 'how' | 'value'> }) {
  return (
    <>
      {value || '—'} <Mark $sure={how === 'measured' || how === 'said'}>{HOW_WORDS[how]}</Mark>
    </>
  )
}
