'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { shape, strong } from './buttonStyles'

// Apart from the buttons, so that a page with links alone does not load what buttons need.
export const ButtonLink = styled(Link)`
  ${shape}
`
export const StrongLink = styled(Link)`
  ${shape}${strong}
`
/** Sends a form that works without a script. */
export const StrongSubmit = styled.button.attrs({ type: 'submit' })`
  ${shape}${strong}
`
