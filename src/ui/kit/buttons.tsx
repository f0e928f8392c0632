'use client'

import { Button as AriaButton } from 'react-aria-components'
import styled from 'styled-components'
import { quietStyle, shape, strongStyle } from './buttonStyles'

export const Button = styled(AriaButton)`
  ${shape}
`
export const StrongButton = styled(AriaButton)`
  ${shape}${strongStyle}
`
export const QuietButton = styled(AriaButton)`
  ${shape}${quietStyle}
`
