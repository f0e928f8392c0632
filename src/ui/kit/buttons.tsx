'use client'

import { Button as AriaButton } from 'react-aria-components'
import styled from 'styled-components'
import { quiet, shape, strong } from './buttonStyles'

export const Button = styled(AriaButton)`
  ${shape}
`
export const StrongButton = styled(AriaButton)`
  ${shape}${strong}
`
export const QuietButton = styled(AriaButton)`
  ${shape}${quiet}
`
