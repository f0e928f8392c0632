import { type CareId } from '@/core/vocabulary/care'
import { CARE_FIELD, drawnCare } from '@/core/vocabulary/drawnCare'

/** One symbol of a care label, drawn; its words stand beside it. */
export function CareDrawing({ id, size = 44 }: { id: CareId; size?: number }) {
  const { lines, dots, letters } = drawnCare(id)
  return (
    <svg
      viewBox={`0 0 ${CARE_FIELD.width} ${CARE_FIELD.height}`}
      width={size}
      height={size}
      aria-hidden
      focusable="false"
    >
      <path
        d={lines.join('')}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={CARE_FIELD.line}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
      {dots.map(([x, y]) => (
        <circle key={x} cx={x} cy={y} r={CARE_FIELD.dot} fill="var(--ink)" />
      ))}
      {letters ? (
        <text
          x={CARE_FIELD.width / 2}
          y={letters.y}
          textAnchor="middle"
          fontSize={CARE_FIELD.letter}
          fontWeight="700"
          fill="var(--ink)"
        >
          {letters.text}
        </text>
      ) : null}
    </svg>
  )
}
