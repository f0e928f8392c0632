'use client'

import { ChevronDown } from 'lucide-react'
import {
  Button,
  ComboBox,
  FieldError,
  Input,
  Label,
  ListBox,
  ListBoxItem,
  Popover,
  Text,
  type Key,
} from 'react-aria-components'
import { useState } from 'react'
import styled from 'styled-components'
import { box, field } from './fieldStyles'

const Box = styled(ComboBox)`
  ${field}
  .line {
    position: relative;
    display: flex;
  }
`
const Typed = styled(Input)`
  ${box}
  padding-right: 2.75rem;
`
const Open = styled(Button)`
  position: absolute;
  inset: 0 0 0 auto;
  width: 2.75rem;
  border: 0;
  background: transparent;
  display: grid;
  place-items: center;
  cursor: pointer;
`
const Choices = styled(Popover)`
  width: var(--trigger-width);
  max-height: 20rem;
  overflow: auto;
  background: var(--paper);
  border: 1.5px solid var(--ink-soft);
  border-radius: 3px;
  box-shadow: var(--shadow);
`
const Choice = styled(ListBoxItem)`
  padding: 0.55rem 0.8rem;
  min-height: 2.75rem;
  cursor: pointer;
  &[data-focused] {
    background: var(--paper-deep);
    outline: 2px solid var(--indigo);
    outline-offset: -2px;
  }
  &[data-selected] {
    font-weight: 700;
  }
  &[data-selected]::before {
    content: '✓ ';
  }
`

export interface Option {
  id: string
  label: string
}

interface Props {
  label: string
  hint?: string
  error?: string
  options: readonly Option[]
  chosen: string | null
  onChoose: (id: string) => void
}

/** One of many: a field that completes what is typed, what begins so before what only holds it. */
export function ComboField({ label, hint, error, options, chosen, onChoose }: Props) {
  const chosenLabel = options.find(({ id }) => id === chosen)?.label ?? ''
  const [typed, setTyped] = useState(chosenLabel)
  const items = typed === chosenLabel ? options : completing(options, typed)
  return (
    <Box
      menuTrigger="focus"
      selectedKey={chosen}
      onSelectionChange={(key: Key | null) => {
        if (key !== null) onChoose(String(key))
      }}
      onInputChange={setTyped}
      isInvalid={error !== undefined}
      items={items}
    >
      <Label>{label}</Label>
      <div className="line">
        <Typed />
        <Open aria-label={`Show what there is: ${label}`}>
          <ChevronDown aria-hidden size={20} />
        </Open>
      </div>
      {hint ? <Text slot="description">{hint}</Text> : null}
      <FieldError className="error">{error}</FieldError>
      <Choices>
        <ListBox<Option>>
          {(option) => (
            <Choice id={option.id} textValue={option.label}>
              {option.label}
            </Choice>
          )}
        </ListBox>
      </Choices>
    </Box>
  )
}

/** Options that hold what was typed, those that begin with it first. */
export function completing(options: readonly Option[], typed: string): readonly Option[] {
  const sought = typed.trim().toLowerCase()
  const place = ({ label }: Option) => label.toLowerCase().indexOf(sought)
  return options
    .filter((option) => place(option) >= 0)
    .toSorted((a, b) => Number(place(a) > 0) - Number(place(b) > 0))
}
