'use client'

import { useState, type ReactNode } from 'react'
import { Button, QuietButton, StrongButton } from '@/ui/kit/buttons'
import { CheckField, CheckGroup } from '@/ui/kit/checks'
import { Chip, Chips } from '@/ui/kit/Chips'
import { ColourField } from '@/ui/kit/ColourField'
import { ComboField } from '@/ui/kit/ComboField'
import { ChoiceField, TextField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { Hint } from '@/ui/kit/Hint'
import { ButtonLink, StrongLink } from '@/ui/kit/links'
import { MenuButton } from '@/ui/kit/MenuButton'
import { ModalButton } from '@/ui/kit/ModalButton'
import { PickFile } from '@/ui/kit/PickFile'
import { SelectField } from '@/ui/kit/SelectField'
import { DayField } from '@/ui/kit/DayField'
import { FormBox } from '@/ui/kit/FormBox'
import { SortTable } from '@/ui/kit/SortTable'
import { SlideField } from '@/ui/kit/SlideField'
import { Actions, Fields, Lead, Page, Paper, Callout, Soft, Tiles } from '@/ui/kit/surfaces'
import { mustHave } from '@/core/lists/items'

const nothing = () => {}
const FIBRES = ['cotton', 'linen', 'wool'].map((id) => ({ id, label: id }))
const PAIRS = FIBRES.map(({ id, label }) => [id, label] as const)

const SORTED = [
  ['cotton', 12],
  ['linen', 31],
  ['wool', 4],
].map(([of, m2]) => ({
  id: String(of),
  cells: [
    { shown: of, by: mustHave(of) },
    { shown: m2, by: mustHave(m2) },
  ],
}))

function Shown({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Paper aria-label={title}>
      <h2>{title}</h2>
      {children}
    </Paper>
  )
}

/** Every control of the kit, in each state that it has. */
export function KitPage() {
  return (
    <Page>
      <div>
        <h1>The kit</h1>
        <Lead>Every control in its states: at rest, chosen, wrong, switched off.</Lead>
      </div>
      <Tiles>
        <Shown title="Buttons and links">
          <Actions>
            <StrongButton>The main action</StrongButton>
            <Button>Another</Button>
            <QuietButton>A quiet one</QuietButton>
          </Actions>
          <Actions>
            <StrongButton isDisabled>Main, off</StrongButton>
            <Button isDisabled>Another, off</Button>
            <QuietButton isDisabled>Quiet, off</QuietButton>
          </Actions>
          <Actions>
            <StrongLink href="/">The main link</StrongLink>
            <ButtonLink href="/">Another link</ButtonLink>
          </Actions>
        </Shown>
        <Typed />
        <Sent />
        <Shown title="Sorted figures">
          <SortTable label="Sorted figures" columns={['of', 'm²']} rows={SORTED} />
        </Shown>
        <Chosen />
        <Switched />
        <Opened />
        <Shown title="Slips">
          <Callout>What comes next.</Callout>
          <Callout $tone="good">What went well.</Callout>
          <Callout $tone="warn">What is wrong, and what to do.</Callout>
          <Soft>Softly said.</Soft>
        </Shown>
      </Tiles>
    </Page>
  )
}

function Typed() {
  const [text, setText] = useState('denim')
  const [number, setNumber] = useState(150)
  return (
    <Shown title="Typed">
      <Fields>
        <TextField label="Text" hint="With a hint." value={text} onChange={setText} />
        <TextField label="Text, wrong" value={text} onChange={setText} error="It needs a name." />
        <TextField label="Text, off" value="cannot be changed" onChange={nothing} isDisabled />
        <NumberField label="Number" unit="g/m²" value={number} onChange={setNumber} />
        <NumberField label="Number, wrong" unit="mm" value={-3} onChange={nothing} error="More than zero." />
      </Fields>
      <TextField label="Many lines" rows={2} value={text} onChange={setText} />
    </Shown>
  )
}

function Chosen() {
  const [fibre, setFibre] = useState('linen')
  return (
    <Shown title="Chosen">
      <ChoiceField label="A few" value={fibre} onChange={setFibre} options={PAIRS} />
      <SelectField label="Some" value={fibre} onChange={setFibre} options={PAIRS} />
      <ComboField label="Many" chosen={fibre} onChoose={setFibre} options={FIBRES} />
      <ComboField label="Many, wrong" chosen={null} onChoose={nothing} options={FIBRES} error="Choose one of them." />
    </Shown>
  )
}

function Switched() {
  const [isOn, setOn] = useState(true)
  const [share, setShare] = useState(30)
  const [colour, setColour] = useState('#4a6b83')
  return (
    <Shown title="Switched and slid">
      <Chips role="group" aria-label="Chips">
        <Chip isSelected={isOn} onChange={setOn}>
          on or off
        </Chip>
        <Chip isSelected={false}>off</Chip>
      </Chips>
      <CheckGroup legend="Checks">
        <CheckField isSelected={isOn} onChange={setOn}>
          Holds or not
        </CheckField>
        <CheckField isSelected isDisabled>
          Cannot be changed
        </CheckField>
      </CheckGroup>
      <SlideField label="A share" value={share} minValue={0} maxValue={100} unit="%" onChange={setShare} />
      <ColourField label="A colour" value={colour} onChange={setColour} />
    </Shown>
  )
}

function Opened() {
  const [did, setDid] = useState('nothing yet')
  return (
    <Shown title="Opened">
      <Actions>
        <MenuButton
          label="More"
          items={[
            { id: 'print', label: 'Print it' },
            { id: 'copy', label: 'Copy it' },
          ]}
          onChoose={setDid}
        />
        <ModalButton label="Ask first" title="Take it off the shelf?">
          {(close) => (
            <Actions>
              <Button onPress={close}>Take it off</Button>
              <QuietButton onPress={close}>Leave it</QuietButton>
            </Actions>
          )}
        </ModalButton>
        <PickFile label="Choose a file" types={['image/png']} onPick={(file) => setDid(file.name)} />
        <Hint words="Regain: water that a fibre takes up from the air, per cent of its dry mass.">Regain</Hint>
      </Actions>
      <p role="status">Done: {did}</p>
    </Shown>
  )
}

function Sent() {
  const [sent, setSent] = useState(0)
  const [day, setDay] = useState<string | null>('2026-03-14')
  return (
    <Shown title="Sent as a whole">
      <FormBox onSubmit={() => setSent(sent + 1)}>
        <DayField label="A day" hint="Typed, or chosen from a month." day={day} onChange={setDay} />
        <DayField label="A day, wrong" day={day} onChange={setDay} error="That is after today." />
        <StrongButton type="submit">Send</StrongButton>
        <Soft role="status">Sent {sent} times.</Soft>
      </FormBox>
    </Shown>
  )
}
