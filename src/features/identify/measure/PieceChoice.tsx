'use client'

import { ComboField } from '@/ui/kit/ComboField'

const NONE = 'none'

/** Which piece a reading is of; none, to try it. */
export function PieceChoice({
  pieces,
  chosen,
  onChoose,
}: {
  pieces: readonly { id: string; name: string }[]
  chosen: string | null
  onChoose: (id: string | null) => void
}) {
  return (
    <ComboField
      label="Fabric"
      chosen={chosen ?? NONE}
      onChoose={(id) => {
        const next = id === NONE ? null : id
        if (next !== chosen) onChoose(next)
      }}
      options={[{ id: NONE, label: 'no fabric: just try' }, ...pieces.map(({ id, name }) => ({ id, label: name }))]}
    />
  )
}
