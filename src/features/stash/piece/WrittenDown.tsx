'use client'

import { formatWidth } from '@/core/units/format'
import { careSymbol } from '@/core/vocabulary/care'
import { WASH_STATE_WORDS } from '@/core/vocabulary/cloth'
import { BORDER_WORDS } from '@/core/vocabulary/laying'
import { PRICE_PER_WORDS, THING_WORDS } from '@/core/vocabulary/stash'
import { wordFor } from '@/core/vocabulary/words'
import { Facts, Lines } from '@/ui/kit/surfaces'
import { useDates } from '../../shared/settings/useDates'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { type PieceData } from './types'
import { moneyText } from '@/core/units/money'
import { useSay } from '@/ui/text/reader'

/** What the person wrote down of a piece; what is not there takes no room. */
export function WrittenDown({ piece }: Pick<PieceData, 'piece'>) {
  const say = useSay()
  const { words, units } = usePreferences()
  const { dayText } = useDates()
  const { price, border } = piece
  const facts: [string, string][] = [
    ['Fabric type', piece.called || 'not named yet'],
    ['Made up as', piece.thing === 'cloth' ? '' : `a ${wordFor(THING_WORDS[piece.thing], words)}`],
    ['Washed', WASH_STATE_WORDS[piece.washed]],
    [
      'Border print',
      border ? `${BORDER_WORDS[border.side].toLowerCase()}, ${formatWidth(border.reachMm, units)} deep` : '',
    ],
    ['Location', piece.place || 'no location'],
    ['Source', piece.source || 'not recorded'],
    ['Date added', piece.got ? dayText(piece.got) : ''],
    ['Price', price ? `${moneyText(price.amount, price.currency)} ${say(PRICE_PER_WORDS[price.per])}` : ''],
    ['Care', piece.care.map((id) => careSymbol(id).words).join('; ')],
    ['Tags', piece.tags.join(', ')],
    ['Ideas', piece.ideas],
  ]
  return (
    <>
      <Facts>
        {facts
          .filter(([, value]) => value !== '')
          .map(([term, value]) => (
            <div key={term}>
              <dt>{term}</dt>
              <dd>{value}</dd>
            </div>
          ))}
      </Facts>
      {piece.notes ? <Lines>{piece.notes}</Lines> : null}
    </>
  )
}
