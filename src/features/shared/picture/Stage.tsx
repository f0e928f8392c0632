'use client'

import { useEffect, useRef, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react'
import styled from 'styled-components'
import { type PictureView } from './jobs'
import { mustHave } from '@/core/lists/items'

/** A place in the picture, pixels of the picture. */
export interface Spot {
  x: number
  y: number
}

const Box = styled.div<{ $pointed: boolean }>`
  position: relative;
  line-height: 0;
  background: var(--paper-deep);
  ${({ $pointed }) => $pointed && 'cursor: crosshair;'}
  canvas {
    width: 100%;
    height: auto;
    display: block;
  }
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    overflow: hidden;
  }
  &:focus-visible {
    outline: 3px solid var(--madder);
    outline-offset: 2px;
  }
`

const Grip = styled.g`
  cursor: grab;
  touch-action: none;
`

/** Steps of the arrow keys, shares of the shown width; with Shift ten times as far. */
const STEP = 1 / 800

/** A picture, or a part of it, with what is drawn over it in the picture's own pixels. */
export function PictureStage({
  view,
  label,
  onSpot,
  children,
}: {
  view: PictureView
  label: string
  onSpot?: (spot: Spot) => void
  children?: ReactNode
}) {
  const canvas = useRef<HTMLCanvasElement>(null)
  useEffect(() => {
    const { bitmap } = view
    if (!canvas.current) return
    canvas.current.width = bitmap.width
    canvas.current.height = bitmap.height
    canvas.current.getContext('2d')?.drawImage(bitmap, 0, 0)
  }, [view])
  const point = (event: PointerEvent<HTMLDivElement>) => {
    if (!onSpot || event.button !== 0) return
    const box = event.currentTarget.getBoundingClientRect()
    onSpot({
      x: view.left + ((event.clientX - box.left) / box.width) * view.width,
      y: view.top + ((event.clientY - box.top) / box.height) * view.height,
    })
  }
  return (
    <Box $pointed={onSpot !== undefined} onPointerDown={point}>
      <canvas ref={canvas} role="img" aria-label={label} />
      <svg
        viewBox={`${view.left} ${view.top} ${view.width} ${view.height}`}
        preserveAspectRatio="none"
        aria-hidden={children ? undefined : true}
      >
        {children}
      </svg>
    </Box>
  )
}

/** The place in what is shown that is nearest to a spot. */
export function withinStage({ left, top, width, height }: PictureView, { x, y }: Spot): Spot {
  return { x: Math.max(left, Math.min(left + width, x)), y: Math.max(top, Math.min(top + height, y)) }
}

/** One mark that can be dragged, or moved with the arrow keys. Drawn to the size of the view. */
export function Mark({
  at,
  view,
  name,
  onMove,
  onDrop,
  isSmall = false,
}: {
  at: Spot
  view: PictureView
  name: string
  onMove: (spot: Spot) => void
  /** Where the Delete key takes it away. */
  onDrop?: () => void
  isSmall?: boolean
}) {
  const size = view.width / (isSmall ? 90 : 40)
  const drag = (event: PointerEvent<SVGGElement>) => {
    event.stopPropagation()
    const svg = mustHave(event.currentTarget.ownerSVGElement)
    event.currentTarget.setPointerCapture(event.pointerId)
    if (event.type === 'pointermove' && event.buttons === 0) return
    const matrix = svg.getScreenCTM()
    if (!matrix) return
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
    onMove(withinStage(view, { x, y }))
  }
  const keys = (event: KeyboardEvent<SVGGElement>) => {
    const by = view.width * STEP * (event.shiftKey ? 10 : 1)
    const steps: Record<string, [number, number]> = {
      ArrowLeft: [-by, 0],
      ArrowRight: [by, 0],
      ArrowUp: [0, -by],
      ArrowDown: [0, by],
    }
    if (onDrop && (event.key === 'Delete' || event.key === 'Backspace')) {
      event.preventDefault()
      onDrop()
    }
    const step = steps[event.key]
    if (!step) return
    event.preventDefault()
    onMove(withinStage(view, { x: at.x + step[0], y: at.y + step[1] }))
  }
  return (
    <Grip
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuenow={Math.round(at.x)}
      aria-valuetext={`${Math.round(at.x)} across, ${Math.round(at.y)} down`}
      transform={`translate(${at.x} ${at.y})`}
      onPointerDown={drag}
      onPointerMove={drag}
      onKeyDown={keys}
    >
      <circle r={size} fill="#fff" fillOpacity=".25" stroke="#000" strokeWidth={size / 6} />
      <circle r={size} fill="none" stroke="#ffd23f" strokeWidth={size / 10} />
      <path
        d={`M${-size * 1.5} 0H${size * 1.5}M0 ${-size * 1.5}V${size * 1.5}`}
        stroke="#000"
        strokeWidth={size / 8}
      />
      <path
        d={`M${-size * 1.5} 0H${size * 1.5}M0 ${-size * 1.5}V${size * 1.5}`}
        stroke="#ffd23f"
        strokeWidth={size / 18}
      />
    </Grip>
  )
}
