'use client'

import styled from 'styled-components'

/** A bar as wide as the share that it stands for, 0 to 1; how high and which colour, its place says. */
export const ShareBar = styled.i.attrs<{ $of: number }>(({ $of }) => ({
  'aria-hidden': true,
  style: { width: `${Math.min(1, Math.max(0, $of)) * 100}%` },
}))<{ $of: number }>``
