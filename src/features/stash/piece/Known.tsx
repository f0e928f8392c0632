'use client'

import styled from 'styled-components'
import { howWords, type PropertyRow } from '@/core/notebook/properties'

const Mark = styled.small<{ $sure: boolean }>`
  color: var(--ink-soft);
  white-space: nowrap;
  &::before {
    content: '${({ $sure }) => ($sure ? '●' : '○')} ';
    color: ${({ $sure }) => ($sure ? 'var(--green)' : 'var(--weld-ink)')};
  }
`

/** A property's value, with a word on how it is known. */
export function KnownValue({ row: { how, value } }: { row: Pick<PropertyRow, 'how' | 'value'> }) {
  return (
    <>
      {value || '—'} <Mark $sure={how === 'measured' || how === 'said'}>{howWords[how]}</Mark>
    </>
  )
}
