'use client'

import styled from 'styled-components'

/** A drawing as wide as its place, and no higher or wider than said. */
export const Drawing = styled.svg<{ $high?: string; $wide?: string }>`
  display: block;
  width: 100%;
  height: auto;
  max-width: ${({ $wide = 'none' }) => $wide};
  max-height: ${({ $high = 'none' }) => $high};
`
