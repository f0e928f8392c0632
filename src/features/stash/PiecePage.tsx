'use client'

import Link from 'next/link'
import { useState, useTransition, type ReactNode } from 'react'
import styled from 'styled-components'
import { type Answer } from '@/core/identify/identify'
import { type TestAnswer } from '@/core/notebook/answers'
import { WASH_STATE_WORDS } from '@/core/vocabulary/cloth'
import { type PropertyRow } from '@/core/notebook/properties'
import { type Piece } from '@/core/notebook/records'
import { type StatedReading } from '@/core/notebook/sheet'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { tileOf } from '@/ui/cloth/spec'
import { Button, QuietButton } from '@/ui/controls/buttons'
import { ButtonLink, StrongLink } from '@/ui/controls/links'
import { PutAway } from '@/ui/controls/PutAway'
import { Actions, Columns, Facts, Lead, Page, Paper, PlainList, Slip, Soft } from '@/ui/controls/surfaces'
import { beginTest } from '../bench/actions'
import { ClaimSlip } from '../bench/verdict/ClaimCheck'
import { Likeliest } from '../bench/Belief'
import { Strips } from '../bench/Strips'
import { verdictTitle } from '../bench/verdict/title'
import { usePreferences } from '../settings/PreferencesContext'
import { completeReading, EMPTY_READING } from '../weigh/draft'
import { ReadingFields } from '../weigh/ReadingFields'
import { readingWords } from '../weigh/words'
import { WeightResult } from '../weigh/WeightResult'
import { KnownValue } from './Known'
import { dropPiece, dropReading, weighPiece } from './actions'

interface Props {
  piece: Piece & { id: number }
  readings: (StatedReading & { id: number })[]
  properties: PropertyRow[]
  tests: { id: number; answers: TestAnswer[] }[]
  belief: Answer | null
  fibre: string
}

const Big = styled.div`
  display: grid;
  gap: 1rem;
  align-content: start;
`

/** One piece: the cloth, what is known of it and how surely, and what to do next. */
export function PiecePage({ piece, readings, properties, tests, belief, fibre }: Props) {
  const { words } = usePreferences()
  const [starting, start] = useTransition()
  const burn = () => start(() => beginTest({ pieceId: piece.id }))
  const facts: [string, string][] = [
    ['Called', piece.called || 'not named yet'],
    ['Washed', WASH_STATE_WORDS[piece.washed]],
    ['Lies', piece.place || 'nowhere in particular'],
    ['Came from', piece.source || 'not written down'],
  ]
  return (
    <Page>
      <div>
        <Link href="/stash">The stash</Link>
        <h1>{piece.name}</h1>
      </div>
      <Actions>
        <StrongLink href={`/stash/${piece.id}/patterns`}>Which pattern does it suit?</StrongLink>
        <Button isDisabled={starting} onPress={burn}>
          {tests.length === 0 ? 'Burn a specimen of it' : 'Burn another specimen'}
        </Button>
        <ButtonLink href={`/measure?piece=${piece.id}`}>Measure it</ButtonLink>
        <ButtonLink href={`/stash/${piece.id}/edit`}>Change what is written</ButtonLink>
      </Actions>
      <Columns $first="1.15fr">
        <Big>
          <ClothSwatch
            tile={tileOf(piece)}
            label={`${piece.name}, drawn from its weave and colours`}
            height="19rem"
            scale={1.6}
          />
          {piece.notes ? <p>{piece.notes}</p> : null}
        </Big>
        <Paper aria-labelledby="known">
          <h2 id="known">What is known</h2>
          <Facts>
            {facts.map(([word, value]) => (
              <Fact key={word} word={word}>
                {value}
              </Fact>
            ))}
            <Fact word="Made of">{fibre}</Fact>
            {properties
              .filter(({ id, how }) => how !== 'unknown' && id !== 'fibre')
              .map((row) => (
                <Fact key={row.id} word={row.title}>
                  <KnownValue row={row} />
                </Fact>
              ))}
          </Facts>
          <p>
            <Link href={`/stash/${piece.id}/sheet`}>The property sheet: all of it, and what to measure next</Link>
          </p>
        </Paper>
      </Columns>
      <Columns $first="1.15fr">
        <Paper aria-labelledby="made-of">
          <h2 id="made-of">{belief ? verdictTitle(belief, words) : 'What is it made of?'}</h2>
          {belief ? (
            <>
              <Lead>{belief.verdict.text}</Lead>
              {belief.parts ? <Slip>{belief.parts.text}</Slip> : null}
              {belief.claim ? <ClaimSlip judged={belief.claim} /> : null}
              {tests.map(({ id, answers }) => (
                <div key={id}>
                  <Strips answers={answers} yarn={{ fill: piece.look.warp, edge: piece.look.weft }} />
                  <Link href={`/bench/${id}`}>Open this test: why, and what would settle it</Link>
                </div>
              ))}
              <Likeliest answer={belief} few={4} words={words} />
            </>
          ) : (
            <Slip>
              {piece.claim.length > 0
                ? 'Only the label says. A burnt pinch of yarns would tell whether it is true.'
                : 'Nobody knows yet. Burn a pinch of yarns from its edge.'}
            </Slip>
          )}
        </Paper>
        <Weighing piece={piece} readings={readings} />
      </Columns>
      <PutAway
        offer="Used up or given away? Take it off the shelf"
        question={`Take ${piece.name} off the shelf, with its tests and weighings?`}
        decide="Take it off"
        onDecided={() => dropPiece(piece.id)}
      />
    </Page>
  )
}

function Fact({ word, children }: { word: string; children: ReactNode }) {
  return (
    <>
      <dt>{word}</dt>
      <dd>{children}</dd>
    </>
  )
}

function Weighing({ piece, readings }: Pick<Props, 'piece' | 'readings'>) {
  const { units } = usePreferences()
  const [draft, setDraft] = useState(EMPTY_READING)
  const [errors, setErrors] = useState<Record<string, string>>({})
  const [saving, start] = useTransition()
  const reading = completeReading(draft)
  const now = readings.filter(({ state }) => state === piece.washed)
  const add = () =>
    start(async () => {
      const outcome = await weighPiece(piece.id, { reading, state: piece.washed })
      if (outcome.ok) {
        setDraft({ ...EMPTY_READING, resolutionGrams: draft.resolutionGrams, cutErrorMm: draft.cutErrorMm })
        setErrors({})
      } else setErrors(outcome.errors)
    })
  return (
    <Paper aria-labelledby="weight">
      <h2 id="weight">Weight</h2>
      <WeightResult readings={reading ? [...now, reading] : now} widthMm={piece.widthMm} />
      <PlainList>
        {readings.map((one) => (
          <li key={one.id}>
            {readingWords(one, units)}{' '}
            {one.state === piece.washed ? null : (
              <Soft as="span">({WASH_STATE_WORDS[one.state]}: not counted here)</Soft>
            )}{' '}
            <QuietButton onPress={() => start(() => dropReading(piece.id, one.id))}>Strike out</QuietButton>
          </li>
        ))}
      </PlainList>
      <details open={readings.length === 0}>
        <summary>Weigh it {readings.length > 0 ? 'again' : 'now'}</summary>
        <div style={{ display: 'grid', gap: '0.9rem', paddingTop: '0.75rem' }}>
          <ReadingFields draft={draft} onChange={setDraft} errors={errors} />
          <Actions>
            <Button isDisabled={!reading || saving} onPress={add}>
              Keep this reading
            </Button>
          </Actions>
        </div>
      </details>
    </Paper>
  )
}
