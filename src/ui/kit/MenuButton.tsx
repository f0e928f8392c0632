'use client'

import { ChevronDown } from 'lucide-react'
import { Menu, MenuItem, MenuTrigger, Popover } from 'react-aria-components'
import styled from 'styled-components'
import { Button } from './buttons'

const Sheet = styled(Popover)`
  background: var(--paper);
  border: 1.5px solid var(--ink-soft);
  border-radius: 3px;
  box-shadow: var(--shadow);
`
const Item = styled(MenuItem)`
  padding: 0.6rem 1rem;
  min-height: 2.75rem;
  cursor: pointer;
  &[data-focused] {
    background: var(--paper-deep);
    outline: 2px solid var(--indigo);
    outline-offset: -2px;
  }
`

interface Props {
  label: string
  items: readonly { id: string; label: string }[]
  onChoose: (id: string) => void
}

/** Actions that are wanted seldom, behind one button. */
export function MenuButton({ label, items, onChoose }: Props) {
  return (
    <MenuTrigger>
      <Button>
        {label} <ChevronDown aria-hidden size={18} />
      </Button>
      <Sheet>
        <Menu aria-label={label} onAction={(id) => onChoose(String(id))}>
          {items.map((item) => (
            <Item key={item.id} id={item.id}>
              {item.label}
            </Item>
          ))}
        </Menu>
      </Sheet>
    </MenuTrigger>
  )
}
