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

/** It brings a calendar's arithmetic: fetched where there are hours to show. */
const TimeField = dynamic(() => import('@/ui/kit/TimeField').then((found) => found.TimeField))

const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const
const NEEDLES = [60, 65, 70, 75, 80, 90, 100] as const
const EVENING = { day: 5, from: '10:00', to: '12:00' }

/** What a person says of their workroom; what a calendar says is read from it. */
type Said = Omit<Workroom, 'calendar'>

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
        <h1>My workroom</h1>
        <Lead>Asked once: advice and plans then stay within what you have.</Lead>
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
          Keep it so
        </StrongButton>
        <span role="status">{isKept ? 'Kept.' : ''}</span>
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
    <Paper aria-label="When you have time">
      <h2>When you have time</h2>
      {hours.length === 0 ? <Soft>Nothing said: two evenings and a Saturday morning are taken.</Soft> : null}
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
            <QuietButton onPress={() => onChange(hours.filter((_, k) => k !== i))}>Take it away</QuietButton>
          </Actions>
        </Fields>
      ))}
      <Actions>
        <Button onPress={() => onChange([...hours, hours.at(-1) ?? EVENING])}>Another time</Button>
      </Actions>
    </Paper>
  )
}

function MachineFields({ machine, onChange }: Part<Workroom['machine']> & Pick<Workroom, 'machine'>) {
  const set = (part: Partial<Workroom['machine']>) => onChange({ ...machine, ...part })
  return (
    <Paper aria-label="What you sew with">
      <h2>What you sew with</h2>
      <CheckField isSelected={machine.overlocker} onChange={(overlocker) => set({ overlocker })}>
        An overlocker (serger)
      </CheckField>
      <CheckField isSelected={machine.steamIron} onChange={(steamIron) => set({ steamIron })}>
        An iron that makes steam
      </CheckField>
      <CheckGroup legend="Feet, beside the one that it came with">
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
        label="Finest needle at hand"
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
        {number('The drum takes', 'kg', 'washerKg')}
        {number('Line or rack', 'm', 'lineMetres')}
        {number('Where it dries', '°C', 'celsius')}
        {number('Humidity there', '%', 'humidityPercent')}
      </Fields>
      <CheckField isSelected={household.dryer} onChange={(dryer) => onChange({ ...household, dryer })}>
        A tumble dryer
      </CheckField>
    </Paper>
  )
}

const NO_SIDE = 'no side'

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
    <Paper aria-label="Where people disagree">
      <h2>Where people disagree</h2>
      <Soft>Both ways are good: pick yours, and advice leans that way where the cloth allows.</Soft>
      <Callout>Nothing picked: by weight, sheerness and handle.</Callout>
      <Fields>
        {schools.map(({ id, words, sides }) => (
          <SelectField
            key={id}
            label={`${mustHave(words[0]).toUpperCase()}${words.slice(1)}`}
            value={picked[id] ?? NO_SIDE}
            onChange={(side) => pick(id, side)}
            options={[[NO_SIDE, 'by the cloth'], ...sides.map((side) => [side, side.replaceAll('-', ' ')] as const)]}
          />
        ))}
      </Fields>
    </Paper>
  )
}
