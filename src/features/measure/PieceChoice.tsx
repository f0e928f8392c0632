'use client'

import { SelectField } from '@/ui/controls/SelectField'

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
    <SelectField
      label="Of which piece"
      value={chosen ?? ''}
      onChange={(id) => onChoose(id || null)}
      options={[['', 'none of the stash: just try'], ...pieces.map(({ id, name }) => [id, name] as const)]}
    />
  )
}
