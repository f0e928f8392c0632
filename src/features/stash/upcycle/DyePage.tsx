'use client'

import Link from 'next/link'
import { useState } from 'react'
import styled from 'styled-components'
import { capitalise } from '@/core/units/format'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { ColourField } from '@/ui/kit/ColourField'
import { StrongButton } from '@/ui/kit/buttons'
import { StrongLink } from '@/ui/kit/links'
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
import { Terms } from '@/ui/text/Terms'
import { type DyeData } from './loadDye'
import { useAddress } from '../../shared/address/useAddress'
import { dyeAddress } from './dyeAddress'
import { itemAt } from '@/core/lists/items'
import { Say } from '@/ui/text/Say'

const Before = styled.div`
  display: grid;
  gap: 1rem;
  grid-template-columns: minmax(0, 1fr) minmax(0, 2fr);
  figure {
    margin: 0;
  }
`
const Ends = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.5rem;
  margin-top: 0.5rem;
`
const Dab = styled.span<{ $hex: string }>`
  display: inline-block;
  width: 1.1em;
  height: 1.1em;
  vertical-align: -0.2em;
  border: 1px solid var(--ink-soft);
  border-radius: 50%;
  background: ${({ $hex }) => $hex};
`

const VERDICTS = {
  takes: 'Dyeing: this fabric takes dye',
  'in-part': 'Dyeing: part of this fabric takes dye',
  hardly: 'Dyeing: this fabric hardly takes dye at home',
  no: 'Dyeing: you can’t dye this fabric at home',
} as const

/** What dyeing does to this very cloth: the colour that comes, how, and what else there is. */
export function DyePage(data: DyeData) {
  const { id, name, summary, answer, knows } = data
  return (
    <Page>
      <div>
        <Link href={`/stash/${id}`}>{name}</Link>
        <h1>{answer ? VERDICTS[answer.verdict] : 'Dyeing'}</h1>
        {answer ? (
          <Lead>
            <Say>{answer.more || `Use ${answer.bathWords}.`}</Say>
          </Lead>
        ) : null}
        <Soft>
          {summary}
          <Say>
            {answer && knows.how !== 'measured' && knows.how !== 'said'
              ? `. We assume ${knows.of}, the usual fibre for this fabric: a burn test would make sure.`
              : ''}
          </Say>
        </Soft>
      </div>
      {answer ? (
        <Columns $first="1.5fr">
          <Stack $gap="1.25rem">
            <Comes {...data} answer={answer} />
            <Recipe {...data} answer={answer} />
          </Stack>
          <Stack $gap="1.25rem">
            <Choose key={id} {...data} />
            {answer.cautions.length > 0 ? (
              <Callout $tone="warn">
                <PlainList>
                  {answer.cautions.map(({ id: rule, text }) => (
                    <li key={rule}>
                      <Terms>{text}</Terms>
                    </li>
                  ))}
                </PlainList>
              </Callout>
            ) : null}
          </Stack>
        </Columns>
      ) : (
        <Callout $tone="warn">
          <p>
            <Say>The right dye depends on the fibres, and they are not known yet.</Say>
          </p>
          <Actions>
            <StrongLink href={`/identify?piece=${id}`}>Identify the fabric</StrongLink>
          </Actions>
        </Callout>
      )}
      <Paper aria-labelledby="ways">
        <h2 id="ways">Other ways to change its look</h2>
        <PlainList>
          {data.ways.map(({ id: way, title, text, suits }) => (
            <li key={way}>
              <b>{title}</b>, {SUITS[suits]}: <Terms>{text}</Terms>
            </li>
          ))}
        </PlainList>
      </Paper>
    </Page>
  )
}

const SUITS = { well: 'suits it', 'with-care': 'with care', not: 'not for this fabric' } as const

type Answered = DyeData & { answer: NonNullable<DyeData['answer']> }

/** The colour before, and the one that comes with its lighter and darker end. */
function Comes({ name, tile, answer, from }: Answered) {
  const { tiles, expected, interval, seams, strip, byFibre, fibreWords, nearest, reachable } = answer
  return (
    <Paper aria-labelledby="comes">
      <h2 id="comes">
        <Say>Expected colour</Say>
      </h2>
      <Before>
        <figure>
          <ClothSwatch tile={tile} label={`${name} now`} height="9rem" />
          <figcaption>
            now <Dab $hex={from} aria-hidden />
          </figcaption>
        </figure>
        <figure>
          <ClothSwatch tile={tiles.expected} label={`${name}, dyed: ${expected}`} height="9rem" />
          <figcaption>
            dyed <Dab $hex={expected} aria-hidden /> {expected}
          </figcaption>
        </figure>
      </Before>
      <Ends>
        <ClothSwatch tile={tiles.lighter} label={`Lightest: ${interval[0]}`} height="3.5rem" />
        <ClothSwatch tile={tiles.darker} label={`Darkest: ${interval[1]}`} height="3.5rem" />
      </Ends>
      <Soft>Four out of five home dye baths end between these two.</Soft>
      {reachable ? null : (
        <p>
          <Say>The nearest colour that any dye gives: </Say>
          <Dab $hex={nearest} aria-hidden /> {nearest}.
        </p>
      )}
      <PlainList>
        {byFibre.map(({ fibre, uptake, colour, why }, i) => (
          <li key={fibre}>
            <Dab $hex={colour} aria-hidden /> {Math.round(uptake * 100)} % of a full shade.{' '}
            {capitalise(itemAt(fibreWords, i))}: <Say>{why}</Say>
          </li>
        ))}
        <li>
          <Dab $hex={seams.colour} aria-hidden /> <b>Seams:</b> <Say>{seams.text}</Say>
        </li>
      </PlainList>
      {strip ? (
        <Callout $tone={strip.advised ? 'plain' : 'warn'}>
          <p>
            <b>
              <Say>Remove the old colour first?</Say>
            </b>{' '}
            <Say>{strip.text}</Say>
          </p>
          <PlainList>
            {strip.cautions.map(({ id, text }) => (
              <li key={id}>
                <Say>{text}</Say>
              </li>
            ))}
          </PlainList>
        </Callout>
      ) : null}
    </Paper>
  )
}

function Recipe({ answer }: Answered) {
  if (answer.steps.length === 0) return null
  const { amounts, steps, lasts } = answer
  return (
    <Paper aria-labelledby="recipe">
      <h2 id="recipe">Instructions</h2>
      <Soft>
        {amounts.dyeGrams.join(' to ')} g of dye, {amounts.waterLitres} l of water
        {amounts.salt === null ? '' : `, ${amounts.salt} g of salt`}
        {amounts.alkali === null
          ? ''
          : `, ${amounts.alkali} g of soda ash (or ${amounts.alkaliCrystals} g of soda crystals)`}
        {amounts.acid === null ? '' : `, ${amounts.acid} ml of white vinegar`}. Follow the packet’s own figures first.
      </Soft>
      <Steps>
        {steps.map(({ id, text }) => (
          <li key={id}>
            <Say>{text}</Say>
          </li>
        ))}
      </Steps>
      <Soft>
        <Say>{lasts}</Say>
      </Soft>
    </Paper>
  )
}

const THREADS = [
  ['', 'not known'],
  ['polyester', 'polyester'],
  ['cotton', 'cotton'],
  ['silk', 'silk'],
] as const
const FINISHES = [
  ['', 'none'],
  ['resin', 'crease-resistant'],
  ['waterproof', 'water-repellent'],
  ['coated', 'coated'],
] as const

function Choose({ choice }: DyeData) {
  const [value, setValue] = useState<DyeData['choice']>(choice)
  const goTo = useAddress(dyeAddress, choice)
  const go = () => goTo(value)
  return (
    <Paper aria-labelledby="with">
      <h2 id="with">Which dye?</h2>
      <ColourField label="Dye colour on white" value={value.to} onChange={(to) => setValue({ ...value, to })} />
      <Fields>
        <SelectField
          label="Thread"
          value={value.thread}
          onChange={(thread) => setValue({ ...value, thread })}
          options={THREADS}
        />
        <SelectField
          label="Finish"
          value={value.finish}
          onChange={(finish) => setValue({ ...value, finish })}
          options={FINISHES}
        />
        <NumberField
          label="Dry weight"
          unit="g"
          value={value.grams}
          minValue={1}
          maxValue={50_000}
          onChange={(grams) => (Number.isNaN(grams) ? undefined : setValue({ ...value, grams }))}
        />
      </Fields>
      <Actions>
        <StrongButton onPress={go}>
          <Say>Show the colour</Say>
        </StrongButton>
      </Actions>
    </Paper>
  )
}
