'use client'

import { type PointerEvent, type ReactNode } from 'react'
import styled from 'styled-components'
import { type Box, type Outline } from '@/core/shapes/polygon'
import { mustHave } from '@/core/lists/items'

const Drawing = styled.svg`
  display: block;
  width: 100%;
  .cloth {
    fill: var(--paper-deep);
    stroke: var(--ink);
    stroke-width: 1.5;
    vector-effect: non-scaling-stroke;
  }
  .flaw {
    fill: color-mix(in srgb, var(--madder) 45%, transparent);
    stroke: var(--madder);
    stroke-width: 1.5;
    vector-effect: non-scaling-stroke;
  }
  .pale {
    fill: color-mix(in srgb, var(--weld) 30%, transparent);
    stroke: var(--weld);
    stroke-width: 1.5;
    stroke-dasharray: 4 3;
    vector-effect: non-scaling-stroke;
  }
  &.drawn-on {
    cursor: crosshair;
    touch-action: none;
    max-height: 26rem;
  }
`

interface Props {
  box: Box
  label: string
  /** A drag across the cloth, from where to where, mm; where it is drawn on. */
  onDrag?: (from: readonly [number, number], to: readonly [number, number], isDone: boolean) => void
  children: ReactNode
}

/** Cloth as it lies, mm, its warp upright: up on the cloth is up on the page. */
export function ClothSvg({ box: { minX, minY, maxX, maxY }, label, onDrag, children }: Props) {
  const margin = Math.max(maxX - minX, maxY - minY) * 0.02
  const drag = (event: PointerEvent<SVGSVGElement>) => {
    if (!onDrag || (event.type === 'pointermove' && event.buttons === 0)) return
    const svg = event.currentTarget
    const matrix = svg.getScreenCTM()
    if (!matrix) return
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
    if (event.type === 'pointerdown') {
      svg.setPointerCapture(event.pointerId)
      svg.dataset.from = `${x} ${-y}`
    }
    const [fromX, fromY] = (svg.dataset.from ?? `${x} ${-y}`).split(' ').map(Number)
    onDrag([mustHave(fromX), mustHave(fromY)], [x, -y], event.type === 'pointerup')
  }
  return (
    <Drawing
      role="img"
      aria-label={label}
      className={onDrag ? 'drawn-on' : undefined}
      viewBox={`${minX - margin} ${-maxY - margin} ${maxX - minX + 2 * margin} ${maxY - minY + 2 * margin}`}
      onPointerDown={drag}
      onPointerMove={drag}
      onPointerUp={drag}
    >
      <g transform="scale(1 -1)">{children}</g>
    </Drawing>
  )
}

/** Outlines as one path. */
export const placedStyle = (outlines: readonly Outline[]) =>
  outlines.map((points) => `M${points.map(([x, y]) => `${x} ${y}`).join('L')}Z`).join('')
