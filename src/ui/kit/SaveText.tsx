'use client'

import { type ReactNode } from 'react'
import { QuietButton } from './buttons'
import { saveFile } from './saveFile'

/** Saves a text as a file on the person's own device. */
export function SaveText({ text, as, children }: { text: string; as: string; children: ReactNode }) {
  const save = () => saveFile(as, text, 'application/json')
  return <QuietButton onPress={save}>{children}</QuietButton>
}
