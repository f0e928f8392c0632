'use client'

import { type ReactNode } from 'react'
import { QuietButton } from './buttons'

/** Saves a text as a file on the person's own device. */
export function SaveText({ text, as, children }: { text: string; as: string; children: ReactNode }) {
  const save = () => {
    const address = URL.createObjectURL(new Blob([text], { type: 'application/json' }))
    const link = Object.assign(document.createElement('a'), { href: address, download: as })
    link.click()
    URL.revokeObjectURL(address)
  }
  return <QuietButton onPress={save}>{children}</QuietButton>
}
