'use client'

import styled from 'styled-components'
import { type NamedCloth } from '@/core/cloths/types'
import { moistureWords } from '@/core/measure/moisture'
import { disagreement, weigh } from '@/core/measure/weigh'
import { weightClassWords } from '@/core/measure/weightClass'
import { ouncesPerLinearYard, gramsPerRunningMetre } from '@/core/measure/weightUnits'
import { type Reading } from '@/core/notebook/schemas/weighing'
import { GSM_PER_MOMME } from '@/core/units/constants'
import { capitalise, formatWeight, toMomme, withDoubt } from '@/core/units/format'
import { scaleQuantity } from '@/core/units/quantity'
import { Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { useLoaded } from '@/ui/kit/useLoaded'
import { usePreferences } from '../settings/PreferencesContext'
import { Say } from '@/ui/text/Say'

// It knows every cloth by name: fetched before there is a weight, so that nothing moves once there is one.
const theFamiliar = () => import('@/core/cloths/familiar')

const Big = styled.p`
  font-family: 'Young Serif', Georgia, serif;
  font-size: 1.9rem;
  line-height: 1.2;
`

interface Props {
  readings: readonly Reading[]
  /** Of the piece, where they are known: its width, mm, and the regain of its fibres, per cent. */
  widthMm?: number | null
  regainPercent?: number | null
}

/** What the readings make: weight with its doubt in every unit, what it is like, how to do better. */
export function WeightResult({ readings, widthMm = null, regainPercent = null }: Props) {
  const { units, words } = usePreferences()
  const familiar = useLoaded(theFamiliar)
  if (readings.length === 0) return <Soft>Weigh a piece of known size to see its weight here, with its error.</Soft>
  const answer = weigh(readings, regainPercent ?? undefined)
  const gsm = { value: answer.gsm, sd: answer.standardUncertainty }
  const momme = toMomme(answer.gsm) < 40 ? `, ${withDoubt(scaleQuantity(gsm, 1 / GSM_PER_MOMME))} momme` : ''
  const { name, like } = weightClassWords[answer.weightClass]
  const beside = familiar?.besideFamiliar(answer.gsm)
  const listed = (cloths: readonly NamedCloth[]) =>
    cloths
      .slice(0, 2)
      .map((cloth) => cloth.name[words])
      .join(' and ')
  const damp = readings.some(({ humidityPercent }) => humidityPercent !== undefined)
  return (
    <Stack role="status" $gap="0.4rem">
      <Big>{formatWeight(gsm, units)}</Big>
      <p>
        {formatWeight(gsm, units === 'metric' ? 'imperial' : 'metric')}
        {momme}. {capitalise(name)}, {like}.
      </p>
      {beside && beside.like.length > 0 ? (
        <p>
          As heavy as {listed(beside.like)}
          {beside.lighter.length > 0 ? `; heavier than ${listed(beside.lighter)}` : ''}
          {beside.heavier.length > 0 ? `; lighter than ${listed(beside.heavier)}` : ''}.
        </p>
      ) : null}
      {widthMm ? (
        <p>
          From the roll: {withDoubt(ouncesPerLinearYard(gsm, widthMm))} oz per linear yard,{' '}
          {withDoubt(gramsPerRunningMetre(gsm, widthMm))} <Say>g per metre.</Say>
        </p>
      ) : null}
      <Soft>
        95 % sure, from {readings.length === 1 ? 'one reading' : `${readings.length} readings combined`}
        {damp && regainPercent !== null ? ', corrected to standard air' : ''}.
      </Soft>
      {regainPercent !== null ? (
        <Soft>{moistureWords(regainPercent)}</Soft>
      ) : damp ? (
        <Soft>We don’t know what it is made of, so the humidity is not corrected.</Soft>
      ) : null}
      {answer.advice ? <Callout>{answer.advice}</Callout> : null}
      {disagreement(readings) > 3 ? (
        <Callout $tone="warn">
          These readings differ by more than scale and scissors explain: was one damp, or a length misread?
        </Callout>
      ) : null}
    </Stack>
  )
}
