'use client'

import { Stack } from '@/ui/kit/surfaces'
import { useState } from 'react'
import { scaleFromMarks } from '@/core/loupe/overlay'
import { ChoiceField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { fieldUnits, fromField, toField } from '../settings/measures'
import { usePreferences } from '../settings/PreferencesContext'
import { type PictureView } from './jobs'
import { Mark, PictureStage, type Spot } from './Stage'

/** How the scale is found: two marks of a ruler, the two edges of a coin, or two points whose distance is known. */
const BY = { ruler: ['a ruler in it', 10], coin: ['a coin in it', 23], points: ['two points', 50] } as const
type By = keyof typeof BY

export interface PictureScale {
  by: By
  lengthMm: number | null
  marks: [Spot, Spot]
  /** Which mark the next click sets. */
  next: 0 | 1
  /** Whether a person has set the marks: where they start says nothing. */
  isSet: boolean
}

/** A scale that nobody has set yet: marks a third of the picture apart. */
export function startScale({ left, top, width, height }: PictureView): PictureScale {
  const y = top + height / 2
  return {
    by: 'ruler',
    lengthMm: BY.ruler[1],
    marks: [
      { x: left + width / 3, y },
      { x: left + (2 * width) / 3, y },
    ],
    next: 0,
    isSet: false,
  }
}

/** Pixels a centimetre; null until the marks are set and it makes sense. */
export function pixelsPerCm({ marks, lengthMm, isSet }: PictureScale): number | null {
  const apart = Math.hypot(marks[1].x - marks[0].x, marks[1].y - marks[0].y)
  return isSet && lengthMm !== null && lengthMm > 0 && apart > 0 ? scaleFromMarks(marks, lengthMm) : null
}

/** How long the thing is that the marks are set on. */
export function ScaleFields({ scale, onChange }: { scale: PictureScale; onChange: (scale: PictureScale) => void }) {
  const { units } = usePreferences()
  const { fine } = fieldUnits(units)
  return (
    <Stack $gap="0.9rem">
      <ChoiceField
        label="Scale from"
        value={scale.by}
        onChange={(value) => onChange({ ...scale, by: value as By, lengthMm: BY[value as By][1] })}
        options={Object.entries(BY).map(([by, [words]]) => [by, words] as const)}
      />
      <NumberField
        label={scale.by === 'coin' ? 'Width of the coin' : 'From mark to mark'}
        unit={fine.symbol}
        minValue={0}
        value={toField(scale.lengthMm, fine)}
        onChange={(value) => onChange({ ...scale, lengthMm: fromField(value, fine) })}
        hint={scale.by === 'coin' ? 'Measure it, or look up the size of your coin.' : undefined}
      />
    </Stack>
  )
}

/** The whole picture with the two marks of its scale. */
export function ScaleStage({
  view,
  scale,
  onChange,
  children,
}: {
  view: PictureView
  scale: PictureScale
  onChange: (scale: PictureScale) => void
  children?: React.ReactNode
}) {
  const [a, b] = scale.marks
  const move = (index: 0 | 1, spot: Spot) =>
    onChange({ ...scale, marks: index === 0 ? [spot, b] : [a, spot], next: index === 0 ? 1 : 0, isSet: true })
  return (
    <PictureStage view={view} label="Photo" onSpot={(spot) => move(scale.next, spot)}>
      {children}
      {scale.by === 'coin' ? (
        <circle
          cx={(a.x + b.x) / 2}
          cy={(a.y + b.y) / 2}
          r={Math.hypot(b.x - a.x, b.y - a.y) / 2}
          fill="none"
          stroke="#ffd23f"
          strokeWidth={view.width / 300}
        />
      ) : null}
      <path d={`M${a.x} ${a.y}L${b.x} ${b.y}`} stroke="#000" strokeWidth={view.width / 250} />
      <path d={`M${a.x} ${a.y}L${b.x} ${b.y}`} stroke="#ffd23f" strokeWidth={view.width / 500} />
      <Mark at={a} view={view} name="First mark of the scale" onMove={(spot) => move(0, spot)} />
      <Mark at={b} view={view} name="Second mark of the scale" onMove={(spot) => move(1, spot)} />
    </PictureStage>
  )
}

/** The scale of the picture that is open; another picture starts another scale. */
export function usePictureScale(
  view: PictureView | null,
  key: number,
): [PictureScale | null, (scale: PictureScale) => void] {
  const [kept, setKept] = useState<{ key: number; scale: PictureScale } | null>(null)
  const scale = view ? (kept?.key === key ? kept.scale : startScale(view)) : null
  return [scale, (next) => setKept({ key, scale: next })]
}
