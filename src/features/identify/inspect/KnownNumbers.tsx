'use client'

import { NumberField } from '@/ui/kit/NumberField'

interface Props {
  /** g/m² */
  gsm: number | undefined
  /** Per cent, across. */
  stretch: number | undefined
  onGsm: (gsm: number | undefined) => void
  onStretch: (percent: number | undefined) => void
}

/** What was measured of it before: each narrows its name down. */
export function KnownNumbers({ gsm, stretch, onGsm, onStretch }: Props) {
  return (
    <>
      <NumberField
        label="Weight"
        kind="areal-weight"
        unit="g/m²"
        value={gsm ?? NaN}
        minValue={1}
        maxValue={4999}
        onChange={(value) => onGsm(Number.isFinite(value) ? value : undefined)}
      />
      <NumberField
        label="Stretch across the width"
        unit="%"
        value={stretch ?? NaN}
        minValue={0}
        maxValue={400}
        onChange={(value) => onStretch(Number.isFinite(value) ? value : undefined)}
      />
    </>
  )
}
