'use client'

import styled from 'styled-components'
import { type FoundGroup } from './loadFound'
import { itemAt } from '@/core/lists/items'

const List = styled.ul`
  position: absolute;
  z-index: 20;
  top: calc(100% + 4px);
  right: 0;
  width: min(24rem, 90vw);
  max-height: 70vh;
  overflow: auto;
  margin: 0;
  padding: 0.4rem 0;
  list-style: none;
  background: var(--paper);
  color: var(--ink);
  border: 1.5px solid var(--ink-soft);
  border-radius: 3px;
  box-shadow: var(--shadow);
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
  }
  .group {
    padding: 0.4rem 0.9rem 0.1rem;
    color: var(--ink-soft);
    font-size: 0.9rem;
    font-weight: 700;
  }
  [role='option'] {
    padding: 0.5rem 0.9rem;
    min-height: 2.75rem;
    cursor: pointer;
  }
  [role='option'][aria-selected='true'] {
    background: var(--paper-deep);
    outline: 2px solid var(--indigo);
    outline-offset: -2px;
  }
`

/** What answers to the words, in groups, under the field. */
export default function SearchAnswers({
  id,
  groups,
  at,
  onGo,
}: {
  id: string
  groups: readonly FoundGroup[]
  at: number
  onGo: (href: string) => void
}) {
  const starts = groups.map((_, index) => groups.slice(0, index).reduce((sum, { items }) => sum + items.length, 0))
  return (
    <List id={id} role="listbox" aria-label="Search results">
      {groups.map(({ title, items }, group) => (
        <li key={title} role="none">
          <ul role="group" aria-label={title}>
            <li className="group" role="presentation">
              {title}
            </li>
            {items.map((item, i) => (
              <li
                key={item.href}
                id={`${id}-${itemAt(starts, group) + i}`}
                role="option"
                aria-selected={itemAt(starts, group) + i === at}
                // The field keeps the focus: it would close the list before the click counts.
                onMouseDown={(event) => event.preventDefault()}
                onClick={() => onGo(item.href)}
              >
                {item.title}
              </li>
            ))}
          </ul>
        </li>
      ))}
    </List>
  )
}
