'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { StrongSubmit } from '@/ui/kit/links'
import { Actions, Page, PlainList, Soft } from '@/ui/kit/surfaces'
import { type FoundGroup } from './loadFound'

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

/** Everything that answers to what was typed. */
export function SearchPage({ text, groups }: { text: string; groups: readonly FoundGroup[] }) {
  const count = groups.reduce((sum, { items }) => sum + items.length, 0)
  return (
    <Page>
      <h1>{text ? `“${text}”` : 'Search'}</h1>
      <Box action="/search" role="search" aria-label="Search on this page">
        <label>
          What are you looking for?
          <input type="search" name="q" defaultValue={text} maxLength={100} />
        </label>
        <Actions>
          <StrongSubmit>Search</StrongSubmit>
        </Actions>
      </Box>
      {text ? (
        <p role="status">{count === 0 ? 'We found nothing. Please try fewer or other words.' : `${count} found`}</p>
      ) : (
        <Soft>
          You can search for fabrics, patterns, fabric names and pages, in UK or US words. Small spelling mistakes are
          fine.
        </Soft>
      )}
      {groups.map((group) => (
        <Listed key={group.title} {...group} />
      ))}
    </Page>
  )
}

function Listed({ title, items }: FoundGroup) {
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
