'use client'

import { type Piece } from '@/core/notebook/kinds/piece'
import { clothAmountOf } from '@/core/pieces/amount'
import { pricePerSquareMetre } from '@/core/pieces/price'
import { AREA_WORDS, formatAreaPrice } from '@/core/units/format'
import { usePreferences } from '@/features/shared/settings/PreferencesContext'
import { Soft } from '@/ui/kit/surfaces'

/** What a square metre or yard cost: a narrow bargain and a broad cloth compare fairly. */
export default function PerSquareMetre({ piece, price }: { piece: Piece; price: NonNullable<Piece['price']> }) {
  const { units } = usePreferences()
  const area = clothAmountOf(piece)?.all ?? null
  const perM2 = pricePerSquareMetre(price, { widthMm: piece.widthMm, area, kg: null })
  return (
    <Soft>
      {perM2 === null
        ? `Enter its width to see the price of ${AREA_WORDS[units]}: then you can compare narrow and ` +
          'wide fabrics.'
        : `${formatAreaPrice(perM2, price.currency, units)}.`}
    </Soft>
  )
}
