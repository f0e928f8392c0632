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

/** Buttons, a zip and a hank of yarn. */
function Notions() {
  return (
    <g {...ghost}>
      {[0, 1, 2, 3].map((i) => (
        <g key={i}>
          <circle cx={70 + (i % 2) * 62} cy={50 + Math.floor(i / 2) * 66} r="24" />
          <path d={`M${64 + (i % 2) * 62} ${50 + Math.floor(i / 2) * 66}h1m10 0h1`} strokeWidth="6" />
        </g>
      ))}
      <path d="M220 20v130M236 20v130M228 20v130" />
      <path d="M220 44h16v16h-16z" />
      <ellipse cx="360" cy="85" rx="80" ry="50" />
      <ellipse cx="360" cy="85" rx="58" ry="32" />
      <path d="M300 50c20 20 100 52 122 68" />
    </g>
  )
}

/** Snips on a card, each with its name beneath and the burnt end of its strip. */
function Samples() {
  return (
    <g {...ghost}>
      {[0, 1, 2].map((i) => (
        <g key={i}>
          <rect x={50 + i * 134} y="14" width="112" height="142" rx="6" />
          <rect x={70 + i * 134} y="32" width="72" height="52" />
          <path d={`M${70 + i * 134} 106h50c10 0 14 8 22 4M${70 + i * 134} 136h60`} />
        </g>
      ))}
    </g>
  )
}

/** A heap in the middle, and what it is sorted into. */
function Pile() {
  return (
    <g {...ghost}>
      <path d="M40 140c10-60 30-96 70-98 30 0 34 30 56 34 26 4 34 40 34 64z" />
      <path d="M70 120c30-20 60-24 100-6M96 84c16-10 40-10 60 6" />
      <path d="M222 92h46m-14-12l14 12-14 12" />
      {[0, 1, 2].map((i) => (
        <rect key={i} x={300} y={20 + i * 46} width="120" height="34" rx="6" />
      ))}
    </g>
  )
}

/** A swatch card: the snip, its weave, its facts. */
function SwatchCard() {
  return (
    <g {...ghost}>
      <rect x="110" y="12" width="260" height="146" rx="8" />
      <rect x="130" y="32" width="90" height="80" />
      <path d="M240 44h104M240 68h104M240 92h70M130 136h60M240 128h16v16h-16zM268 128h16v16h-16zM296 128h16v16h-16z" />
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
  notions: <Notions />,
  samples: <Samples />,
  pile: <Pile />,
  card: <SwatchCard />,
} satisfies Record<string, ReactNode>
export type EmptyDrawing = keyof typeof EMPTY_DRAWINGS
