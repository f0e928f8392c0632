interface FlameShape {
  x: number
  y: number
  size: number
  /** With soot at its tip; with a green seam. */
  tip?: boolean
  edge?: boolean
}

/** A flame standing on (x, y), `size` high. */
export function Flame({ x, y, size, tip, edge }: FlameShape) {
  return (
    <g transform={`translate(${x} ${y}) scale(${size / 40})`}>
      {tip ? <path d="M0-58c4 8 7 12 5 20h-9c-1-7 1-12 4-20z" fill="var(--char)" /> : null}
      <path d="M0-42c3 12 14 18 12 31C11-3 6 1 0 1s-11-4-12-12C-14-22-4-28 0-42z" fill="var(--flame)" />
      {edge ? (
        <path
          d="M0-42c3 12 14 18 12 31C11-3 6 1 0 1s-11-4-12-12C-14-22-4-28 0-42z"
          fill="none"
          stroke="var(--green)"
          strokeWidth="4"
        />
      ) : null}
      <path d="M1-24c1 7 7 10 6 17C6-2 3 0 0 0s-6-3-6-7c0-8 5-9 7-17z" fill="var(--weld)" />
    </g>
  )
}

/** A flame that was and is no more. */
export function GhostFlame({ x, y, size }: { x: number; y: number; size: number }) {
  return (
    <path
      transform={`translate(${x} ${y}) scale(${size / 40})`}
      d="M0-42c3 12 14 18 12 31C11-3 6 1 0 1s-11-4-12-12C-14-22-4-28 0-42z"
      fill="none"
      stroke="var(--smoke)"
      strokeWidth="1.6"
      strokeDasharray="3 4"
    />
  )
}

/** The candle that stands in the tray. */
export function Candle({ x, lit = true }: { x: number; lit?: boolean }) {
  return (
    <g>
      <rect x={x - 8} y={84} width="16" height="26" rx="2" fill="var(--paper-deep)" stroke="var(--ink-soft)" />
      {lit ? <Flame x={x} y={83} size={26} /> : <path d={`M${x} 84v-6`} stroke="var(--ink)" strokeWidth="2" />}
    </g>
  )
}

/** Threads of smoke, rising. */
export function Smoke({
  x,
  y,
  colour,
  curls,
  width = 3.5,
}: {
  x: number
  y: number
  colour: string
  curls: number
  width?: number
}) {
  return (
    <g fill="none" stroke={colour} strokeWidth={width} strokeLinecap="round">
      {Array.from({ length: curls }, (_, i) => (
        <path key={i} d={`M${x + i * 9} ${y}c-8-8 8-12 0-21s6-11 2-17`} />
      ))}
    </g>
  )
}
