'use client'

import { Search } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { lazy, Suspense, useEffect, useId, useRef, useState, type KeyboardEvent } from 'react'
import styled from 'styled-components'
import { isTyping } from '../shared/isTyping'
import { SearchBox } from './frameStyles'
import { useTypeAhead } from './useTypeAhead'

// Fetched when something first answers: every page begins with this field.
const Answers = lazy(() => import('./Answers'))

const Box = styled.div`
  position: relative;
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
      // Round through the answers and the field itself, which is the place before the first.
      setAt(((at + 1 + step + items.length + 1) % (items.length + 1)) - 1)
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
          aria-label="Search pages, fabrics and patterns"
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
      {isShown ? (
        <Suspense>
          <Answers id={list} groups={groups} at={at} onGo={go} />
        </Suspense>
      ) : null}
    </Box>
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
      const isSlash = event.key === '/' && !isTyping(event.target) && !event.ctrlKey && !event.metaKey
      const isCtrlK = event.key.toLowerCase() === 'k' && (event.ctrlKey || event.metaKey)
      if (!isSlash && !isCtrlK) return
      event.preventDefault()
      latest.current()
    }
    document.addEventListener('keydown', onKey)
    return () => document.removeEventListener('keydown', onKey)
  }, [])
}
