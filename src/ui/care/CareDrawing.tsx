import { type ReactNode } from 'react'
import { careSymbol, type CareId } from '@/core/vocabulary/care'

const line = {
  fill: 'none',
  stroke: 'var(--ink)',
  strokeWidth: 3,
  strokeLinejoin: 'round',
  strokeLinecap: 'round',
} as const

function Letters({ y, children }: { y: number; children: string }) {
  return (
    <text x="32" y={y} textAnchor="middle" fontSize="19" fontWeight="700" fill="var(--ink)">
      {children}
    </text>
  )
}

/** Dots of heat, in a row about the middle. */
function Dots({ count, y }: { count: number; y: number }) {
  return Array.from({ length: count }, (_, i) => (
    <circle key={i} cx={32 + (i - (count - 1) / 2) * 9} cy={y} r="3" fill="var(--ink)" />
  ))
}

/** Bars below a symbol: one for gentle, two for very gentle. */
function Bars({ id }: { id: CareId }) {
  const count = id.endsWith('very-mild') ? 2 : id.endsWith('-mild') ? 1 : 0
  return <path d={['', 'M14 58h36', 'M14 57h36M14 62h36'][count]} {...line} />
}

function tub(id: CareId): ReactNode {
  const { celsius } = careSymbol(id)
  return (
    <>
      <path d="M6 16l6 34h40l6-34M8 22q6-6 12 0t12 0 12 0 12 0" {...line} />
      {id === 'wash-hand' ? (
        <path d="M22 12l10 14 12 2M32 26l-8 2" {...line} />
      ) : id === 'wash-never' ? null : (
        <Letters y={44}>{String(celsius)}</Letters>
      )}
    </>
  )
}

const square = <path d="M10 8h44v44H10z" {...line} />
const inSquare: Partial<Record<CareId, ReactNode>> = {
  'tumble-normal': (
    <>
      <circle cx="32" cy="30" r="17" {...line} />
      <Dots count={2} y={30} />
    </>
  ),
  'tumble-low': (
    <>
      <circle cx="32" cy="30" r="17" {...line} />
      <Dots count={1} y={30} />
    </>
  ),
  'tumble-never': <circle cx="32" cy="30" r="17" {...line} />,
  'dry-line': <path d="M32 14v32" {...line} />,
  'dry-line-drip': <path d="M26 14v32M38 14v32" {...line} />,
  'dry-flat': <path d="M17 30h30" {...line} />,
  'dry-flat-drip': <path d="M17 24h30M17 36h30" {...line} />,
  'dry-shade': <path d="M10 30L32 8M10 18L20 8" {...line} />,
}

const IRON_DOTS: Partial<Record<CareId, number>> = { 'iron-200': 3, 'iron-150': 2, 'iron-110': 1 }

function shapeOf(id: CareId): ReactNode {
  switch (careSymbol(id).group) {
    case 'wash':
      return tub(id)
    case 'bleach':
      return <path d={`M32 8l26 44H6z${id === 'bleach-oxygen' ? 'M26 52l15-26M38 52l9-15' : ''}`} {...line} />
    case 'dry':
      return (
        <>
          {square}
          {inSquare[id]}
        </>
      )
    case 'iron':
      return (
        <>
          <path d="M18 14h28l8 32H6c0-12 8-19 22-19h22" {...line} />
          <Dots count={IRON_DOTS[id] ?? 0} y={38} />
        </>
      )
    case 'professional':
      return (
        <>
          <circle cx="32" cy="30" r="23" {...line} />
          {id === 'clean-never' ? null : <Letters y={37}>{id.charAt('clean-'.length).toUpperCase()}</Letters>}
        </>
      )
  }
}

/** One symbol of a care label (ISO 3758:2012, tables 1 to 5), drawn; its words stand beside it. */
export function CareDrawing({ id, size = 44 }: { id: CareId; size?: number }) {
  return (
    <svg viewBox="0 0 64 66" width={size} height={size} aria-hidden focusable="false">
      {shapeOf(id)}
      <Bars id={id} />
      {careSymbol(id).never ? <path d="M8 6l48 48M56 6L8 54" {...line} /> : null}
    </svg>
  )
}
