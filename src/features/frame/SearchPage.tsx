'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { StrongSubmit } from '@/ui/kit/links'
import { Actions, Page, PlainList, Soft } from '@/ui/kit/surfaces'
import { type Found } from './loadFound'

const Box = styled.form`
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem;
  align-items: end;
  label {
    flex: 1 1 16rem;
    display: grid;
    gap: 0.25rem;
    font-weight: 600;
  }
  input {
    width: 100%;
    min-height: 2.75rem;
    padding: 0.4rem 0.7rem;
    border: 1.5px solid var(--ink-soft);
    border-radius: 3px;
    background: var(--paper);
  }
`

/** Pages, pieces and patterns that answer to what was typed. */
export function SearchPage({ text, pages, pieces, patterns }: Found & { text: string }) {
  const count = pages.length + pieces.length + patterns.length
  return (
    <Page>
      <h1>{text ? `“${text}”` : 'Search'}</h1>
      <Box action="/search" role="search" aria-label="Search, on this page">
        <label>
          What do you look for?
          <input type="search" name="q" defaultValue={text} maxLength={100} />
        </label>
        <Actions>
          <StrongSubmit>Search</StrongSubmit>
        </Actions>
      </Box>
      {text ? (
        <p role="status">{count === 0 ? 'Nothing answers to that. Try fewer words.' : `${count} found`}</p>
      ) : (
        <Soft>A page, a piece, a pattern; UK or US words, or the trade’s.</Soft>
      )}
      <Listed title="Pieces" items={pieces.map(({ id, ...rest }) => ({ href: `/stash/${id}`, ...rest }))} />
      <Listed title="Patterns" items={patterns.map(({ id, ...rest }) => ({ href: `/patterns/${id}`, ...rest }))} />
      <Listed title="Pages" items={pages} />
    </Page>
  )
}

function Listed({ title, items }: { title: string; items: { href: string; title: string; about: string }[] }) {
  if (items.length === 0) return null
  return (
    <section>
      <h2>{title}</h2>
      <PlainList>
        {items.map(({ href, title: name, about }) => (
          <li key={href}>
            <Link href={href} prefetch={false}>
              {name}
            </Link>
            {about ? <Soft>{about}</Soft> : null}
          </li>
        ))}
      </PlainList>
    </section>
  )
}
