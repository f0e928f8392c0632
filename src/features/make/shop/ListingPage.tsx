'use client'

import Link from 'next/link'
import { useState, useTransition } from 'react'
import { LISTED_WEIGHT_IDS, LISTED_WEIGHTS, type Listed, type ListingChecked } from '@/core/choose/listing/listed'
import { MM_PER_INCH } from '@/core/units/constants'
import { formatFives } from '@/core/units/fives'
import { formatAreaPrice, formatPercent, formatWeight } from '@/core/units/format'
import { VERDICT_WORDS } from '@/features/shared/choose/words'
import { SOLD_BY } from '@/core/vocabulary/stash'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { TextField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Columns, Facts, Fields, Lead, Page, Paper, PlainList, Soft, Stack } from '@/ui/kit/surfaces'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { checkListed } from './actions'
import { Say } from '@/ui/text/Say'

const BLANK: Listed = {
  called: '',
  weight: null,
  weightIn: 'gsm',
  widthMm: null,
  fibres: '',
  price: null,
  pricePer: 'metre',
}

/** What an online shop says of a cloth, and what that comes to. */
export function ListingPage() {
  const { units } = usePreferences()
  const [listed, setListed] = useState<Listed>(() => ({
    ...BLANK,
    weightIn: units === 'metric' ? 'gsm' : 'oz',
    pricePer: SOLD_BY[units],
  }))
  const [checked, setChecked] = useState<ListingChecked>()
  const [checking, start] = useTransition()
  const check = () => start(async () => setChecked(await checkListed(listed)))
  return (
    <Page>
      <div>
        <Link href="/make/shopping">Shopping</Link>
        <h1>Check an online listing</h1>
        <Soft>Enter what the listing says; leave the rest empty.</Soft>
      </div>
      <Columns $first="1fr">
        <Paper aria-label="The listing">
          <ListedFields listed={listed} onChange={(change) => setListed({ ...listed, ...change })} />
          <Actions>
            <StrongButton isDisabled={checking} onPress={check}>
              {checking ? 'Checking…' : 'Check it'}
            </StrongButton>
          </Actions>
        </Paper>
        {checked ? (
          <Checked checked={checked} />
        ) : (
          <Soft>We show here how sheer, how heavy and how expensive it is.</Soft>
        )}
      </Columns>
    </Page>
  )
}

const numberOf = (value: number) => (Number.isFinite(value) ? value : null)

function ListedFields({ listed, onChange }: { listed: Listed; onChange: (change: Partial<Listed>) => void }) {
  const { units } = usePreferences()
  const [unit, mm] = units === 'metric' ? ['cm', 10] : ['in', MM_PER_INCH]
  return (
    <>
      <TextField label="Name" value={listed.called} onChange={(called) => onChange({ called })} />
      <Fields>
        <NumberField
          label="Weight"
          minValue={0}
          value={listed.weight ?? NaN}
          onChange={(weight) => onChange({ weight: numberOf(weight) })}
        />
        <SelectField
          label="in"
          value={listed.weightIn}
          onChange={(weightIn) => onChange({ weightIn })}
          options={LISTED_WEIGHT_IDS.map((id) => [id, LISTED_WEIGHTS[id]])}
        />
        <NumberField
          label="Width"
          kind="width"
          unit={unit}
          minValue={0}
          value={listed.widthMm === null ? NaN : Number((listed.widthMm / mm).toFixed(1))}
          onChange={(width) => onChange({ widthMm: Number.isFinite(width) ? width * mm : null })}
        />
      </Fields>
      <TextField
        label="Fibre content"
        hint="As the listing says: 95 % cotton, 5 % elastane."
        value={listed.fibres}
        onChange={(fibres) => onChange({ fibres })}
      />
      <Fields>
        <NumberField
          label="Price"
          minValue={0}
          value={listed.price ?? NaN}
          onChange={(price) => onChange({ price: numberOf(price) })}
        />
        <SelectField
          label="per"
          value={listed.pricePer}
          onChange={(pricePer) => onChange({ pricePer })}
          options={[
            ['metre', 'metre'],
            ['yard', 'yard'],
          ]}
        />
      </Fields>
    </>
  )
}

const SHEER_WORDS = {
  sheer: 'Probably see-through',
  'semi-sheer': 'Probably semi-sheer',
  opaque: 'Probably opaque',
} as const
const BODY_WORDS = {
  fluid: 'flows',
  soft: 'soft',
  moderate: 'has some body',
  crisp: 'crisp',
  stiff: 'stiff',
} as const

function Checked({ checked }: { checked: ListingChecked }) {
  const { units } = usePreferences()
  const { gsm, opacity, body, thicknessMm, perM2, hot, cold, asks, patterns } = checked
  return (
    <Paper aria-label="Result" aria-live="polite">
      <Lead>
        {opacity
          ? `${SHEER_WORDS[opacity.likeliest]} (${formatPercent(opacity.grades[opacity.likeliest])}).`
          : 'Without a weight or a name we can’t estimate the opacity.'}
      </Lead>
      <Facts>
        <div>
          <dt>Weight</dt>
          <dd>{gsm ? formatWeight(gsm, units) : 'not said'}</dd>
        </div>
        <div>
          <dt>Drape</dt>
          <dd>{body ? `${BODY_WORDS[body.value]}, from its name` : 'not known'}</dd>
        </div>
        {thicknessMm === null ? null : (
          <div>
            <dt>Thickness</dt>
            <dd>about {thicknessMm.toFixed(1)} mm</dd>
          </div>
        )}
        <div>
          <dt>Price per area</dt>
          <dd>{perM2 === null ? 'needs a price and a width' : formatAreaPrice(perM2, '', units)}</dd>
        </div>
        <div>
          <dt>In hot weather</dt>
          <dd>{formatFives(hot)}</dd>
        </div>
        <div>
          <dt>In cold weather</dt>
          <dd>{formatFives(cold)}</dd>
        </div>
      </Facts>
      <Stack $gap="0.4rem">
        <b>Ask before you buy</b>
        <PlainList $gap="0.3rem">
          {asks.map(({ id, text }) => (
            <li key={id}>
              <Say>{text}</Say>
            </li>
          ))}
        </PlainList>
      </Stack>
      <Stack $gap="0.4rem">
        <b>Your patterns that it would suit</b>
        {patterns.length === 0 ? <Soft>None of your patterns.</Soft> : null}
        <PlainList $gap="0.3rem">
          {patterns.map(({ id, name, verdict, spread, buy, cost }) => (
            <li key={id}>
              <Link href={`/make/patterns/${id}`}>{name}</Link>: {VERDICT_WORDS[verdict].toLowerCase()}, {spread}
              {buy ? `; needs ${buy}` : ''}
              {cost === null ? '' : `, for ${cost.toFixed(2)}`}
            </li>
          ))}
        </PlainList>
      </Stack>
      <Actions className="screen-only">
        <Button onPress={() => window.print()}>Print</Button>
      </Actions>
    </Paper>
  )
}
