'use client'

import { formatNeeded, formatOwned, formatWidth } from '@/core/units/format'
import { CheckField, CheckGroup } from '@/ui/kit/checks'
import { Fields, Soft, Stack } from '@/ui/kit/surfaces'
import { LengthField } from '../../shared/settings/LengthField'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { layAddress } from './layAddress'
import { type LayData, type Offered } from './load'
import { type LayoutEditor } from './useLayoutEditor'
import { useAddress } from '../../shared/address/useAddress'

/** Which cloths it is laid on: of the stash, several together too, or a shop’s by its width. */
export function ClothChoice({ data, table }: { data: LayData; table: LayoutEditor }) {
  const { chosen, offered, project, role, size } = data
  const go = useAddress(layAddress, { cloth: chosen, project: project?.id, role, size }, { isStep: true })
  const take = (id: string, isOn: boolean) => {
    const next = isOn ? [...chosen, id] : chosen.filter((one) => one !== id)
    go({ cloth: next })
  }
  return (
    <Stack>
      {offered.length > 0 ? (
        <CheckGroup legend="From the stash (choose several to use them together)">
          {offered.map((ground) => (
            <CheckField
              key={ground.id}
              isSelected={chosen.includes(ground.id)}
              isDisabled={ground.isGone || (ground.widthMm <= 0 && ground.outline === null)}
              onChange={(isOn) => take(ground.id, isOn)}
            >
              <ClothWords ground={ground} />
            </CheckField>
          ))}
        </CheckGroup>
      ) : null}
      {chosen.length === 0 ? <ShopFields table={table} /> : null}
    </Stack>
  )
}

function ClothWords({ ground }: { ground: Offered }) {
  const { units } = usePreferences()
  const { name, widthMm, lengthMm, outline, shrinkPercent, oneWay, taken, isGone } = ground
  const size = outline
    ? 'irregular shape'
    : widthMm > 0
      ? `${formatWidth(widthMm, units)} wide${lengthMm === null ? '' : `, ${formatOwned(lengthMm, units)} left`}`
      : 'width not known'
  const notes = [
    ...taken.map((one) => `reserved for ${one.name}${one.mm === null ? '' : `: ${formatNeeded(one.mm, units)}`}`),
    isGone && taken.length === 0 ? 'cut up already' : '',
    oneWay ? 'one way' : '',
    shrinkPercent.length > 0 ? `allows for ${shrinkPercent.length} % shrinkage` : '',
  ].filter(Boolean)
  return (
    <span>
      {name} <Soft as="span">({[size, ...notes].join('; ')})</Soft>
    </span>
  )
}

function ShopFields({ table }: { table: LayoutEditor }) {
  const { shop, setShop } = table
  return (
    <Fields>
      <LengthField
        label="Or width"
        of="short"
        kind="width"
        mm={shop.widthMm}
        leastMm={200}
        mostMm={5000}
        onMm={(widthMm) => widthMm === null || setShop({ widthMm })}
      />
      <LengthField
        label="Length"
        of="short"
        mm={shop.lengthMm}
        leastMm={100}
        mostMm={100_000}
        hint="Leave empty to see how much you need."
        onMm={(lengthMm) => setShop({ lengthMm })}
      />
      <CheckField isSelected={shop.oneWay} onChange={(oneWay) => setShop({ oneWay })}>
        Its nap or print runs one way
      </CheckField>
    </Fields>
  )
}
