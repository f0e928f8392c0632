'use client'

import { FileTrigger } from 'react-aria-components'
import { Button, StrongButton } from './buttons'

interface Props {
  label: string
  /** Media types. */
  types: readonly string[]
  onPick: (file: File) => void
  /** Takes it with the camera of a phone. */
  camera?: boolean
  strong?: boolean
  isDisabled?: boolean
}

/** A file of this machine, or a picture that is taken now. */
export function PickFile({ label, types, onPick, camera, strong, isDisabled }: Props) {
  const Press = strong ? StrongButton : Button
  return (
    <FileTrigger
      acceptedFileTypes={[...types]}
      defaultCamera={camera ? 'environment' : undefined}
      onSelect={(files) => {
        if (files?.[0]) onPick(files[0])
      }}
    >
      <Press isDisabled={isDisabled}>{label}</Press>
    </FileTrigger>
  )
}
