'use client'

import { useState } from 'react'
import { inspectionById } from '@/core/cloths/inspection'
import { bodyFromBending, bodyFromCoefficient, flexuralRigidity } from '@/core/measure/drape'
import { readingFormOf, measuredOf, measurementKinds } from '@/core/notebook/measurements'
import { ofKind } from '@/core/notebook/measurements/kept'
import {
  FALL_TESTS,
  FALL_TEST_WORDS,
  rigidityOf,
  type FallTest,
  type PooledDrape,
} from '@/core/notebook/measurements/drape'
import { withDoubt } from '@/core/units/format'
import { type Quantity } from '@/core/units/quantity'
import { DIRECTIONS, DIRECTION_WORDS, type Body } from '@/core/vocabulary/cloth'
import { ChoiceField } from '@/ui/kit/fields'
import { Lead, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { FallDrawing } from '@/ui/measuring/fall'
import { Question } from '../../../shared/question/Question'
import { DrapedDiscPicture } from '../disc/DrapedDisc'
import { BenchColumns, Mean, type BenchProps } from './common'
import { TypedForm } from './TypedForm'
import { lastOf } from '@/core/lists/items'

const WAYS = [
  ['eye', 'by eye'],
  ['strip', 'a strip over a slope'],
  ['disc', 'a picture of a disc'],
  ['paper', 'a paper ring, weighed'],
] as const

export function DrapeBench(props: BenchProps) {
  const { piece, readings } = props
  const [way, setWay] = useState<(typeof WAYS)[number][0]>('eye')
  const { cantilever, 'draped-paper': paper } = measurementKinds.drape.forms
  const kept = readings.now.filter(({ data }) => readingFormOf(data).kind.id === 'drape')
  return (
    <>
      <ChoiceField label="Method" value={way} onChange={(value) => setWay(value as typeof way)} options={WAYS} />
      <BenchColumns
        first="1.5fr"
        kept={kept}
        readings={readings}
        comesTo={<Falls drape={measuredOf(readings.now).drape} gsm={piece?.gsm ?? null} />}
      >
        {way === 'eye' ? <FallQuestion {...props} /> : null}
        {way === 'strip' ? <TypedForm id="cantilever" form={cantilever} readings={readings} /> : null}
        {way === 'strip' && piece && !piece.gsm ? (
          <Callout>Weigh it as well, and we can work out its stiffness.</Callout>
        ) : null}
        {way === 'disc' ? (
          <DrapedDiscPicture onMeasured={(disc) => readings.add({ kind: 'draped-disc', ...disc })} />
        ) : null}
        {way === 'paper' ? <TypedForm id="draped-paper" form={paper} readings={readings} /> : null}
      </BenchColumns>
    </>
  )
}

function Falls({ drape, gsm }: { drape: PooledDrape; gsm: Quantity | null }) {
  const { body, bending, coefficient } = drape
  const rigidity = rigidityOf(drape, gsm)
  return (
    <>
      {body ? (
        <Lead>
          Drape: {body.value}. <Soft as="span">The middle of {body.votes}.</Soft>
        </Lead>
      ) : null}
      {DIRECTIONS.map((direction) => {
        const strip = bending[direction]
        if (!strip) return null
        return (
          <Mean key={direction} title={`Bending length ${DIRECTION_WORDS[direction]}`} repeats={strip} unit="cm">
            <p>From the strip alone: {bodyFromBending(strip.mean)}.</p>
            {gsm ? (
              <p>
                Stiffness {DIRECTION_WORDS[direction]}: {withDoubt(flexuralRigidity(gsm, strip.quantity))} mg·cm
              </p>
            ) : null}
          </Mean>
        )
      })}
      {rigidity ? (
        <p>
          Overall stiffness: <b>{withDoubt(rigidity)} mg·cm</b>
        </p>
      ) : null}
      <Mean title="Drape coefficient" repeats={coefficient} unit="%">
        {coefficient ? (
          <p>
            From the ring alone: {bodyFromCoefficient(coefficient.mean)}. 0 % hangs straight down, 100 % stands out
            flat.
          </p>
        ) : null}
      </Mean>
    </>
  )
}

/** The fall by eye: three ways, five drawings each. */
function FallQuestion({ readings, yarn }: BenchProps) {
  const [test, setTest] = useState<FallTest>('drop')
  const kept = ofKind(readings.now, 'drape-grade')
  return (
    <Stack>
      <ChoiceField
        label="Direction"
        value={test}
        onChange={(value) => setTest(value as FallTest)}
        options={FALL_TESTS.map((id) => [id, FALL_TEST_WORDS[id].title] as const)}
      />
      <Question
        feature={{
          id: 'fall',
          question: 'Which drawing does it look like?',
          hint: FALL_TEST_WORDS[test].how,
          multi: false,
          states: inspectionById('body').states,
        }}
        picture={(state) => <FallDrawing test={test} body={state as Body} yarn={yarn} />}
        canUndo={kept.length > 0}
        blank={false}
        onAnswer={([body]) => body && readings.add({ kind: 'drape-grade', test, body: body as Body })}
        onUndo={() => readings.drop(lastOf(kept).id)}
      />
    </Stack>
  )
}
