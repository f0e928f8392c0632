'use client'
type Props = { onMeasured: (disc: { clothRadiusMm: number; tableRadiusMm: number; shadowMm2: number }) => void }
export function DrapedDisc({ onMeasured }: Props) { return onMeasured ? null : null }
