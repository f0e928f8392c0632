'use client'

import { FileSpreadsheet, Scissors, Shirt, Zap } from 'lucide-react'
import Link from 'next/link'
import styled from 'styled-components'
import { SMALL } from '../shared/smallScreen'

const Ways = styled.nav`
  display: flex;
  gap: 0.25rem;
  border-bottom: 2px solid var(--ink-soft);
  a {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    min-height: 2.75rem;
    padding: 0.4rem 1.1rem;
    border: 1.5px solid transparent;
    border-bottom: 0;
    border-radius: 3px 3px 0 0;
    color: var(--ink);
    text-decoration: none;
  }
  a:hover {
    background: var(--paper-deep);
  }
  a[aria-current] {
    background: var(--paper);
    border-color: var(--ink-soft);
    font-weight: 700;
    margin-bottom: -2px;
    padding-bottom: calc(0.4rem + 2px);
  }
  ${SMALL} {
    a {
      flex: 1 1 0;
      flex-direction: column;
      justify-content: center;
      gap: 0.1rem;
      padding-inline: 0.1rem;
      text-align: center;
      font-size: 0.85rem;
      line-height: 1.15;
    }
  }
`

const WAYS = [
  { href: '/stash/add', name: 'One fabric', icon: Scissors },
  { href: '/stash/quick-add', name: 'Quick', icon: Zap },
  { href: '/stash/piles', name: 'A pile', icon: Shirt },
  { href: '/stash/spreadsheet', name: 'A spreadsheet', icon: FileSpreadsheet },
] as const

/** The four ways to bring fabric into the stash, as tabs under the title of each. */
export function AddWays({ here }: { here: (typeof WAYS)[number]['href'] }) {
  return (
    <Ways aria-label="Ways to add">
      {WAYS.map(({ href, name, icon: Icon }) => (
        <Link key={href} href={href} aria-current={href === here ? 'page' : undefined} prefetch={false}>
          <Icon aria-hidden size={20} strokeWidth={1.75} />
          {name}
        </Link>
      ))}
    </Ways>
  )
}
