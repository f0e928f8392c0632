'use client'

import { Search } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useEffect, useId, useRef, useState, type KeyboardEvent } from 'react'
import styled from 'styled-components'
import { SearchBox } from './frameStyles'
import { type FoundGroup } from './loadFound'
import { useTypeAhead } from './useTypeAhead'

const Box = styled.div`
  position: relative;
`
const Answers = styled.ul`
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

/** One search over everything: answers while one types; come to by “/” or Ctrl K from anywhere. */
export function SearchField() {
  const input = useRef<HTMLInputElement>(null)
  const router = useRouter()
  const list = useId()
  const [text, setText] = useState('')
  const [isOpen, setIsOpen] = useState(false)
  const [at, setAt] = useState(-1)
  const groups = useTypeAhead(text)
  useShortcut(() => input.current?.focus())
  const items = groups.flatMap((group) => group.items)
  const isShown = isOpen && items.length > 0
  const go = (href: string) => {
    setIsOpen(false)
    setText('')
    setAt(-1)
    router.push(href)
  }
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Escape') return setIsOpen(false)
    if (!isShown) return
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault()
      const step = event.key === 'ArrowDown' ? 1 : -1
      setAt((at + step + items.length + 1) % (items.length + 1) || (step > 0 ? 0 : items.length - 1))
    }
    if (event.key === 'Enter' && items[at]) {
      event.preventDefault()
      go(items[at].href)
    }
  }
  return (
    <Box onBlur={({ currentTarget, relatedTarget }) => !currentTarget.contains(relatedTarget) && setIsOpen(false)}>
      <SearchBox action="/search" role="search">
        <Search aria-hidden size={18} strokeWidth={1.75} />
        <input
          ref={input}
          type="search"
          name="q"
          role="combobox"
          aria-label="Search pages and pieces"
          aria-expanded={isShown}
          aria-controls={list}
          aria-autocomplete="list"
          aria-activedescendant={isShown && at >= 0 ? `${list}-${at}` : undefined}
          aria-keyshortcuts="/ Control+K"
          placeholder="Search"
          autoComplete="off"
          maxLength={100}
          value={text}
          onChange={({ target }) => {
            setText(target.value)
            setIsOpen(true)
            setAt(-1)
          }}
          onFocus={() => setIsOpen(true)}
          onKeyDown={onKeyDown}
        />
      </SearchBox>
      {isShown ? <Found id={list} groups={groups} at={at} onGo={go} /> : null}
    </Box>
  )
}

function Found({
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
    <Answers id={id} role="listbox" aria-label="What answers">
      {groups.map(({ title, items }, group) => (
        <li key={title} role="none">
          <ul role="group" aria-label={title}>
            <li className="group" role="presentation">
              {title}
            </li>
            {items.map((item, i) => (
              <li
                key={item.href}
                id={`${id}-${starts[group]! + i}`}
                role="option"
                aria-selected={starts[group]! + i === at}
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
    </Answers>
  )
}

/** Comes to the search from anywhere, but not from within a field where the key is a letter. */
function useShortcut(come: () => void) {
  const latest = useRef(come)
  useEffect(() => {
    latest.current = come
  })
  useEffect(() => {
    const onKey = (event: globalThis.KeyboardEvent) => {
      const isTyping = (event.target as HTMLElement).closest?.('input, textarea, select, [contenteditable]')
      const isSlash = event.key === '/' && !isTyping && !event.ctrlKey && !event.metaKey
      const isCtrlK = event.key.toLowerCase() === 'k' && (event.ctrlKey || event.metaKey)
      if (!isSlash && !isCtrlK) return
      event.preventDefault()
      latest.current()
    }
    document.addEventListener('keydown', onKey)
    return () => document.removeEventListener('keydown', onKey)
  }, [])
}
