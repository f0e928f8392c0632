'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { shape, strongStyle } from './buttonStyles'

// Apart from the buttons, so that a page with links alone does not load what buttons need.
export const ButtonLink = styled(Link)`
  ${shape}
`
export const StrongLink = styled(Link)`
  ${shape}${strongStyle}
`
/** A link on a line of its own, as high as a thumb. */
export const LoneLink = styled(Link)`
  display: inline-flex;
  align-items: center;
  min-height: 2.75rem;
`
/** A file to be saved, not a page to go to. */
export const FileLink = styled.a.attrs({ download: true })`
  ${shape}
`
/** Sends a form that works without a script. */
export const StrongSubmit = styled.button.attrs({ type: 'submit' })`
  ${shape}${strongStyle}
`
