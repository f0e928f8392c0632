'use client'

import { type ReactNode, type Ref } from 'react'
import { Form } from 'react-aria-components'
import styled from 'styled-components'
import { unreadTrouble } from './unread'

const Box = styled(Form)`
  display: grid;
  gap: 1rem;
  min-width: 0;
`

interface Props {
  ref?: Ref<HTMLFormElement>
  onSubmit: () => void
  children: ReactNode
}

/** Fields that are sent together. What is wrong is said at each field by whoever reads them, not by the browser. */
export function FormBox({ ref, onSubmit, children }: Props) {
  return (
    <Box
      ref={ref}
      validationBehavior="aria"
      onSubmit={(event) => {
        event.preventDefault()
        // The field says itself what it cannot read, and has the focus now.
        if (!unreadTrouble()) onSubmit()
      }}
    >
      {children}
    </Box>
  )
}
