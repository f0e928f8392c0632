'use client'

import styled from 'styled-components'
import { areaOf, boxOf, type Outline } from '@/core/shapes/polygon'
import { type PieceData } from '../types'
import { layClothOf } from './clothOf'
import { ClothSvg, placedStyle } from './ClothSvg'

const Small = styled.figure`
  margin: 0;
  svg {
    max-height: 16rem;
  }
`

/** An opened garment, an offcut or a stained length as it lies, its warp upright. */
export function ShapeDrawing({ piece }: Pick<PieceData, 'piece'>) {
  const cloth = layClothOf(piece)
  if (!cloth) return null
  const areas = (outlines: readonly Outline[]) => outlines.reduce((sum, outline) => sum + areaOf(outline), 0)
  const good = (areas([cloth.points]) - areas(cloth.holes) - areas(piece.flaws)) / 1e6
  const box = boxOf(cloth.points)
  return (
    <Small>
      <ClothSvg box={box} label={`Outline of ${piece.name}`}>
        <path className="cloth" d={placedStyle([cloth.points, ...cloth.holes])} fillRule="evenodd" />
        {piece.flaws.map((flaw, i) => (
          <path key={i} className="flaw" d={placedStyle([flaw])} />
        ))}
      </ClothSvg>
      <figcaption>
        {good.toFixed(2)} m²{piece.flaws.length > 0 ? ' without its stains' : ' as it is'}, warp upright
      </figcaption>
    </Small>
  )
}
