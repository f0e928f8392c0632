'use client'

import { type Piece } from '@/core/notebook/kinds/piece'
import { clothOf } from '@/core/stash/amount'
import { pricePerSquareMetre } from '@/core/stash/price'
import { PRICE_PERS, PRICE_PER_WORDS } from '@/core/vocabulary/stash'
import { TextField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Fields, Paper, Soft } from '@/ui/kit/surfaces'
import { type PartProps } from './PieceFields'

const NO_PRICE = { amount: 0, currency: '', per: 'all' } as const

/** When it came, what it cost, and what somebody has in mind with it. */
export function MoneyFields({ piece, set, error }: PartProps) {
  const price = piece.price ?? NO_PRICE
  const setPrice = (change: Partial<NonNullable<Piece['price']>>) => set({ price: { ...price, ...change } })
  return (
    <Paper aria-labelledby="money">
      <h2 id="money">When it came, what it cost, what for</h2>
      <Fields>
        <TextField
          label="Came on"
          type="date"
          value={piece.got ?? ''}
          onChange={(got) => set({ got: got || null })}
          error={error('got')}
        />
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
      <PerSquareMetre piece={piece} />
      <Fields>
        <TextField
          label="Tags"
          hint="Words between commas."
          value={piece.tags.join(', ')}
          onChange={(text) => set({ tags: tagsFrom(text) })}
          error={error('tags')}
        />
        <TextField
          label="What for"
          hint="Ideas for it."
          value={piece.ideas}
          onChange={(ideas) => set({ ideas })}
          error={error('ideas')}
        />
      </Fields>
    </Paper>
  )
}

function PerSquareMetre({ piece }: Pick<PartProps, 'piece'>) {
  if (!piece.price) return null
  const area = clothOf(piece)?.all ?? null
  const perM2 = pricePerSquareMetre(piece.price, { widthMm: piece.widthMm, area, kg: null })
  return (
    <Soft>
      {perM2 === null
        ? 'With its width, the price of a square metre can be told: a narrow bargain and a broad cloth compare fairly.'
        : `${piece.price.currency || ''}${perM2.toFixed(2)} a square metre.`}
    </Soft>
  )
}

/** A comma at the end is a tag that is only begun: it stays. */
function tagsFrom(text: string): string[] {
  const parts = text.split(',')
  return parts.map((part, index) => (index === parts.length - 1 ? part.trimStart() : part.trim())).slice(0, 20)
}
