'use client'

import Link from 'next/link'
import { useState } from 'react'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { StrongButton } from '@/ui/kit/buttons'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import {
  Actions,
  Columns,
  Fields,
  Lead,
  Page,
  Paper,
  PlainList,
  Callout,
  Soft,
  Stack,
  Steps,
} from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { Terms } from '@/ui/text/Terms'
import { keepYarn } from './boxActions'
import { type UnravelData } from './loadUnravel'
import { useAddress } from '../../shared/address/useAddress'
import { unravelAddress } from './unravelAddress'
import { mustHave } from '@/core/lists/items'

const VERDICTS = {
  yes: 'You can unravel it',
  'with-patience': 'You may unravel it, with patience',
  no: 'You can’t unravel it',
} as const

/** Whether a knitted thing gives its yarn back, how much, and how. */
export function UnravelPage(data: UnravelData) {
  const { id, name, summary, tile, answer } = data
  const { metres, className, balls, minutes } = answer
  return (
    <Page>
      <div>
        <Link href={`/stash/${id}`}>{name}</Link>
        <h1>{VERDICTS[answer.verdict]}</h1>
        {metres ? (
          <Lead>
            {yarnLine(metres, className ?? '')} {balls} balls, in about {hours(mustHave(minutes))}.
          </Lead>
        ) : answer.verdict === 'no' ? null : (
          <Lead>Wrap the yarn round a ruler and count how many wraps fit into an inch.</Lead>
        )}
        <Soft>{summary}</Soft>
      </div>
      <Columns $first="1.6fr">
        <Stack $gap="1.25rem">
          <Callout $tone={answer.verdict === 'no' ? 'warn' : 'plain'}>
            <PlainList>
              {answer.reasons.map(({ id: rule, text }) => (
                <li key={rule}>
                  <Terms>{text}</Terms>
                </li>
              ))}
            </PlainList>
          </Callout>
          {answer.steps.length > 0 ? (
            <Paper aria-labelledby="how">
              <h2 id="how">Instructions</h2>
              <Steps>
                {answer.steps.map(({ id: step, text }) => (
                  <li key={step}>
                    <Terms>{text}</Terms>
                  </li>
                ))}
              </Steps>
            </Paper>
          ) : null}
          {metres ? <Keep {...data} /> : null}
        </Stack>
        <Stack $gap="1.25rem">
          <ClothSwatch tile={tile} label={`${name}, drawn`} height="9rem" />
          <Look key={id} {...data} />
        </Stack>
      </Columns>
    </Page>
  )
}

function yarnLine({ value, interval80 }: NonNullable<UnravelData['answer']['metres']>, className: string): string {
  return `About ${about(value)} m (${interval80.map(about).join(' to ')}) of ${className} yarn,`
}

/** No more digits than are known. */
const about = (value: number) => Number(value.toPrecision(2))
const hours = (minutes: number) => (minutes < 90 ? `${about(minutes)} minutes` : `${about(minutes / 60)} hours`)

function Keep({ id, name, fibres, colour, place, asked, answer }: UnravelData) {
  const { busy, trouble, doing } = useAsyncAction()
  const [isKept, setKept] = useState(false)
  const keep = () =>
    doing(async () => {
      const outcome = await keepYarn({
        name: `Yarn of ${name}`.slice(0, 80),
        fibres: fibres.slice(0, 6),
        grams: asked.grams,
        metres: mustHave(answer.metres).value,
        wrapsPerInch: asked.wrapsPerInch,
        strands: asked.strands,
        colour,
        place,
        fromPieceId: id,
      })
      setKept(outcome.ok)
      return outcome
    })
  return (
    <Paper aria-label="The yarn">
      <Actions>
        <StrongButton isDisabled={busy || isKept} onPress={keep}>
          Save the yarn
        </StrongButton>
        <span role="status">
          {isKept ? (
            <>
              Saved. <Link href="/stash/notions">See all yarn</Link>
            </>
          ) : null}
        </span>
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Paper>
  )
}

function Look({ asked, seams, surfaces }: UnravelData) {
  const goTo = useAddress(unravelAddress, { ...asked, wraps: asked.wrapsPerInch })
  const [value, setValue] = useState(asked)
  const go = () => goTo({ ...value, wraps: value.wrapsPerInch })
  return (
    <Paper aria-labelledby="look">
      <h2 id="look">Your yarn</h2>
      <SelectField
        label="Side seams, from inside"
        value={value.seams}
        onChange={(one) => setValue({ ...value, seams: one })}
        options={seams}
      />
      <SelectField
        label="The yarn"
        value={value.surface}
        onChange={(one) => setValue({ ...value, surface: one })}
        options={surfaces}
      />
      <Fields>
        <NumberField
          label="Weight"
          unit="g"
          value={value.grams}
          minValue={1}
          maxValue={20_000}
          onChange={(grams) => (Number.isNaN(grams) ? undefined : setValue({ ...value, grams }))}
        />
        <NumberField
          label="Wraps per inch"
          value={value.wrapsPerInch ?? NaN}
          minValue={1}
          maxValue={100}
          hint="Round a ruler, side by side, not pulled."
          onChange={(wraps) => setValue({ ...value, wrapsPerInch: Number.isNaN(wraps) ? null : wraps })}
        />
        <NumberField
          label="Plies"
          value={value.strands}
          minValue={1}
          maxValue={20}
          onChange={(strands) =>
            Number.isNaN(strands) ? undefined : setValue({ ...value, strands: Math.round(strands) })
          }
        />
      </Fields>
      <Actions>
        <StrongButton onPress={go}>Check</StrongButton>
      </Actions>
    </Paper>
  )
}
