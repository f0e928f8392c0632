'use client'

import { useId } from 'react'
import { type Body } from '@/core/vocabulary/cloth'
import { tileSize } from './tileSize'
import { tileUrl, type TileSpec } from './tileUrl'
import { Drawing } from '../kit/Drawing'

/** How a body makes cloth fall: folds across, how deep they are, how far it stands out at the foot. */
const FALL: Record<Body, { folds: number; depth: number; flare: number }> = {
  fluid: { folds: 8, depth: 13, flare: 4 },
  soft: { folds: 6, depth: 11, flare: 16 },
  moderate: { folds: 4, depth: 10, flare: 30 },
  crisp: { folds: 3, depth: 9, flare: 48 },
  stiff: { folds: 1, depth: 3, flare: 64 },
}

/** Yarns of a cloth held up, against those of a swatch in the hand. */
const HELD_SCALE = 0.4

const [TOP, FOOT, HALF] = [52, 300, 62]

/** A cloth falling from a hanger as its body makes it fall. */
export function HeldUp({ tile, body, label }: { tile: TileSpec; body: Body; label: string }) {
  const id = useId()
  const { width, height } = tileSize(tile)
  const { folds, depth, flare } = FALL[body]
  const half = HALF + flare
  // Creases never take more than half of a fold, or many soft folds would run into one shadow.
  const crease = Math.min(depth, (half / folds) * 0.8)
  const waves = Array.from({ length: folds * 2 }, (_, i) => {
    const from = 150 + half - (i * half) / folds
    const to = 150 + half - ((i + 1) * half) / folds
    return `Q${(from + to) / 2} ${FOOT + (i % 2 === 0 ? depth : -depth)} ${to} ${FOOT}`
  }).join('')
  const outline =
    `M${150 - HALF} ${TOP + 14}Q150 ${TOP - 16} ${150 + HALF} ${TOP + 14}C${150 + HALF + 4} ` +
    `140 ${150 + half} 220 ${150 + half} ${FOOT}${waves}` +
    `C${150 - half} 220 ${150 - HALF - 4} 140 ${150 - HALF} ${TOP + 14}z`
  const creases = Array.from({ length: folds }, (_, i) => {
    const t = (i + 0.5) / folds - 0.5
    const [top, foot] = [150 + t * HALF * 1.5, 150 + t * half * 2]
    return `M${top} ${TOP + 26}C${top} 150 ${foot} 200 ${foot} ${FOOT - 4}`
  }).join('')
  return (
    <Drawing viewBox="0 0 300 330" role="img" aria-label={label} $high="24rem">
      <defs>
        <pattern
          id={`${id}-cloth`}
          width={width * HELD_SCALE}
          height={height * HELD_SCALE}
          patternUnits="userSpaceOnUse"
        >
          <image href={tileUrl(tile)} width={width * HELD_SCALE} height={height * HELD_SCALE} />
        </pattern>
        <filter id={`${id}-soft`} x="-20%" width="140%">
          <feGaussianBlur stdDeviation={crease / 4} />
        </filter>
      </defs>
      <path
        d="M150 30c0-10 10-8 10-17s-16-10-18 0M150 30l78 36M150 30L72 66"
        fill="none"
        stroke="var(--walnut)"
        strokeWidth="5"
        strokeLinecap="round"
      />
      <path d={outline} fill={`url(#${id}-cloth)`} stroke="var(--ink)" strokeOpacity=".5" />
      <path
        d={creases}
        filter={`url(#${id}-soft)`}
        fill="none"
        stroke="#000"
        strokeOpacity=".32"
        strokeWidth={crease}
        strokeLinecap="round"
      />
      <path
        d={creases}
        filter={`url(#${id}-soft)`}
        transform={`translate(${-crease} 0)`}
        fill="none"
        stroke="#fff"
        strokeOpacity=".3"
        strokeWidth={crease * 0.6}
        strokeLinecap="round"
      />
    </Drawing>
  )
}
