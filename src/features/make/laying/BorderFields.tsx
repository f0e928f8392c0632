'use client'

import { footOf } from '@/core/lay/border'
import { onBorderOf } from '@/core/making/layTask'
import { type OnBorder } from '@/core/notebook/schemas/laid'
import { boxOf, type Outline } from '@/core/shapes/polygon'
import { formatWidth, type UnitSystem } from '@/core/units/format'
import { BORDER_SIDES, BORDER_WORDS, type BorderSide } from '@/core/vocabulary/laying'
import { CheckField, CheckGroup } from '@/ui/kit/checks'
import { SelectField } from '@/ui/kit/SelectField'
import { Fields, Soft, Stack } from '@/ui/kit/surfaces'
import { LengthField } from '../../shared/settings/LengthField'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { type LayoutEditor } from './useLayoutEditor'
import { itemAt } from '@/core/lists/items'

const SIDES = [
  ['none', 'No border print'],
  ...BORDER_SIDES.map((side): [BorderSide, string] => [side, BORDER_WORDS[side]]),
] as const

/** Where nobody measured it, mm. */
const USUAL_REACH_MM = 250
/** A foot so little curved lies on a border as if it were straight, mm. */
const STRAIGHT_MM = 5

/** Width and height of a piece as it is drawn, where its name does not tell which it is. */
function sizeOf(outline: Outline, units: UnitSystem): string {
  const { minX, maxX, minY, maxY } = boxOf(outline)
  return `${formatWidth(maxX - minX, units)} × ${formatWidth(maxY - minY, units)}`
}

/** A border along the cloth’s edge, and which pieces have their feet on it. */
export function BorderFields({ table }: { table: LayoutEditor }) {
  const { grounds, ground, wishes, setWishes, data } = table
  const { units } = usePreferences()
  const { border } = itemAt(grounds, 0)
  const on = onBorderOf(data.pieces, wishes)
  const isNamedTwice = (name: string) => data.pieces.filter((piece) => piece.name === name).length > 1
  const set = (change: Partial<OnBorder>) => setWishes({ onBorder: { ...on, ...change } })
  return (
    <Stack>
      <Fields>
        <SelectField
          label="Border print"
          value={border?.side ?? 'none'}
          onChange={(side) =>
            ground({ border: side === 'none' ? null : { side, reachMm: border?.reachMm ?? USUAL_REACH_MM } })
          }
          options={SIDES}
        />
        {border ? (
          <>
            <LengthField
              label="Depth of the border"
              of="short"
              mm={border.reachMm}
              leastMm={5}
              mostMm={5000}
              onMm={(reachMm) => reachMm === null || ground({ border: { ...border, reachMm } })}
            />
            <LengthField
              label="Distance from the edge"
              of="fine"
              mm={on.footMm}
              mostMm={5000}
              hint="The turned-up hem falls outside the visible part."
              onMm={(footMm) => footMm === null || set({ footMm })}
            />
          </>
        ) : null}
      </Fields>
      {border ? (
        <>
          <CheckGroup legend="With their bottom edge on the border (their grain runs across the fabric)">
            {data.pieces.map((piece) => {
              const { bowMm } = footOf(piece)
              return (
                <CheckField
                  key={piece.id}
                  isSelected={on.ids.includes(piece.id)}
                  onChange={(isOn) =>
                    set({ ids: isOn ? [...on.ids, piece.id] : on.ids.filter((id) => id !== piece.id) })
                  }
                >
                  {piece.name}
                  {isNamedTwice(piece.name) ? <Soft as="span">, {sizeOf(piece.outline, units)}</Soft> : null}
                  {bowMm > STRAIGHT_MM ? (
                    <Soft as="span">
                      {' '}
                      (its bottom edge is curved: the border runs {Math.round(bowMm)} mm away from it)
                    </Soft>
                  ) : null}
                </CheckField>
              )
            })}
          </CheckGroup>
          <CheckField isSelected={on.isKeptClear} onChange={(isKeptClear) => set({ isKeptClear })}>
            Keep all other pieces off the border
          </CheckField>
        </>
      ) : null}
    </Stack>
  )
}
