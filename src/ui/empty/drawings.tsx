import { type ReactNode } from 'react'

// Everything is dashed: it is not there yet.
const ghost = {
  fill: 'none',
  stroke: 'currentColor',
  strokeWidth: 2,
  strokeDasharray: '6 5',
  strokeLinejoin: 'round',
  strokeLinecap: 'round',
} as const
const solid = { fill: 'none', stroke: 'var(--board)', strokeWidth: 9 } as const

/** Folded fabrics on a board. */
function Folds() {
  const folds = [
    [24, 96, 62],
    [136, 110, 46],
    [262, 84, 74],
    [362, 92, 40],
  ] as const
  return (
    <>
      {folds.map(([x, width, height]) => (
        <g key={x} {...ghost}>
          <rect x={x} y={136 - height} width={width} height={height} rx="7" />
          <path d={`M${x} ${136 - height / 2}h${width}`} />
        </g>
      ))}
      <path d="M8 141h464" {...solid} />
    </>
  )
}

/** A garment on its stand beside the steps of a project. */
function Stand() {
  return (
    <g {...ghost}>
      <path d="M84 28l22 8 22-8 34 22-10 22-14-6 12 66H62l12-66-14 6-10-22z" />
      <path d="M106 132v24M84 158h44" />
      {[0, 1, 2, 3, 4].map((i) => (
        <g key={i}>
          <circle cx={220 + i * 56} cy="84" r="13" />
          {i < 4 ? <path d={`M${236 + i * 56} 84h24`} /> : null}
        </g>
      ))}
    </g>
  )
}

/** An envelope with the pieces of its pattern. */
function Envelope() {
  return (
    <g {...ghost}>
      <path d="M40 30h120v110H40zM40 30l60 44 60-44" />
      <path d="M220 140V52c18 0 26-14 26-22h28c2 12 8 20 20 24l-6 86z" />
      <path d="M330 140l12-76c22-20 52-20 74 0l12 76z" />
      <path d="M254 62v58M378 70v54" />
    </g>
  )
}

/** Days with a lane for the hands and one for what waits. */
function Days() {
  const blocks = [
    [28, 40, 70],
    [120, 86, 110],
    [250, 40, 56],
    [320, 86, 70],
    [404, 40, 52],
  ] as const
  return (
    <g {...ghost}>
      <path d="M12 24h456M12 74h456M12 120h456M104 16v116M196 16v116M288 16v116M380 16v116" strokeWidth="1" />
      {blocks.map(([x, y, width]) => (
        <rect key={x} x={x} y={y} width={width} height="26" rx="4" />
      ))}
    </g>
  )
}

/** A card to hold up in the shop: a bar, patches, lines. */
function ShopCard() {
  return (
    <g {...ghost}>
      <rect x="120" y="14" width="240" height="142" rx="8" />
      <path d="M144 46h190M200 38v16" />
      {[0, 1, 2, 3].map((i) => (
        <rect key={i} x={144 + i * 50} y="66" width="34" height="28" rx="3" />
      ))}
      <path d="M144 114h150M144 134h110" />
    </g>
  )
}

/** Bars of a chart. */
function Bars() {
  return (
    <g {...ghost}>
      {[150, 260, 90, 200].map((width, i) => (
        <rect key={width} x="90" y={22 + i * 34} width={width} height="20" rx="3" />
      ))}
      <path d="M84 12v146" />
    </g>
  )
}

export const EMPTY_DRAWINGS = {
  folds: <Folds />,
  stand: <Stand />,
  envelope: <Envelope />,
  days: <Days />,
  'shop-card': <ShopCard />,
  bars: <Bars />,
} satisfies Record<string, ReactNode>
export type EmptyDrawing = keyof typeof EMPTY_DRAWINGS
