'use client'

import styled from 'styled-components'
import { boxOf, type Outline, type Point } from '@/core/shapes/polygon'
import { itemAt } from '@/core/lists/items'

const Paper = styled.svg`
  display: block;
  width: 100%;
  height: 11rem;
  .cut {
    fill: var(--paper-deep);
    stroke: var(--ink);
    stroke-width: 1.5;
    vector-effect: non-scaling-stroke;
  }
  .fold {
    stroke: var(--indigo);
    stroke-width: 3;
    stroke-dasharray: 7 4;
    vector-effect: non-scaling-stroke;
  }
  .grain {
    stroke: var(--ink-soft);
    stroke-width: 1.5;
    vector-effect: non-scaling-stroke;
    fill: none;
  }
  .pale {
    fill: color-mix(in srgb, var(--weld) 30%, transparent);
    stroke: var(--weld);
    stroke-width: 1;
    stroke-dasharray: 4 3;
    vector-effect: non-scaling-stroke;
  }
  .mark {
    stroke: var(--madder);
    stroke-width: 1.5;
    stroke-dasharray: 4 3;
    vector-effect: non-scaling-stroke;
    fill: none;
  }
  .notch {
    fill: var(--ink);
  }
`

interface Props {
  label: string
  outline: Outline
  warpDeg: number
  onFold: boolean
  notches?: readonly { at: Point }[]
  /** Darts, lines and drill holes. */
  marks?: readonly { points: Outline }[]
  holes?: readonly Outline[]
  /** Good cloth of another colour. */
  faded?: readonly Outline[]
}

/** A piece of a pattern as it is drawn: its cut line, its fold dashed, the grain with an arrow at each end. */
export function PieceDrawing({
  label,
  outline,
  warpDeg,
  onFold,
  notches = [],
  marks = [],
  holes = [],
  faded = [],
}: Props) {
  const { minX, minY, maxX, maxY } = boxOf(outline)
  const size = Math.max(maxX - minX, maxY - minY)
  const margin = size * 0.04
  const around = (all: readonly Outline[]) =>
    all.map((points) => `M${points.map(([x, y]) => `${x} ${y}`).join('L')}Z`).join('')
  const onEdge = outline.filter(([x]) => Math.abs(x) <= 0.5).map(([, y]) => y)
  const [middleX, middleY] = [(minX + maxX) / 2, (minY + maxY) / 2]
  const reach = Math.min(maxX - minX, maxY - minY) * 0.3 + (maxY - minY) * 0.1
  // Up on the cloth is up on the page.
  return (
    <Paper
      role="img"
      aria-label={label}
      viewBox={`${minX - margin} ${-maxY - margin} ${maxX - minX + 2 * margin} ${maxY - minY + 2 * margin}`}
    >
      <g transform="scale(1 -1)">
        <path className="cut" d={around([outline, ...holes])} fillRule="evenodd" />
        {faded.length > 0 ? <path className="pale" d={around(faded)} /> : null}
        {onFold ? <line className="fold" x1={0} x2={0} y1={Math.min(...onEdge)} y2={Math.max(...onEdge)} /> : null}
        <g transform={`translate(${middleX} ${middleY}) rotate(${warpDeg})`}>
          <path
            className="grain"
            d={`M${-reach} 0H${reach}M${reach * 0.8} ${reach * 0.12}L${reach} 0L${reach * 0.8} ${-reach * 0.12}M${
              -reach * 0.8
            } ${reach * 0.12}L${-reach} 0L${-reach * 0.8} ${-reach * 0.12}`}
          />
        </g>
        {marks.map(({ points }, i) =>
          points.length === 1 ? (
            <path key={i} className="mark" d={crossAt(itemAt(points, 0), size * 0.02)} />
          ) : (
            <path key={i} className="mark" d={`M${points.map(([x, y]) => `${x} ${y}`).join('L')}`} />
          ),
        )}
        {notches.map(({ at: [x, y] }, i) => (
          <circle key={i} className="notch" cx={x} cy={y} r={size * 0.012} />
        ))}
      </g>
    </Paper>
  )
}

const crossAt = ([x, y]: Point, reach: number) => `M${x - reach} ${y}H${x + reach}M${x} ${y - reach}V${y + reach}`
