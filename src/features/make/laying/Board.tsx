'use client'

import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import styled from 'styled-components'
import { boxOf, type Outline } from '@/core/shapes/polygon'
import { type Placement } from '@/core/lay/types'
import { tileSize } from '@/ui/cloth/tileSize'
import { tileUrl, type TileSpec } from '@/ui/cloth/tileUrl'
import { placementKeyOf } from './boardGeometry'
import { mustHave } from '@/core/lists/items'

const Cloth = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  touch-action: pan-x pan-y;
  .piece {
    cursor: grab;
    outline: none;
    touch-action: none;
  }
  .piece path {
    fill: color-mix(in srgb, var(--paper) 82%, transparent);
    stroke: var(--ink);
    stroke-width: 1.5;
    vector-effect: non-scaling-stroke;
  }
  .piece[data-held='true'] path {
    stroke-dasharray: 6 3;
  }
  .piece[data-wrong='true'] path {
    fill: color-mix(in srgb, var(--madder) 30%, var(--paper));
    stroke: var(--madder);
    stroke-width: 2.5;
  }
  .piece[data-chosen='true'] path,
  .piece:focus-visible path {
    stroke: var(--indigo);
    stroke-width: 4;
  }
  text {
    fill: var(--ink);
    pointer-events: none;
    text-anchor: middle;
    dominant-baseline: middle;
  }
  .edge {
    stroke: var(--ink-soft);
    stroke-dasharray: 4 4;
    vector-effect: non-scaling-stroke;
  }
  .band {
    fill: color-mix(in srgb, var(--madder) 26%, transparent);
    stroke: var(--madder);
    stroke-dasharray: 1 5;
    stroke-width: 3;
    stroke-linecap: round;
    vector-effect: non-scaling-stroke;
    pointer-events: none;
  }
  .arrow {
    stroke: var(--ink-soft);
    stroke-width: 1.5;
    vector-effect: non-scaling-stroke;
    fill: none;
    pointer-events: none;
  }
`

/** The board fills the page; what is looked at closer is moved in it. */
const Window = styled.div`
  overflow: auto;
  max-height: min(44rem, 82vh);
  border: 1px solid var(--line);
  border-radius: 4px;
  background: var(--paper);
`

/** A stretch of cloth on the board. mm */
export interface Stretch {
  id: string | null
  tile: TileSpec | null
  outline: Outline
  holes: readonly Outline[]
  /** Along which a border is printed. */
  bands: readonly Outline[]
  /** Where it is drawn on the board, along and across. */
  along: number
  across: number
}

interface Props {
  label: string
  stretches: readonly Stretch[]
  placements: readonly Placement[]
  names: ReadonlyMap<string, string>
  grain: (placement: Placement) => number
  chosen: string | null
  held: ReadonlySet<string>
  wrong: ReadonlySet<string>
  /** 1: all of it is seen. */
  zoom: number
  onChoose: (key: string | null) => void
  /** By mm across and along; loose where it was moved by key. */
  onMove: (key: string, by: readonly [number, number], isLoose: boolean) => void
  onKey: (key: string, pressed: string) => boolean
}

/** One key moves a piece so far, mm; with Shift so far. */
const STEP = 10
const FINE = 1
/** Threads are drawn so much larger than they are, or nobody would see them from here. */
const YARNS = 1.6

/**
 * The cloth with the pieces on it: its length runs from left to right. A piece is dragged, or moved with the arrow
 * keys; the page decides what comes of it.
 */
export function Board(props: Props) {
  const { label, stretches, placements, zoom, onChoose } = props
  const svg = useRef<SVGSVGElement>(null)
  const reach = boardBoundsOf(stretches)
  const margin = Math.max(reach.along, reach.across) * 0.015
  const [wide, high] = [reach.along + 2 * margin, reach.across + 2 * margin]
  return (
    <Window>
      <Cloth
        ref={svg}
        role="group"
        aria-label={label}
        viewBox={`${-margin} ${-margin} ${wide} ${high}`}
        style={{
          width: `${zoom * 100}%`,
          // As a whole it is no higher than the window that it is seen through.
          maxHeight: `calc(min(43rem, 80vh) * ${zoom})`,
          aspectRatio: `${wide} / ${high}`,
        }}
        onPointerDown={(event) => {
          if (event.target === svg.current) onChoose(null)
        }}
      >
        <defs>{stretches.map(({ tile }, i) => (tile ? <Weave key={i} id={`weave-${i}`} tile={tile} /> : null))}</defs>
        {stretches.map((stretch, i) => (
          <g key={i} transform={`translate(${stretch.along} ${stretch.across})`}>
            {/* Along the cloth is across the page. */}
            <g transform="matrix(0 1 1 0 0 0)">
              <path
                className="edge"
                d={pathOf([stretch.outline, ...stretch.holes])}
                fillRule="evenodd"
                fill={stretch.tile ? `url(#weave-${i})` : 'var(--paper-deep)'}
              />
              {stretch.bands.length > 0 ? <path className="band" d={pathOf(stretch.bands)} /> : null}
              {placements
                .filter(({ panel }) => panel === stretch.id)
                .map((placement) => (
                  <PieceOnCloth key={placementKeyOf(placement)} placement={placement} board={props} size={reach} />
                ))}
            </g>
          </g>
        ))}
      </Cloth>
    </Window>
  )
}

export function boardBoundsOf(stretches: readonly Stretch[]): { along: number; across: number } {
  const far = stretches.map(({ outline, along, across }) => {
    const { maxX, maxY } = boxOf(outline)
    return [along + maxY, across + maxX] as const
  })
  return { along: Math.max(1, ...far.map(([x]) => x)), across: Math.max(1, ...far.map(([, y]) => y)) }
}

const pathOf = (outlines: readonly Outline[]) =>
  outlines.map((outline) => `M${outline.map(([x, y]) => `${x} ${y}`).join('L')}Z`).join('')

function Weave({ id, tile }: { id: string; tile: TileSpec }) {
  const { width, height } = tileSize(tile)
  const [w, h] = [width * YARNS, height * YARNS]
  return (
    <pattern id={id} width={w} height={h} patternUnits="userSpaceOnUse">
      <image href={tileUrl(tile)} width={w} height={h} />
    </pattern>
  )
}

/** mm a pixel: the cloth is drawn as large as the narrower way allows. */
function scaleOf(target: Element, size: { along: number; across: number }): number {
  const { width, height } = mustHave(target.closest('svg')).getBoundingClientRect()
  return Math.max(size.along / width, size.across / height)
}

interface PieceProps {
  placement: Placement
  board: Props
  size: { along: number; across: number }
}

function PieceOnCloth({ placement, board, size }: PieceProps) {
  const { names, grain, chosen, held, wrong, onChoose, onMove, onKey } = board
  const [drag, setDrag] = useState<{ fromX: number; fromY: number; dx: number; dy: number } | null>(null)
  const key = placementKeyOf(placement)
  const name = names.get(placement.id) ?? placement.id
  const { minX, minY, maxX, maxY } = boxOf(placement.polygon)
  const [middleX, middleY] = [(minX + maxX) / 2, (minY + maxY) / 2]
  const letters = Math.min((maxY - minY) / Math.max(4, name.length * 0.62), (maxX - minX) * 0.4, size.across / 24)
  const angle = grain(placement)
  const arrow = Math.min(maxX - minX, maxY - minY) * 0.36
  // Beside the name: below it where it runs as the name does, clear of its end where it crosses it.
  const [along, across] = [Math.sin, Math.cos].map((of) => Math.abs(of((angle * Math.PI) / 180)))
  const off = -letters * (mustHave(along) + mustHave(across) * (name.length * 0.31 + 0.6))
  const begin = (event: PointerEvent<SVGGElement>) => {
    onChoose(key)
    event.currentTarget.setPointerCapture(event.pointerId)
    setDrag({ fromX: event.clientX, fromY: event.clientY, dx: 0, dy: 0 })
  }
  const go = (event: PointerEvent<SVGGElement>) => {
    if (!drag) return
    const scale = scaleOf(event.currentTarget, size)
    setDrag({ ...drag, dx: (event.clientY - drag.fromY) * scale, dy: (event.clientX - drag.fromX) * scale })
  }
  const end = () => {
    if (drag && Math.hypot(drag.dx, drag.dy) > 1) onMove(key, [drag.dx, drag.dy], false)
    setDrag(null)
  }
  const press = (event: KeyboardEvent<SVGGElement>) => {
    const step = event.shiftKey ? FINE : STEP
    const ways: Record<string, readonly [number, number]> = {
      ArrowRight: [0, step],
      ArrowLeft: [0, -step],
      ArrowDown: [step, 0],
      ArrowUp: [-step, 0],
    }
    const way = ways[event.key]
    if (way) onMove(key, way, true)
    if (way || onKey(key, event.key)) event.preventDefault()
  }
  const parts = [
    name,
    placement.copies.length > 1 ? 'through both layers' : `copy ${placement.copies[0]}`,
    held.has(key) ? 'held' : '',
    wrong.has(key) ? 'in a wrong place' : '',
  ]
  return (
    <g
      className="piece"
      role="button"
      tabIndex={0}
      aria-label={parts.filter(Boolean).join(', ')}
      aria-pressed={chosen === key}
      data-chosen={chosen === key}
      data-held={held.has(key)}
      data-wrong={wrong.has(key)}
      transform={drag ? `translate(${drag.dx} ${drag.dy})` : undefined}
      onFocus={() => onChoose(key)}
      onPointerDown={begin}
      onPointerMove={go}
      onPointerUp={end}
      onPointerCancel={() => setDrag(null)}
      onKeyDown={press}
    >
      <path d={pathOf([placement.polygon])} />
      <g transform={`translate(${middleX} ${middleY})`}>
        <path
          className="arrow"
          transform={`rotate(${angle})`}
          d={`M${-arrow} ${off}H${arrow}M${arrow * 0.8} ${off - arrow * 0.12}L${arrow} ${off}L${arrow * 0.8} ${
            off + arrow * 0.12
          }`}
        />
        <text transform="matrix(0 1 1 0 0 0)" fontSize={letters}>
          {name}
        </text>
      </g>
    </g>
  )
}
