'use client'

import Link from 'next/link'
import { usePathname } from 'next/navigation'
import { type ReactNode } from 'react'
import styled from 'styled-components'
import { GlobalStyle } from '@/ui/GlobalStyle'

const places = [
  ['/', 'Table'],
  ['/bench', 'Burn'],
  ['/inspect', 'Name'],
  ['/measure', 'Measure'],
  ['/stash', 'Stash'],
  ['/patterns', 'Patterns'],
  ['/safety', 'Safety'],
  ['/settings', 'Settings'],
] as const

const Skip = styled.a`
  position: absolute;
  left: -999px;
  top: 0;
  background: var(--paper);
  padding: 0.6rem 1rem;
  z-index: 10;
  &:focus {
    left: 0.5rem;
    top: 0.5rem;
  }
`

/** The selvedge: a densely woven edge that runs along the top of every page. */
const Selvedge = styled.div`
  height: 10px;
  background:
    repeating-linear-gradient(90deg, transparent 0 5px, rgb(0 0 0 / 0.28) 5px 6px),
    linear-gradient(var(--indigo-deep) 0 3px, var(--weld) 3px 4.5px, var(--madder) 4.5px 7px, var(--indigo-deep) 7px);
`

const Bar = styled.header`
  background: var(--indigo-deep);
  color: var(--on-indigo);
  nav {
    max-width: 78rem;
    margin: 0 auto;
    padding: 0.35rem clamp(1rem, 3vw, 2rem);
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.1rem 0.25rem;
  }
  a {
    color: var(--on-indigo);
    text-decoration: none;
    padding: 0.55rem 0.7rem;
    min-height: 2.75rem;
    display: inline-flex;
    align-items: center;
    border-bottom: 3px solid transparent;
  }
  a:hover {
    text-decoration: underline;
  }
  a[aria-current='page'] {
    border-bottom-color: var(--weld);
    font-weight: 700;
  }
  a.name {
    font-family: 'Young Serif', Georgia, serif;
    font-size: 1.3rem;
    margin-right: auto;
    padding-left: 0;
    border: 0;
  }
  :focus-visible {
    outline-color: var(--weld);
  }
  @media (max-width: 40rem) {
    nav {
      gap: 0;
      justify-content: space-between;
      padding-bottom: 0;
    }
    a {
      padding: 0.3rem 0;
      font-size: 0.88rem;
    }
    a.name {
      width: 100%;
      min-height: 0;
      padding-bottom: 0;
    }
  }
`

/** What stands around every page. */
export function Frame({ children }: { children: ReactNode }) {
  const path = usePathname()
  return (
    <>
      <GlobalStyle />
      <Skip href="#content">To the content</Skip>
      <Selvedge aria-hidden />
      <Bar>
        <nav aria-label="Places">
          <Link href="/" className="name" aria-label="Rough Swatch, to the table">
            Rough Swatch
          </Link>
          {places.map(([href, words]) => {
            const here = href === '/' ? path === '/' : path.startsWith(href)
            return (
              <Link key={href} href={href} aria-current={here ? 'page' : undefined} prefetch={false}>
                {words}
              </Link>
            )
          })}
        </nav>
      </Bar>
      <div id="content" tabIndex={-1} style={{ outline: 'none' }}>
        {children}
      </div>
    </>
  )
}
