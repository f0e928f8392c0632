'use client'

import styled from 'styled-components'
import { tileSize } from './tileSize'
import { tileUrl, type TileSpec } from './tileUrl'

interface Laid {
  $tile: TileSpec
  $scale: number
  $height: string
}

// What differs from swatch to swatch is said in place, or each would make a style sheet rule of its own.
const Pinked = styled.div.attrs<Laid>(({ $tile, $scale, $height }) => ({
  style: {
    height: $height,
    backgroundImage: `url("${tileUrl($tile)}")`,
    backgroundSize: `${tileSize($tile).width * $scale}px auto`,
  },
}))<Laid & { $teeth: boolean }>`
  background-repeat: repeat;
  background-color: var(--paper-deep);
  ${({ $teeth }) =>
    $teeth &&
    `
    --tooth: 12px;
    mask:
      conic-gradient(from 135deg at top, #0000, #000 1deg 89deg, #0000 90deg) top / var(--tooth) 51% repeat-x,
      conic-gradient(from -45deg at bottom, #0000, #000 1deg 89deg, #0000 90deg) bottom / var(--tooth) 51% repeat-x;
  `}
`

/** A swatch of drawn cloth, its ends pinked. `scale` enlarges the yarns. */
export function ClothSwatch({
  tile,
  label,
  height = '14rem',
  scale = 1,
  teeth = true,
}: {
  tile: TileSpec
  label: string
  height?: string
  scale?: number
  teeth?: boolean
}) {
  return <Pinked role="img" aria-label={label} $teeth={teeth} $tile={tile} $scale={scale} $height={height} />
}
