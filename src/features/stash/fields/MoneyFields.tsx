'use client'

import { lazy, Suspense } from 'react'
import { I18nProvider } from 'react-aria-components'
import { type Piece } from '@/core/notebook/kinds/piece'
import { PRICE_PERS, PRICE_PER_WORDS } from '@/core/vocabulary/stash'
import { DayField } from '@/ui/kit/DayField'
import { TextField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Fields } from '@/ui/kit/surfaces'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { FormPart } from './FormPart'
import { type PartProps } from './partProps'

const PerSquareMetre = lazy(() => import('./PerSquareMetre'))

/** Days are written as those do whose words one uses, whatever the browser speaks. */
const LOCALES = { uk: 'en-GB', us: 'en-US' } as const
const NO_PRICE = { amount: 0, currency: '', per: 'all' } as const

/** When it came, what it cost, and what somebody has in mind with it. */
export default function MoneyFields({ piece, set, error, isFolded }: PartProps) {
  const { words } = usePreferences()
  const price = piece.price ?? NO_PRICE
  const setPrice = (change: Partial<NonNullable<Piece['price']>>) => set({ price: { ...price, ...change } })
  return (
    <FormPart title="Date, price and ideas" isFolded={isFolded}>
      <Fields>
        <I18nProvider locale={LOCALES[words]}>
          <DayField label="Date added" day={piece.got} onChange={(got) => set({ got })} error={error('got')} />
        </I18nProvider>
        <NumberField
          label="Price"
          minValue={0}
          value={piece.price ? piece.price.amount : Number.NaN}
          onChange={(amount) => (Number.isFinite(amount) ? setPrice({ amount }) : set({ price: null }))}
          error={error('price.amount')}
        />
        <TextField
          label="Currency"
          hint="As you write it: £, €, kr."
          value={price.currency}
          onChange={(currency) => setPrice({ currency })}
          isDisabled={!piece.price}
          error={error('price.currency')}
        />
        <SelectField
          label="for"
          value={price.per}
          onChange={(per) => setPrice({ per })}
          options={PRICE_PERS.map((per) => [per, PRICE_PER_WORDS[per]] as const)}
        />
      </Fields>
      {piece.price ? (
        <Suspense>
          <PerSquareMetre piece={piece} price={piece.price} />
        </Suspense>
      ) : null}
      <Fields>
        <TextField
          label="Tags"
          hint="Words separated by commas."
          value={piece.tags.join(', ')}
          onChange={(text) => set({ tags: tagsFrom(text) })}
          error={error('tags')}
        />
        <TextField
          label="Ideas"
          hint="What you may make of it."
          value={piece.ideas}
          onChange={(ideas) => set({ ideas })}
          error={error('ideas')}
        />
      </Fields>
    </FormPart>
  )
}

/** A comma at the end is a tag that is only begun: it stays. */
function tagsFrom(text: string): string[] {
  const parts = text.split(',')
  return parts.map((part, index) => (index === parts.length - 1 ? part.trimStart() : part.trim())).slice(0, 20)
}
