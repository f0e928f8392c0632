'use client'

import { useCallback, useState, type ReactNode } from 'react'
import { inspectionById } from '@/core/cloths/inspection'
import { absorbencyWords, creaseWords, crockingWords } from '@/core/measure/grades'
import { Listing } from '../Listing'
import { foretoldWords } from '../words'
import { measuredOf, opacityOverall } from '@/core/notebook/measured'
import { ofKind, type Measurement } from '@/core/notebook/measurements'
import { OPACITY_WORDS } from '@/core/notebook/properties'
import { type Body, type Opacity } from '@/core/vocabulary/cloth'
import { StrongButton, Button } from '@/ui/controls/buttons'
import { ChoiceField } from '@/ui/controls/fields'
import { Actions, Columns, Lead, Paper, Slip, Soft } from '@/ui/controls/surfaces'
import { CreaseDrawing, CrockingDrawing, DropDrawing, OpacityDrawing } from '@/ui/measuring/grades'
import { FallDrawing } from '@/ui/measuring/fall'
import { Question, type Asked } from '../../question/Question'
import { Mean, ReadingList, Stack, useWatch, type BenchProps } from './common'

/** Left: choose the drawing. Right: what it comes to. */
function Bench({
  question,
  side,
  above,
  picture,
  onGrade,
  onUndo,
  canUndo,
}: {
  question: Asked
  side: ReactNode
  above?: ReactNode
  picture: (state: string) => ReactNode
  onGrade: (state: string) => void
  onUndo: () => void
  canUndo: boolean
}) {
  const answer = useCallback(
    (states: string[]) => {
      if (states[0]) onGrade(states[0])
    },
    [onGrade],
  )
  return (
    <Columns $first="1.5fr">
      <Stack>
        {above}
        <Question
          feature={question}
          picture={picture}
          canUndo={canUndo}
          blank={false}
          onAnswer={answer}
          onUndo={onUndo}
        />
      </Stack>
      <Paper aria-labelledby="comes-to">
        <h2 id="comes-to">What it comes to</h2>
        {side}
      </Paper>
    </Columns>
  )
}

const grades = (words: readonly string[]) =>
  words.map((label, index) => ({ id: String(index + 1), label, help: `Grade ${index + 1}` }))

const CREASE: Asked = {
  id: 'crease',
  question: 'After a minute, which does it look like?',
  hint: 'Fold nothing, smooth nothing: lay it down and look.',
  multi: false,
  states: grades(['Like paper', 'Much creased', 'Creased', 'Hardly', 'Not at all']),
}

export function Crease({ readings, yarn }: BenchProps) {
  const { crease } = measuredOf(readings.now)
  const kept = ofKind(readings.now, 'crease')
  return (
    <Bench
      question={CREASE}
      picture={(state) => <CreaseDrawing grade={Number(state)} yarn={yarn} />}
      onGrade={(state) => readings.add({ kind: 'crease', grade: Number(state) })}
      canUndo={kept.length > 0}
      onUndo={() => readings.drop(kept.at(-1)!.id)}
      side={
        <>
          <Mean title="Grade, of 5" repeats={crease} unit="">
            {crease ? <p>{creaseWords(crease.mean)}</p> : null}
          </Mean>
          <ReadingList
            items={kept.map(({ id, data }) => ({ id, text: `Grade ${data.grade}` }))}
            onDrop={readings.drop}
          />
        </>
      }
    />
  )
}

const CROCKING: Asked = {
  id: 'crocking',
  question: 'How much colour is on the white cotton?',
  hint: 'Look at it in daylight, beside a clean part.',
  multi: false,
  states: grades(['Much', 'Clearly', 'Some', 'A trace', 'None']),
}

export function Crocking({ readings, yarn }: BenchProps) {
  const [rubbed, setRubbed] = useState<'dry' | 'wet'>('dry')
  const { crocking } = measuredOf(readings.now)
  const kept = ofKind(readings.now, 'crocking')
  return (
    <Bench
      question={CROCKING}
      picture={(state) => <CrockingDrawing grade={Number(state)} rubbed={rubbed} yarn={yarn} />}
      above={
        <ChoiceField
          label="Rubbed"
          value={rubbed}
          onChange={(value) => setRubbed(value as 'dry' | 'wet')}
          options={[
            ['dry', 'dry'],
            ['wet', 'with damp cotton'],
          ]}
        />
      }
      onGrade={(state) => readings.add({ kind: 'crocking', rubbed, grade: Number(state) })}
      canUndo={kept.length > 0}
      onUndo={() => readings.drop(kept.at(-1)!.id)}
      side={
        <>
          {(['dry', 'wet'] as const).map((way) =>
            crocking[way] ? (
              <Mean key={way} title={way === 'dry' ? 'Dry, of 5' : 'Damp, of 5'} repeats={crocking[way]} unit="">
                <p>{crockingWords(crocking[way].mean)}</p>
              </Mean>
            ) : null,
          )}
          <ReadingList
            items={kept.map(({ id, data }) => ({
              id,
              text: `${data.rubbed === 'dry' ? 'Dry' : 'Damp'}: grade ${data.grade}`,
            }))}
            onDrop={readings.drop}
          />
        </>
      }
    />
  )
}

const PARTS = [
  ['whole', 'all one'],
  ['light', 'light parts'],
  ['dark', 'dark parts'],
] as const

export function OpacityBench({ piece, readings, yarn }: BenchProps) {
  const [part, setPart] = useState<'whole' | 'light' | 'dark'>('whole')
  const [behind, setBehind] = useState<'card' | 'hand'>('card')
  const { question, hint, states } = inspectionById('opacity')
  const { opacity } = measuredOf(readings.now)
  const overall = opacityOverall(opacity)
  const kept = ofKind(readings.now, 'opacity')
  return (
    <Bench
      question={{
        id: 'opacity',
        question: behind === 'card' ? 'Lettering under one layer. What do you see of it?' : question,
        hint,
        multi: false,
        states: states.map((state) => ({
          ...state,
          help: behind === 'card' ? CARD_HELP[state.id as Opacity] : state.help,
        })),
      }}
      picture={(state) => (
        <OpacityDrawing
          grade={state as Opacity}
          behind={behind}
          yarn={part === 'light' ? { ...yarn, fill: '#e9e3d2' } : yarn}
        />
      )}
      above={
        <>
          <ChoiceField
            label="Which part of the print"
            value={part}
            onChange={(value) => setPart(value as typeof part)}
            options={PARTS}
          />
          <ChoiceField
            label="Behind it"
            value={behind}
            onChange={(value) => setBehind(value as typeof behind)}
            options={[
              ['card', 'a card with lettering'],
              ['hand', 'your hand'],
            ]}
          />
        </>
      }
      onGrade={(state) => readings.add({ kind: 'opacity', part, behind, grade: state as Opacity })}
      canUndo={kept.length > 0}
      onUndo={() => readings.drop(kept.at(-1)!.id)}
      side={
        <>
          {overall ? <Lead>Shows through: {OPACITY_WORDS[overall]}.</Lead> : null}
          {opacity.light && opacity.dark && opacity.light !== opacity.dark ? (
            <Slip>The light parts show more than the dark ones: judge a garment by the light ones.</Slip>
          ) : null}
          {piece?.opacityForetold ? (
            <Soft>
              {foretoldWords(piece.opacityForetold)}
              {overall ? (piece.opacityForetold.likeliest === overall ? ' It was right.' : ' It was wrong.') : ''}
            </Soft>
          ) : null}
          {piece ? null : <Listing />}
          <ReadingList
            items={kept.map(({ id, data }) => ({
              id,
              text: `${PARTS.find(([one]) => one === data.part)![1]}, ${data.behind}: ${OPACITY_WORDS[data.grade]}`,
            }))}
            onDrop={readings.drop}
          />
        </>
      }
    />
  )
}

const CARD_HELP: Record<Opacity, string> = {
  sheer: 'You can read it.',
  'semi-sheer': 'There is lettering, but it cannot be read.',
  opaque: 'Not even a shadow.',
}

export type FallTest = 'drop' | 'arm' | 'edge'
export const FALL_TESTS: readonly (readonly [FallTest, string, string])[] = [
  ['drop', 'drop it', 'Lift it by the middle and let it go on the table.'],
  ['arm', 'over an arm', 'Lay an arm’s length of it over an arm that is held out.'],
  ['edge', 'over an edge', 'Push a hand’s breadth over the edge of the table.'],
]

/** The fall by eye: three ways, five drawings each. */
export function FallQuestion({ readings, yarn }: BenchProps) {
  const [test, setTest] = useState<FallTest>('drop')
  const { states } = inspectionById('body')
  const kept = ofKind(readings.now, 'drape-grade')
  const [, , hint] = FALL_TESTS.find(([id]) => id === test)!
  const answer = (found: string[]) => {
    if (found[0]) readings.add({ kind: 'drape-grade', test, body: found[0] as Body } satisfies Measurement)
  }
  return (
    <Stack>
      <ChoiceField
        label="Which way"
        value={test}
        onChange={(value) => setTest(value as FallTest)}
        options={FALL_TESTS.map(([id, label]) => [id, label] as const)}
      />
      <Question
        feature={{ id: 'fall', question: 'Which drawing does it look like?', hint, multi: false, states }}
        picture={(state) => <FallDrawing test={test} body={state as Body} yarn={yarn} />}
        canUndo={kept.length > 0}
        blank={false}
        onAnswer={answer}
        onUndo={() => readings.drop(kept.at(-1)!.id)}
      />
    </Stack>
  )
}

/** A drop stands no longer than this worth watching, s. */
const LONG_ENOUGH = 60

export function WaterDrop({ readings, yarn }: BenchProps) {
  const { seconds, running, toggle } = useWatch()
  const { water, waterStood } = measuredOf(readings.now)
  const kept = ofKind(readings.now, 'water-drop')
  const press = () => {
    const taken = toggle()
    if (taken !== null)
      readings.add({ kind: 'water-drop', seconds: taken > LONG_ENOUGH ? null : Math.round(taken * 10) / 10 })
  }
  return (
    <Columns $first="1.2fr">
      <Paper aria-labelledby="drop">
        <h2 id="drop">Time the drop</h2>
        <div style={{ maxWidth: '18rem' }}>
          <DropDrawing sunk={running ? Math.min(1, seconds / 20) : kept.length > 0 ? 1 : 0} yarn={yarn} />
        </div>
        <p
          style={{ fontSize: '2rem', fontVariantNumeric: 'tabular-nums' }}
          role="timer"
          aria-label="Seconds since the drop landed"
        >
          {seconds.toFixed(1)} s
        </p>
        <Actions>
          <StrongButton style={{ minHeight: 64, minWidth: '14rem' }} onPress={press}>
            {running ? 'Its shine is gone' : 'It lands'}
          </StrongButton>
          <Button onPress={() => readings.add({ kind: 'water-drop', seconds: null })}>It stood for a minute</Button>
        </Actions>
      </Paper>
      <Paper aria-labelledby="comes-to">
        <h2 id="comes-to">What it comes to</h2>
        <Mean title="A drop sinks in within" repeats={water} unit="s">
          {water ? <p>{absorbencyWords(water.mean)}</p> : null}
        </Mean>
        {waterStood > 0 ? (
          <p>
            {waterStood} of {kept.length} stood for a minute. {absorbencyWords(null)}
          </p>
        ) : null}
        <ReadingList
          items={kept.map(({ id, data }) => ({
            id,
            text: data.seconds === null ? 'Stood for a minute' : `${data.seconds.toFixed(1)} s`,
          }))}
          onDrop={readings.drop}
        />
      </Paper>
    </Columns>
  )
}
