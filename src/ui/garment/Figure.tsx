'use client'

import { useId } from 'react'
import { type Detail, type Garment } from '@/core/vocabulary/choosing'
import { type Body } from '@/core/vocabulary/cloth'
import { Drawing } from '../kit/Drawing'
import { tileSize } from '../cloth/tileSize'
import { tileUrl, type TileSpec } from '../cloth/tileUrl'
import { type Pin } from './Pins'
import { Pins } from './Pins'
import { detailDrawings } from './details'
import { garmentPaths } from './outline'
import { garmentShapes } from './shapes'

/** Yarns of a cloth on a figure, against those of a swatch in the hand. */
const SCALE = 0.34

interface Props {
  garment: Garment | null
  details: readonly Detail[]
  tile: TileSpec
  body: Body
  /** Light comes through it. */
  sheer: boolean
  pins: readonly Pin[]
  label: string
}

/** A cloth on a simple figure of a thing, as its body makes it fall, with light behind it where it is sheer. */
export function Figure({ garment, details, tile, body, sheer, pins, label }: Props) {
  const id = useId()
  const { width, height } = tileSize(tile)
  const shape = garmentShapes[garment ?? 'toile']
  const paths = garmentPaths(shape, body)
  return (
    <Drawing viewBox="0 0 300 410" role="img" aria-label={label} $high="24rem">
      <defs>
        <pattern id={`${id}-cloth`} width={width * SCALE} height={height * SCALE} patternUnits="userSpaceOnUse">
          <image href={tileUrl(tile)} width={width * SCALE} height={height * SCALE} />
        </pattern>
        <radialGradient id={`${id}-light`}>
          <stop offset="0" stopColor="#fff3c4" />
          <stop offset="1" stopColor="#fff3c4" stopOpacity="0" />
        </radialGradient>
        <filter id={`${id}-soft`} x="-20%" width="140%">
          <feGaussianBlur stdDeviation="2" />
        </filter>
      </defs>
      {sheer ? <circle cx="150" cy="220" r="150" fill={`url(#${id}-light)`} /> : null}
      {shape.kind === 'worn' ? <Stand /> : null}
      <g fill={`url(#${id}-cloth)`} stroke="var(--ink)" strokeOpacity=".6" strokeWidth="1.5" strokeLinejoin="round">
        {paths.cloth.map((d) => (
          <path key={d} d={d} fillOpacity={sheer ? 0.62 : 1} />
        ))}
      </g>
      <g filter={`url(#${id}-soft)`} fill="none" strokeLinecap="round">
        {paths.folds.map((d) => (
          <path key={d} d={d} stroke="#000" strokeOpacity=".28" strokeWidth="5" />
        ))}
      </g>
      <g fill="none" stroke="var(--ink)" strokeWidth="1.6" strokeOpacity=".75">
        {paths.seams.map((d) => (
          <path key={d} d={d} />
        ))}
      </g>
      <g
        fill={`url(#${id}-cloth)`}
        stroke="var(--ink)"
        strokeWidth="1.5"
        strokeLinecap="round"
        strokeLinejoin="round"
      >
        {details.map((detail) => {
          const drawn = detailDrawings[detail]
          return drawn ? <g key={detail}>{drawn(paths)}</g> : null
        })}
      </g>
      <Pins pins={pins} top={paths.top} foot={paths.foot} />
    </Drawing>
  )
}

/** A dress stand: neck, trunk and foot. */
function Stand() {
  return (
    <g fill="var(--paper-deep)" stroke="var(--ink)" strokeOpacity=".35">
      <path d="M141 44h18v22l24 8 6 60-12 52 12 46h-78l12-46-12-52 6-60 24-8z" />
      <path d="M147 232h6v150h-6zM110 384h80v6h-80z" />
      <circle cx="150" cy="38" r="9" />
    </g>
  )
}
