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
import { completeOptions, type ComboProps, type Option } from './completeOptions'
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

interface Props extends ComboProps {
  /** What was typed before the list was there; undefined where nothing was. */
  begun?: string
  /** Whether the person is in the field. */
  isInIt: boolean
}

/** The list under a `ComboField`, and the field itself from the moment that somebody is in it. */
export function ComboList({ label, hint, error, options, chosen, onChoose, begun, isInIt }: Props) {
  const chosenLabel = options.find(({ id }) => id === chosen)?.label ?? ''
  const [typed, setTyped] = useState(begun ?? chosenLabel)
  const items = typed === chosenLabel ? options : completeOptions(options, typed)
  return (
    <Box
      menuTrigger="focus"
      selectedKey={chosen}
      {...(begun === undefined ? {} : { defaultInputValue: begun })}
      autoFocus={isInIt}
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
        <Open aria-label={`Show the choices: ${label}`}>
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
