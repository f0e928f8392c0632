'use client'

import { useDates } from '../../shared/settings/useDates'
import Link from 'next/link'
import { useState } from 'react'
import styled from 'styled-components'
import { speakId } from '@/core/vocabulary/words'
import { capitalise } from '@/core/units/format'
import { PieceDrawing } from '@/ui/pattern/PieceDrawing'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { CheckField, CheckGroup } from '@/ui/kit/checks'
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
import { LengthField } from '../../shared/settings/LengthField'
import { keepGarment, tookApart } from './actions'
import { ConditionFields } from './Condition'
import { type ApartData } from './load'
import { SeamChoice } from './SeamChoice'
import { Say } from '@/ui/text/Say'
import { upperFirst, phrase } from '@/core/text/text'
import { sizeInCm } from '@/core/text/amounts'

const Panels = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 1rem;
  grid-template-columns: repeat(auto-fill, minmax(9rem, 1fr));
  li {
    text-align: center;
  }
`

const WAYS = { leave: 'Leave it', unpick: 'Unpick', rip: 'Rip', 'cut-close': 'Cut close' } as const
const m2 = (mm2: number) => (mm2 / 1e6).toFixed(2)

/** A garment in the hand: what it yields, seam by seam, what to keep, and whether it is worth it. */
export function TakeApartPage(data: ApartData) {
  const dates = useDates()
  const { id, name, summary, answer, garment, isMeasured } = data
  const { clothMm2, panels, plan, worth, yields } = answer
  const [low, high] = clothMm2.interval80
  // What was marked and measured but not kept yet counts too when it is taken apart.
  const [value, setValue] = useState(garment)
  return (
    <Page>
      <div>
        <Link href={`/stash/${id}`}>{name}</Link>
        <h1>Take apart</h1>
        <Lead>
          <Say>{upperFirst(yields)}</Say>. {m2(clothMm2.value)} m² of fabric ({m2(low)} to {m2(high)}).
        </Lead>
        <Soft>
          <Say>{worth.text}</Say> <Link href={`/make/leftovers?of=${id}`}>What can I cut from it?</Link>{' '}
          {isMeasured ? '' : 'Estimated for a usual size: measure it below. '}
          {summary}
        </Soft>
      </div>
      <Paper aria-labelledby="panels">
        <h2 id="panels">
          What it yields <Soft as="span">(panels, warp upright)</Soft>
        </h2>
        <Panels>
          {panels.map((panel) => (
            <li key={panel.id}>
              <PieceDrawing
                label={`${speakId(panel.id)}, drawn`}
                outline={panel.outline}
                holes={panel.holes}
                faded={panel.faded}
                warpDeg={panel.warpDeg}
                onFold={false}
              />
              <b>
                {panel.count > 1 ? `${panel.count} × ` : ''}
                {speakId(panel.id)}
              </b>
              <Soft>
                <Say>{phrase`${sizeOf(panel.largest)} long`}</Say>
              </Soft>
            </li>
          ))}
        </Panels>
      </Paper>
      {garment.apart ? (
        <Callout $tone="good">
          Taken apart on {dates.dayText(garment.apart)}; its panels are in your stash as offcuts.
        </Callout>
      ) : (
        <DoneWith {...data} unsaved={value === garment ? null : value} />
      )}
      <Columns $first="1.2fr">
        <SeamBySeam plan={plan} />
        <Stack $gap="1.25rem">
          <Callout $tone="warn">
            <PlainList>
              {answer.cautions.map(({ id: rule, text }) => (
                <li key={rule}>
                  <Terms>{text}</Terms>
                </li>
              ))}
            </PlainList>
          </Callout>
          <InTheHand key={id} {...data} value={value} setValue={setValue} />
        </Stack>
      </Columns>
    </Page>
  )
}

function SeamBySeam({ plan }: Pick<ApartData['answer'], 'plan'>) {
  return (
    <Paper aria-labelledby="seams">
      <h2 id="seams">Seam by seam, in this order</h2>
      <Steps>
        {plan.map(({ seam, way, minutes, loses, tool, text }) => (
          <li key={seam}>
            <b>
              {capitalise(speakId(seam))}: {WAYS[way].toLowerCase()}.
            </b>{' '}
            <Say>{text}</Say>
            {way === 'leave' ? null : (
              <Soft>
                {minutes} min, {tool}
                {loses > 0 ? `, loses ${loses} mm on each side` : ''}
              </Soft>
            )}
          </li>
        ))}
      </Steps>
    </Paper>
  )
}

/** What was kept, and that it is done. */
function DoneWith({ id, answer, unsaved }: ApartData & { unsaved: ApartData['garment'] | null }) {
  const { busy, trouble, doing } = useAsyncAction()
  const [kept, setKept] = useState<readonly string[]>(() =>
    answer.keep.flatMap(({ id: one, notion }) => (notion ? [one] : [])),
  )
  return (
    <Paper aria-labelledby="keep">
      <h2 id="keep">What to keep</h2>
      <CheckGroup legend="Ticked things are added to your notions">
        {answer.keep.map(({ id: one, text, notion }) =>
          notion ? (
            <CheckField
              key={one}
              isSelected={kept.includes(one)}
              onChange={(isOn) => setKept(isOn ? [...kept, one] : kept.filter((other) => other !== one))}
            >
              <Say>{text}</Say>
            </CheckField>
          ) : (
            <p key={one}>
              <Say>{text}</Say>
            </p>
          ),
        )}
      </CheckGroup>
      <Actions>
        <StrongButton isDisabled={busy} onPress={() => doing(() => tookApart(id, kept, unsaved))}>
          I took it apart
        </StrongButton>
        <Soft as="span">Its panels become fabrics in your stash.</Soft>
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Paper>
  )
}

const MEASURES = [
  ['chestMm', 'Around the chest'],
  ['hipMm', 'Around the hips'],
  ['lengthMm', 'From the top to the hem'],
  ['sleeveMm', 'Sleeve'],
] as const

interface InTheHandProps extends ApartData {
  value: ApartData['garment']
  setValue: (value: ApartData['garment']) => void
}

/** How it is, its measures, how it is sewn, where it is worn. */
function InTheHand({ value, setValue, seamMakes, wornPlaces, whole, conditions }: InTheHandProps) {
  const { busy, trouble, doing } = useAsyncAction()
  return (
    <Stack $gap="1.25rem">
      <ConditionFields
        whole={whole}
        conditions={conditions}
        places={value.places}
        onChange={(places) => setValue({ ...value, places })}
      />
      <Paper aria-labelledby="measure">
        <h2 id="measure">Measurements</h2>
        <Fields>
          {MEASURES.map(([key, label]) => (
            <LengthField
              key={key}
              label={label}
              of="short"
              mm={value[key]}
              leastMm={100}
              mostMm={8000}
              onMm={(mm) => setValue({ ...value, [key]: mm && Math.round(mm) })}
            />
          ))}
        </Fields>
        <Soft>Measure flat and double it for “around”. We estimate what you leave empty.</Soft>
        <SeamChoice value={value.seams} onChange={(seams) => setValue({ ...value, seams })} options={seamMakes} />
        <CheckGroup legend="Worn through">
          {wornPlaces.map(([place, label]) => (
            <CheckField
              key={place}
              isSelected={value.worn.includes(place)}
              onChange={(isOn) =>
                setValue({
                  ...value,
                  worn: isOn ? [...value.worn, place] : value.worn.filter((one) => one !== place),
                })
              }
            >
              {label}
            </CheckField>
          ))}
        </CheckGroup>
        <Actions>
          <Button isDisabled={busy} onPress={() => doing(() => keepGarment(value))}>
            Update
          </Button>
        </Actions>
        <Trouble>{trouble}</Trouble>
      </Paper>
    </Stack>
  )
}

/** Rounded down, so that never more is told than there is. */
const sizeOf = ({ widthMm, lengthMm }: { widthMm: number; lengthMm: number }) =>
  sizeInCm(Math.floor(widthMm / 10), Math.floor(lengthMm / 10))
