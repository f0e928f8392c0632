/** A paper slip pinned to the cloth. */
export interface Pin {
  label: string
  /** Where along the fall, 0 at the top to 1 at the foot. */
  at: number
  bad: boolean
}

/** Slips pinned where something is wrong, to the left and right by turns. */
export function Pins({ pins, top, foot }: { pins: readonly Pin[]; top: number; foot: number }) {
  return pins.slice(0, 4).map(({ label, at, bad }, index) => {
    const y = top + 10 + at * Math.max(60, foot - top - 60) + index * 4
    const x = index % 2 === 0 ? 178 : 8
    return (
      <g key={label} transform={`translate(${x} ${y}) rotate(${index % 2 === 0 ? 3 : -3})`}>
        <rect width="114" height="28" fill="#fbf8ee" stroke="#2a2119" strokeOpacity=".35" />
        <rect width="5" height="28" fill={bad ? '#9c3524' : '#c8a02c'} />
        <text x="12" y="19" fontSize="13" fontWeight="700" fill="#2a2119">
          {label}
        </text>
        <circle cx="106" cy="5" r="4" fill={bad ? '#9c3524' : '#c8a02c'} stroke="#fff" />
      </g>
    )
  })
}
