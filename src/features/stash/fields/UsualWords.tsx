'use client'

import { type Piece } from '@/core/notebook/kinds/piece'
import { clothAmountOf } from '@/core/pieces/amount'
import { USUAL_THINGS } from '@/core/pieces/things'
import { formatWidth } from '@/core/units/format'
import { Soft } from '@/ui/kit/surfaces'
import { usePreferences } from '../../shared/settings/PreferencesContext'

/** What is usual of such things, and how much of this one can be cut from. */
export default function UsualWords({ piece }: { piece: Piece }) {
  const { units } = usePreferences()
  const usual = USUAL_THINGS[piece.thing]
  const cloth = clothAmountOf(piece)
  if (!usual) return null
  return (
    <>
      <Soft>
        Usually {formatWidth(usual.widthMm, units)} by {formatWidth(usual.lengthMm, units)}; about{' '}
        {Math.round(usual.usable * 100)} % of its fabric can be used. Check: {usual.look.join('; ')}. Leave the size
        empty to use this.
      </Soft>
      {cloth ? (
        <Soft>
          About {cloth.usable.value.toFixed(1)} ± {(2 * cloth.usable.sd).toFixed(1)} m² of usable fabric.
        </Soft>
      ) : null}
    </>
  )
}
