import { Flame, Smoke } from '@/ui/burn/flames'

const ink = { stroke: 'var(--ink)', strokeWidth: 2, strokeLinejoin: 'round', strokeLinecap: 'round' } as const

/** A number beside what it stands for. */
function At({ x, y, n }: { x: number; y: number; n: number }) {
  return (
    <g>
      <circle cx={x} cy={y} r="11" fill="var(--madder)" />
      <text x={x} y={y + 5} textAnchor="middle" fontSize="15" fontWeight="700" fill="#fff">
        {n}
      </text>
    </g>
  )
}

/** A bench that is ready for a flame. Decoration: the six lines say the same. */
export function SafeBench() {
  return (
    <svg className="drawn" viewBox="0 0 440 220" aria-hidden focusable="false">
      <g fill="none" {...ink}>
        {/* The open window. */}
        <path d="M20 20h76v104H20z" fill="#dfe9ee" />
        <path d="M20 20l-14 10v104l14-10z" fill="#f7f5ee" />
        <path d="M96 20l22 12v104l-22-12z" fill="#f7f5ee" />
        <path d="M40 62c12-8 20 8 32 0M40 82c12-8 20 8 32 0" />
        {/* The table. */}
        <path d="M8 190h424" strokeWidth="4" />
        {/* Somebody in an apron, sleeves tied back. */}
        <circle cx="168" cy="46" r="20" fill="#e8c9a6" />
        <path d="M148 42c0-22 40-24 41 2-10-4-30-4-41-2zM186 34c10-8 16 4 8 12" fill="#5b5042" />
        <path d="M152 47h14M172 47h14" strokeWidth="3" />
        <path d="M140 190v-72c0-28 12-46 28-46s30 18 30 46v72z" fill="#8fa9bd" />
        <path d="M154 102h28v88h-28z" fill="#f7f5ee" />
        <path d="M196 100l38 30 14-8" strokeWidth="9" stroke="#8fa9bd" />
        <path d="M250 121l58 12M250 125l58 10" strokeWidth="2.5" />
        {/* The strip of fabric in the tweezers. */}
        <path d="M304 128l10 2-4 22-10-2z" fill="var(--weld)" />
        {/* The tray, and the water beside it. */}
        <path d="M244 178h112l-8 12h-96z" fill="#c9c6bf" />
        <path d="M372 150h44l-5 40h-34z" fill="#dfe9ee" />
        <path d="M375 162c8-5 14 5 20 0s12 4 18 0" />
        {/* Never burnt: a heatproof glove, struck through. */}
        <path
          d="M354 86V52c0-15 8-24 19-24s19 9 19 24v34zM354 70l-14-9c-9-6-3-18 6-14l8 5M354 76h38"
          fill="var(--paper-deep)"
        />
        <path d="M340 22l64 66M404 22l-64 66" stroke="var(--madder)" strokeWidth="4" />
      </g>
      <Flame x={306} y={176} size={22} />
      <Smoke x={292} y={118} colour="var(--smoke)" curls={2} />
      <path d="M268 70c-14-4-26-4-40 2m0 0l9-8m-9 8l11 4" fill="none" {...ink} />
      <At x={58} y={42} n={1} />
      <At x={168} y={146} n={2} />
      <At x={400} y={140} n={3} />
      <At x={262} y={108} n={4} />
      <At x={424} y={30} n={5} />
      <At x={250} y={56} n={6} />
    </svg>
  )
}
