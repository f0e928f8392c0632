'use client'

import styled from 'styled-components'
import { boxOf, type Outline, type Point } from '@/core/shapes/polygon'

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
  holes?: readonly Outline[]
}

/** A piece of a pattern as it is drawn: its cut line, its fold dashed, the grain with an arrow at each end. */
export function PieceDrawing({ label, outline, warpDeg, onFold, notches = [], holes = [] }: Props) {
  const { minX, minY, maxX, maxY } = boxOf(outline)
  const size = Math.max(maxX - minX, maxY - minY)
  const margin = size * 0.04
  const path = [outline, ...holes].map((points) => `M${points.map(([x, y]) => `${x} ${y}`).join('L')}Z`).join('')
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
        <path className="cut" d={path} fillRule="evenodd" />
        {onFold ? <line className="fold" x1={0} x2={0} y1={Math.min(...onEdge)} y2={Math.max(...onEdge)} /> : null}
        <g transform={`translate(${middleX} ${middleY}) rotate(${warpDeg})`}>
          <path
            className="grain"
            d={`M${-reach} 0H${reach}M${reach * 0.8} ${reach * 0.12}L${reach} 0L${reach * 0.8} ${-reach * 0.12}M${
              -reach * 0.8
            } ${reach * 0.12}L${-reach} 0L${-reach * 0.8} ${-reach * 0.12}`}
          />
        </g>
        {notches.map(({ at: [x, y] }, i) => (
          <circle key={i} className="notch" cx={x} cy={y} r={size * 0.012} />
        ))}
      </g>
    </Paper>
  )
}
