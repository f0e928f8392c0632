import { type CareId } from '@/core/vocabulary/care'
import { drawnCare } from '@/core/vocabulary/drawnCare'

/** One symbol of a care label, drawn; its words stand beside it. */
export function CareDrawing({ id, size = 44 }: { id: CareId; size?: number }) {
  const { lines, dots, letters } = drawnCare(id)
  return (
    <svg viewBox="0 0 64 66" width={size} height={size} aria-hidden focusable="false">
      <path
        d={lines.join('')}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={3}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
      {dots.map(([x, y]) => (
        <circle key={x} cx={x} cy={y} r="3" fill="var(--ink)" />
      ))}
      {letters ? (
        <text x="32" y={letters.y} textAnchor="middle" fontSize="19" fontWeight="700" fill="var(--ink)">
          {letters.text}
        </text>
      ) : null}
    </svg>
  )
}
