'use client'

import { CARE_GROUPS, CARE_GROUP_WORDS, CARE_IDS, careSymbol } from '@/core/vocabulary/care'
import { CheckField, CheckGroup } from '@/ui/kit/checks'
import { Fields } from '@/ui/kit/surfaces'
import { type PartProps } from './partProps'

/** What the care label says, symbol by symbol, in words. */
export default function CareFields({ piece, set }: PartProps) {
  return (
    <Fields>
      {CARE_GROUPS.map((group) => (
        <CheckGroup key={group} legend={CARE_GROUP_WORDS[group]}>
          {CARE_IDS.filter((id) => careSymbol(id).group === group).map((id) => (
            <CheckField
              key={id}
              isSelected={piece.care.includes(id)}
              onChange={(isOn) => {
                const others = piece.care.filter((one) => one !== id)
                set({ care: isOn ? [...others, id] : others })
              }}
            >
              {careSymbol(id).words}
            </CheckField>
          ))}
        </CheckGroup>
      ))}
    </Fields>
  )
}
