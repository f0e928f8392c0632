'use client'

import { CheckField } from '@/ui/kit/checks'
import { Fields } from '@/ui/kit/surfaces'
import { LengthField } from '../../shared/settings/LengthField'
import { type LayoutEditor } from './useLayoutEditor'

/** A fabric that is not in the stash, by its width: how much of it is needed. */
export function ShopFields({ table }: { table: LayoutEditor }) {
  const { shop, setShop } = table
  return (
    <Fields>
      <LengthField
        label="Width of the fabric"
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
