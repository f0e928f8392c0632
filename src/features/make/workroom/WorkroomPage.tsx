'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { type Workroom } from '@/core/notebook/kinds/workroom'
import { FEET, FOOT_WORDS } from '@/core/vocabulary/making'
import { capitalise } from '@/core/units/format'
import { Button, QuietButton, StrongButton } from '@/ui/kit/buttons'
import { CheckField, CheckGroup } from '@/ui/kit/checks'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Columns, Fields, Lead, Page, Paper, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { saveWorkroom } from './actions'
import { CalendarIn } from './CalendarIn'
import { type CalendarTold } from './calendarTold'
import { mustHave } from '@/core/lists/items'
import { Say } from '@/ui/text/Say'

/** It brings a calendar's arithmetic: fetched where there are hours to show. */
const TimeField = dynamic(() => import('@/ui/kit/TimeField').then((found) => found.TimeField))

const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const
const NEEDLES = [60, 65, 70, 75, 80, 90, 100] as const
const EVENING = { day: 5, from: '10:00', to: '12:00' }

/** What a person says of their workroom; what a calendar says is read from it. */
type Said = Omit<Workroom, 'calendar' | 'once'>

interface Props {
  workroom: Said
  calendar: CalendarTold
  schools: readonly { id: string; words: string; sides: readonly string[] }[]
}

/** What the person has, when they have time, and which side they take where people disagree. */
export function WorkroomPage({ workroom, calendar, schools }: Props) {
  const { busy, trouble, doing } = useAsyncAction()
  const [value, setValue] = useState(workroom)
  const [isKept, setKept] = useState(false)
  const set = (part: Partial<Said>) => {
    setKept(false)
    setValue((before) => ({ ...before, ...part }))
  }
  const save = () =>
    doing(async () => {
      const outcome = await saveWorkroom(value)
      setKept(outcome.ok)
      return outcome
    })
  return (
    <Page>
      <div>
        <h1>My equipment and time</h1>
        <Lead>You enter this once; advice and plans then fit what you have.</Lead>
      </div>
      <Columns>
        <Stack $gap="1.25rem">
          <HoursFields hours={value.hours} onChange={(hours) => set({ hours })} />
          <CalendarIn calendar={calendar} />
          <MachineFields machine={value.machine} onChange={(machine) => set({ machine })} />
          <HouseholdFields household={value.household} onChange={(household) => set({ household })} />
        </Stack>
        <Stack $gap="1.25rem">
          <SchoolFields schools={schools} picked={value.schools} onChange={(picked) => set({ schools: picked })} />
        </Stack>
      </Columns>
      <Actions>
        <StrongButton isDisabled={busy} onPress={save}>
          Save
        </StrongButton>
        <span role="status">{isKept ? 'Saved.' : ''}</span>
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Page>
  )
}

interface Part<T> {
  onChange: (value: T) => void
}

function HoursFields({ hours, onChange }: Part<Workroom['hours']> & Pick<Workroom, 'hours'>) {
  const change = (index: number, part: Partial<Workroom['hours'][number]>) =>
    onChange(hours.map((one, i) => (i === index ? { ...one, ...part } : one)))
  return (
    <Paper aria-label="Free time">
      <h2>Free time</h2>
      {hours.length === 0 ? <Soft>Nothing entered: we assume two evenings and a Saturday morning.</Soft> : null}
      {hours.map((one, i) => (
        <Fields key={i} role="group" aria-label={`Time ${i + 1}`}>
          <SelectField
            label="Day"
            value={String(one.day)}
            onChange={(day) => change(i, { day: Number(day) })}
            options={DAYS.map((name, day) => [String(day), name] as const)}
          />
          <TimeField label="From" time={one.from} onChange={(from) => change(i, { from })} />
          <TimeField label="To" time={one.to} onChange={(to) => change(i, { to })} />
          <Actions>
            <QuietButton onPress={() => onChange(hours.filter((_, k) => k !== i))}>Remove</QuietButton>
          </Actions>
        </Fields>
      ))}
      <Actions>
        <Button onPress={() => onChange([...hours, hours.at(-1) ?? EVENING])}>Add a time</Button>
      </Actions>
    </Paper>
  )
}

function MachineFields({ machine, onChange }: Part<Workroom['machine']> & Pick<Workroom, 'machine'>) {
  const set = (part: Partial<Workroom['machine']>) => onChange({ ...machine, ...part })
  return (
    <Paper aria-label="Sewing">
      <h2>Sewing</h2>
      <CheckField isSelected={machine.overlocker} onChange={(overlocker) => set({ overlocker })}>
        <Say>An overlocker (serger)</Say>
      </CheckField>
      <CheckField isSelected={machine.steamIron} onChange={(steamIron) => set({ steamIron })}>
        An iron that makes steam
      </CheckField>
      <CheckGroup legend="Extra presser feet">
        {FEET.map((foot) => (
          <CheckField
            key={foot}
            isSelected={machine.feet.includes(foot)}
            onChange={() => set({ feet: FEET.filter((one) => (one === foot) !== machine.feet.includes(one)) })}
          >
            {capitalise(FOOT_WORDS[foot])}
          </CheckField>
        ))}
      </CheckGroup>
      <SelectField
        label="Finest needle you have"
        value={String(machine.smallestNeedle)}
        onChange={(nm) => set({ smallestNeedle: Number(nm) })}
        options={NEEDLES.map((nm) => [String(nm), `NM ${nm}`] as const)}
      />
    </Paper>
  )
}

function HouseholdFields({ household, onChange }: Part<Workroom['household']> & Pick<Workroom, 'household'>) {
  const number = (label: string, unit: string, key: 'washerKg' | 'lineMetres' | 'celsius' | 'humidityPercent') => (
    <NumberField
      label={label}
      unit={unit}
      value={household[key]}
      onChange={(value) => (Number.isNaN(value) ? undefined : onChange({ ...household, [key]: value }))}
    />
  )
  return (
    <Paper aria-label="Washing and drying">
      <h2>Washing and drying</h2>
      <Fields>
        {number('Washer load', 'kg', 'washerKg')}
        {number('Line or rack', 'm', 'lineMetres')}
        {number('Drying place', '°C', 'celsius')}
        {number('Humidity there', '%', 'humidityPercent')}
      </Fields>
      <CheckField isSelected={household.dryer} onChange={(dryer) => onChange({ ...household, dryer })}>
        A tumble dryer
      </CheckField>
    </Paper>
  )
}

const NO_SIDE = 'no preference'

function SchoolFields({
  schools,
  picked,
  onChange,
}: Part<Workroom['schools']> & { schools: Props['schools']; picked: Workroom['schools'] }) {
  const pick = (id: string, side: string) => {
    const rest = Object.entries(picked).filter(([matter]) => matter !== id)
    onChange(Object.fromEntries(side === NO_SIDE ? rest : [...rest, [id, side]]))
  }
  return (
    <Paper aria-label="Where experts disagree">
      <h2>Where experts disagree</h2>
      <Soft>Both ways are good: choose yours, and our advice prefers it where the fabric allows.</Soft>
      <Callout>No preference: by weight, sheerness and handle.</Callout>
      <Fields>
        {schools.map(({ id, words, sides }) => (
          <SelectField
            key={id}
            label={`${mustHave(words[0]).toUpperCase()}${words.slice(1)}`}
            value={picked[id] ?? NO_SIDE}
            onChange={(side) => pick(id, side)}
            options={[[NO_SIDE, 'by fabric'], ...sides.map((side) => [side, side.replaceAll('-', ' ')] as const)]}
          />
        ))}
      </Fields>
    </Paper>
  )
}
