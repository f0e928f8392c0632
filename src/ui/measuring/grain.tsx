import { type DrawnYarn } from '../tabletop/drawnYarn'
import { line } from '../tabletop/parts'
import { Drawing } from '../kit/Drawing'
import { Say } from '@/ui/text/Say'

interface Props {
  skewPercent: number
  bowPercent: number
  pull: 'near-left-and-far-right' | 'far-left-and-near-right' | null
  yarn: DrawnYarn
  label: string
}

/**
 * The piece from above, its crosswise threads leaning and bowing as measured (drawn larger than they are), the
 * corners to pull marked.
 */
export function GrainDrawing({ skewPercent, bowPercent, pull, yarn, label }: Props) {
  // Twice as far as it is, so that two per cent can be seen; never over the edge.
  const lean = Math.max(-44, Math.min(44, skewPercent * 4))
  const bow = Math.max(-30, Math.min(30, bowPercent * 4))
  const thread = (y: number) => `M40 ${y}Q150 ${y - lean / 2 - bow * 2} 260 ${y - lean}`
  const corners: readonly (readonly [number, number, number, number])[] =
    pull === 'far-left-and-near-right'
      ? [
          [40, 50, -1, -1],
          [260, 190 - lean, 1, 1],
        ]
      : [
          [40, 190, -1, 1],
          [260, 50 - lean, 1, -1],
        ]
  return (
    <Drawing viewBox="0 0 300 240" role="img" aria-label={label} $high="18rem">
      <path
        d={`M40 50V190${thread(190).replace('M40 190', '')}V${50 - lean}Q150 ${50 - lean / 2 - bow * 2} 40 50z`}
        fill={yarn.fill}
        stroke={yarn.edge}
        strokeWidth="2"
      />
      <path
        d={Array.from({ length: 6 }, (_, i) => thread(70 + i * 20)).join('')}
        fill="none"
        stroke={yarn.edge}
        strokeWidth="1.6"
      />
      <path d="M40 206V50M40 190H268" {...line} stroke="var(--madder)" strokeWidth="2" strokeDasharray="5 4" />
      <path d="M40 178h12v12" {...line} stroke="var(--madder)" strokeWidth="2" />
      <text x="34" y="226" fontSize="13" fill="var(--ink)">
        <Say>selvedge · place the square here</Say>
      </text>
      {pull
        ? corners.map(([x, y, dx, dy]) => (
            <g key={`${x} ${y}`} {...line} stroke="var(--indigo)" strokeWidth="4">
              <path
                d={
                  `M${x + dx * 2} ${y + dy * 2}l${dx * 20} ${dy * 16}m${-dx * 11} ` +
                  `${dy}l${dx * 11} ${-dy}l${-dx * 2} ${-dy * 10}`
                }
              />
            </g>
          ))
        : null}
    </Drawing>
  )
}
