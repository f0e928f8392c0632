'use client'

import { useState } from 'react'
import { bendingLength, bodyFromBending, bodyFromCoefficient, flexuralRigidity } from '@/core/measure/drape'
import { measuredOf, rigidityOf } from '@/core/notebook/measured'
import { ofKind } from '@/core/notebook/measurements'
import { withDoubt } from '@/core/units/format'
import { StrongButton } from '@/ui/controls/buttons'
import { ChoiceField, NumberField } from '@/ui/controls/fields'
import { Actions, Columns, Lead, Paper, Soft } from '@/ui/controls/surfaces'
import { DrapedDisc } from '../disc/DrapedDisc'
import { fieldUnits, fromField, toField } from '../../settings/measures'
import { usePreferences } from '../../settings/PreferencesContext'
import { Fields, Mean, ReadingList, Stack, type BenchProps } from './common'
import { FallQuestion, FALL_TESTS } from './Graded'

const WAYS = [
  ['eye', 'by eye'],
  ['strip', 'a strip over a slope'],
  ['disc', 'a picture of a disc'],
  ['paper', 'a paper ring, weighed'],
] as const

export function Drape(props: BenchProps) {
  const { piece, readings } = props
  const [way, setWay] = useState<(typeof WAYS)[number][0]>('eye')
  const measured = measuredOf(readings.now)
  const rigidity = rigidityOf(measured, piece?.gsm ?? null)
  const list = [
    ...ofKind(readings.now, 'drape-grade').map(({ id, data }) => ({
      id,
      text: `${FALL_TESTS.find(([test]) => test === data.test)![1]}: ${data.body}`,
    })),
    ...ofKind(readings.now, 'cantilever').map(({ id, data }) => ({
      id,
      text:
        `Strip ${data.direction === 'width' ? 'across' : 'lengthwise'}: bends over ` +
        `${withDoubt(bendingLength({ value: data.overhangMm, sd: data.errorMm }))} cm`,
    })),
    ...ofKind(readings.now, 'draped-disc').map(({ id, data }) => ({
      id,
      text: `Disc: shadow of ${Math.round(data.shadowMm2 / 100)} cm²`,
    })),
    ...ofKind(readings.now, 'draped-paper').map(({ id, data }) => ({
      id,
      text: `Paper: ${data.shadowGrams} of ${data.ringGrams} g`,
    })),
  ]
  return (
    <>
      <ChoiceField
        label="How to find out"
        value={way}
        onChange={(value) => setWay(value as typeof way)}
        options={WAYS}
      />
      <Columns $first="1.5fr">
        <div style={{ minWidth: 0 }}>
          {way === 'eye' ? <FallQuestion {...props} /> : null}
          {way === 'strip' ? <Cantilever {...props} /> : null}
          {way === 'disc' ? (
            <DrapedDisc onMeasured={(disc) => readings.add({ kind: 'draped-disc', ...disc })} />
          ) : null}
          {way === 'paper' ? <PaperRing {...props} /> : null}
        </div>
        <Stack>
          <Paper aria-labelledby="comes-to">
            <h2 id="comes-to">What it comes to</h2>
            {measured.body ? (
              <Lead>
                It falls: {measured.body.value}. <Soft as="span">The middle of {measured.body.votes}.</Soft>
              </Lead>
            ) : null}
            {(['length', 'width'] as const).map((direction) => (
              <Mean
                key={direction}
                title={`Bending length ${direction === 'width' ? 'across' : 'lengthwise'}`}
                repeats={measured.bending[direction]}
                unit="cm"
              >
                {measured.bending[direction] ? (
                  <p>By the strip alone: {bodyFromBending(measured.bending[direction].mean)}.</p>
                ) : null}
              </Mean>
            ))}
            {(['length', 'width'] as const).map((direction) =>
              piece?.gsm && measured.bending[direction] ? (
                <p key={direction}>
                  Rigidity {direction === 'width' ? 'across' : 'lengthwise'}:{' '}
                  {withDoubt(flexuralRigidity(piece.gsm, measured.bending[direction].quantity))} mg·cm
                </p>
              ) : null,
            )}
            {rigidity ? (
              <p>
                Rigidity of the whole: <b>{withDoubt(rigidity)} mg·cm</b>
              </p>
            ) : null}
            <Mean title="Drape coefficient" repeats={measured.drape} unit="%">
              {measured.drape ? (
                <p>
                  By the ring alone: {bodyFromCoefficient(measured.drape.mean)}. 0 % hangs straight down, 100 % stands
                  out flat.
                </p>
              ) : null}
            </Mean>
            <ReadingList items={list} onDrop={readings.drop} />
          </Paper>
        </Stack>
      </Columns>
    </>
  )
}

function Cantilever({ readings, piece }: BenchProps) {
  const { units } = usePreferences()
  const { fine } = fieldUnits(units)
  const [direction, setDirection] = useState<'length' | 'width'>('length')
  const [overhang, setOverhang] = useState<number | null>(null)
  return (
    <Paper aria-labelledby="strip">
      <h2 id="strip">A strip over a slope</h2>
      <ol style={{ margin: 0, paddingLeft: '1.2rem' }}>
        <li>
          Cut a strip 2.5 by 20 cm along the threads. Draw a line that falls at 41½°: 9 cm down for every 10 along,
          from the table’s edge.
        </li>
        <li>
          Lay a ruler on the strip and push both over the edge together until the tip touches the line. Read how far
          it sticks out.
        </li>
      </ol>
      <ChoiceField
        label="The strip runs"
        value={direction}
        onChange={(value) => setDirection(value as typeof direction)}
        options={[
          ['length', 'lengthwise'],
          ['width', 'across'],
        ]}
      />
      <Fields>
        <NumberField
          label="Sticks out"
          unit={fine.symbol}
          minValue={0}
          value={toField(overhang, fine)}
          onChange={(value) => setOverhang(fromField(value, fine))}
        />
      </Fields>
      <Actions>
        <StrongButton
          isDisabled={!overhang}
          onPress={() => {
            if (overhang) readings.add({ kind: 'cantilever', direction, overhangMm: overhang, errorMm: 1 })
            setOverhang(null)
          }}
        >
          Keep this strip
        </StrongButton>
      </Actions>
      <Soft>
        After ASTM D1388: bending length is half of what sticks out; face up, face down, both ends, and both ways.
        {piece && !piece.gsm ? ' Weigh it as well, and its rigidity follows.' : ''}
      </Soft>
    </Paper>
  )
}

function PaperRing({ readings }: BenchProps) {
  const [ring, setRing] = useState(NaN)
  const [shadow, setShadow] = useState(NaN)
  const ready = ring > 0 && shadow >= 0 && shadow <= ring
  return (
    <Paper aria-labelledby="paper">
      <h2 id="paper">A paper ring</h2>
      <ol style={{ margin: 0, paddingLeft: '1.2rem' }}>
        <li>
          Lay a 30 cm disc of cloth on an 18 cm tin under a lamp, over a paper ring of 30 cm with an 18 cm hole. Draw
          round the shadow.
        </li>
        <li>Weigh the ring whole; cut along the shadow, and weigh the inner part.</li>
      </ol>
      <Fields>
        <NumberField label="The whole ring" unit="g" minValue={0} value={ring} onChange={setRing} />
        <NumberField
          label="Its shadow part"
          unit="g"
          minValue={0}
          value={shadow}
          onChange={setShadow}
          error={shadow > ring ? 'The shadow is a part of the ring.' : undefined}
        />
      </Fields>
      <Actions>
        <StrongButton
          isDisabled={!ready}
          onPress={() => {
            readings.add({ kind: 'draped-paper', ringGrams: ring, shadowGrams: shadow })
            setRing(NaN)
            setShadow(NaN)
          }}
        >
          Keep this ring
        </StrongButton>
      </Actions>
    </Paper>
  )
}
