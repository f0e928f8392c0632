'use client'

import { type Piece } from '@/core/notebook/kinds/piece'
import { clothOf } from '@/core/stash/amount'
import { pricePerSquareMetre } from '@/core/stash/price'
import { Soft } from '@/ui/kit/surfaces'

/** What a square metre cost: a narrow bargain and a broad cloth compare fairly. */
export default function PerSquareMetre({ piece, price }: { piece: Piece; price: NonNullable<Piece['price']> }) {
  const area = clothOf(piece)?.all ?? null
  const perM2 = pricePerSquareMetre(price, { widthMm: piece.widthMm, area, kg: null })
  return (
    <Soft>
      {perM2 === null
        ? 'With its width, the price of a square metre can be told: a narrow bargain and a broad cloth compare fairly.'
        : `${price.currency}${perM2.toFixed(2)} a square metre.`}
    </Soft>
  )
}
