'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useCallback, useMemo, useState } from 'react'
import { GUESS_WORDS, type Guessed } from '@/core/vocabulary/guessing'
import { EChart, type Palette } from '@/ui/charts/EChart'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { ChoiceField } from '@/ui/kit/fields'
import { FormBox } from '@/ui/kit/FormBox'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Columns, Fields, Figures, Lead, Page, Paper, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { fieldUnits, fromField, type FieldUnit } from '../../shared/settings/measures'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { sayNumber, type GuessTold } from './actions'
import { type NumbersData } from './load'
import { offWords } from './offWords'
import { useAddress } from '../../shared/address/useAddress'
import { numbersAddress } from './numbersAddress'
import { itemAt, mustHave } from '@/core/lists/items'

type Piece = NonNullable<NumbersData['piece']>

/** Guess it by hand, then see what was measured: which way one is off can be learned. */
export function NumbersPage(data: NumbersData) {
  const { what, kinds, piece, words } = data
  const go = useAddress(numbersAddress, { what })
  return (
    <Page>
      <div>
        <h1>Guess the figures</h1>
        <Lead>{words}</Lead>
      </div>
      <Fields>
        <SelectField label="What to guess" value={what} onChange={(next) => go({ what: next })} options={kinds} />
      </Fields>
      {piece ? (
        <Guess key={data.turn} piece={piece} data={data} />
      ) : (
        <Callout>
          Your stash is empty. <Link href="/stash/add">Add a fabric</Link>, and guess the next.
        </Callout>
      )}
      <Trend {...data} />
    </Page>
  )
}

function Guess({ piece, data: { what, steps } }: { piece: Piece; data: NumbersData }) {
  const router = useRouter()
  const { busy, trouble, doing } = useAsyncAction()
  const [said, setSaid] = useState<number | null>(null)
  const [told, setTold] = useState<GuessTold | null>(null)
  // Sent without a guess.
  const [isOpen, setOpen] = useState(false)
  const error = isOpen && said === null ? 'Guess first: you learn from wrong guesses too.' : undefined
  const say = () =>
    doing(async () => {
      if (said === null) return { ok: true }
      const outcome = await sayNumber({ pieceId: piece.id, what, said })
      if (outcome.ok) setTold(outcome)
      return outcome
    })
  return (
    <Columns>
      <Paper aria-labelledby="guess">
        <h2 id="guess">{GUESS_WORDS[what].asks}</h2>
        <p>
          Take <b>{piece.name}</b>
          {piece.place ? ` (${piece.place})` : ''} in your hand. {GUESS_WORDS[what].how}
        </p>
        {told ? (
          <Told told={told} said={mustHave(said)} what={what} piece={piece} onNext={() => router.refresh()} />
        ) : (
          <FormBox onSubmit={() => (said === null ? setOpen(true) : busy ? undefined : say())}>
            {steps ? (
              <ChoiceField
                label="Your guess"
                error={error}
                value={said === null ? null : itemAt(steps, said)}
                onChange={(step) => setSaid(steps.indexOf(step))}
                options={steps.map((step) => [step, step] as const)}
              />
            ) : (
              <AmountField what={what} onChange={setSaid} error={error} />
            )}
            <Actions>
              <StrongButton type="submit" isDisabled={busy}>
                {piece.isMeasured ? 'Show the measurement' : 'Save my guess'}
              </StrongButton>
              <Button onPress={() => router.refresh()}>Another fabric</Button>
            </Actions>
          </FormBox>
        )}
        <Trouble>{trouble}</Trouble>
      </Paper>
      <ClothSwatch tile={piece.tile} label={`${piece.name}, drawn`} height="14rem" />
    </Columns>
  )
}

interface AmountProps {
  what: Guessed
  error: string | undefined
  onChange: (value: number | null) => void
}

/** An amount, in the person's units; a length in arm-spans as well. */
function AmountField({ what, onChange, error }: AmountProps) {
  const { units, spanMm } = usePreferences()
  const { weight, short, long } = fieldUnits(units)
  const unit: FieldUnit =
    what === 'gsm' ? weight : what === 'width' ? short : what === 'length' ? long : { symbol: '%', inCore: 1 }
  const [inSpans, setInSpans] = useState('unit')
  const used = inSpans === 'spans' ? { symbol: 'arm-spans', inCore: spanMm } : unit
  return (
    <Stack $gap="0.6rem">
      {what === 'length' ? (
        <ChoiceField
          label="In"
          value={inSpans}
          onChange={(next) => {
            setInSpans(next)
            onChange(null)
          }}
          options={[
            ['unit', unit.symbol],
            ['spans', 'arm-spans'],
          ]}
        />
      ) : null}
      <NumberField
        key={inSpans}
        label="Your guess"
        unit={used.symbol}
        minValue={0}
        error={error}
        defaultValue={NaN}
        onChange={(given) => onChange(fromField(given, used))}
      />
    </Stack>
  )
}

interface ToldProps {
  told: GuessTold
  said: number
  what: Guessed
  piece: Piece
  onNext: () => void
}

function Told({ told: { truth, words }, said, what, piece, onNext }: ToldProps) {
  return (
    <Stack>
      {truth === null ? (
        <Callout>
          Nobody has measured it yet. Your guess is saved: <Link href={`/stash/${piece.id}`}>measure it now</Link>,
          and we compare the two here.
        </Callout>
      ) : (
        <Callout $tone="good" role="status">
          <b>{words}.</b> {offWords(what, said, truth)}
        </Callout>
      )}
      <Actions>
        <StrongButton onPress={onNext}>Next fabric</StrongButton>
      </Actions>
    </Stack>
  )
}

/** Points before this are not drawn as a trend. */
const FEWEST = 3

function Trend({ what, steps, errors }: NumbersData) {
  const isSteps = steps !== null
  const values = useMemo(
    () => errors.map((error) => (isSteps ? error : Math.round((Math.exp(error) - 1) * 100))),
    [errors, isSteps],
  )
  const unit = isSteps ? 'steps' : '%'
  const option = useCallback((palette: Palette) => trendOption(values, unit, palette), [values, unit])
  if (values.length < FEWEST) return null
  return (
    <Paper aria-labelledby="trend">
      <h2 id="trend">Your errors, guess by guess</h2>
      <EChart
        height={240}
        label={`${GUESS_WORDS[what].title}: your errors; the figures are in the table below`}
        option={option}
      />
      <details>
        <summary>Figures</summary>
        <Figures>
          <thead>
            <tr>
              <th scope="col">guess</th>
              <th scope="col">error, {unit}</th>
            </tr>
          </thead>
          <tbody>
            {values.map((value, i) => (
              <tr key={i}>
                <th scope="row">{i + 1}</th>
                <td>
                  {value > 0 ? '+' : ''}
                  {value}
                </td>
              </tr>
            ))}
          </tbody>
        </Figures>
      </details>
      <Soft>Above the line: too high. Below it: too low.</Soft>
    </Paper>
  )
}

function trendOption(values: readonly number[], unit: string, palette: Palette) {
  const axis = { axisLabel: { color: palette('ink-soft') }, splitLine: { lineStyle: { color: palette('line') } } }
  return {
    grid: { left: 8, right: 16, top: 26, bottom: 8, containLabel: true },
    xAxis: { type: 'category', data: values.map((_, i) => i + 1), ...axis },
    yAxis: { type: 'value', name: unit, nameTextStyle: { color: palette('ink-soft') }, ...axis },
    series: [
      {
        type: 'line',
        data: [...values],
        symbolSize: 9,
        itemStyle: { color: palette('madder') },
        lineStyle: { color: palette('indigo'), width: 1.5 },
        markLine: { silent: true, symbol: 'none', data: [{ yAxis: 0 }], label: { show: false } },
      },
    ],
  }
}
