'use client'

import { type ReactNode } from 'react'
import { Dialog, DialogTrigger, Heading, Modal, ModalOverlay } from 'react-aria-components'
import styled from 'styled-components'
import { QuietButton } from './buttons'

const Veil = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 20;
  background: rgb(0 0 0 / 0.45);
  display: grid;
  place-items: center;
  padding: 1rem;
`
const Sheet = styled(Modal)`
  width: min(100%, 34rem);
  max-height: 90dvh;
  overflow: auto;
  background: var(--paper);
  color: var(--ink);
  border-left: 14px solid var(--weld);
  border-radius: 4px;
  box-shadow: var(--shadow);
  padding: 1.4rem;
  section {
    outline: none;
    display: grid;
    gap: 1rem;
  }
`

interface Props {
  label: string
  title: string
  children: (close: () => void) => ReactNode
}

/** A question that has to be answered before anything else. */
export function ModalButton({ label, title, children }: Props) {
  return (
    <DialogTrigger>
      <QuietButton>{label}</QuietButton>
      <Veil isDismissable>
        <Sheet>
          <Dialog role="alertdialog">
            {({ close }) => (
              <>
                <Heading slot="title">{title}</Heading>
                {children(close)}
              </>
            )}
          </Dialog>
        </Sheet>
      </Veil>
    </DialogTrigger>
  )
}
