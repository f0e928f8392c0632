'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { Page, PlainList, Soft } from '@/ui/kit/surfaces'
import { FoldOnShelf } from '../../shared/stash/Shelf'
import { type loadAlike } from './load'

const Like = styled.li`
  display: grid;
  grid-template-columns: 9rem minmax(0, 1fr);
  gap: 0.5rem 1.25rem;
  align-items: end;
`

/** What else there is that could stand in for a piece, each with its reasons. */
export function LikePage({ id, name, found }: NonNullable<Awaited<ReturnType<typeof loadAlike>>>) {
  return (
    <Page>
      <div>
        <Link href={`/stash/${id}`}>{name}</Link>
        <h1>What have I that is like this?</h1>
        <Soft>Over all that is known of both; what is not known counts for nothing.</Soft>
      </div>
      {found.length === 0 ? (
        <p>Nothing that is known well enough to say so. Weigh and test more of the stash.</p>
      ) : null}
      <PlainList as="ol" $gap="1.25rem">
        {found.map(({ fold, reasons }) => (
          <Like key={fold.id}>
            <FoldOnShelf {...fold} />
            <p>{reasons.join('; ')}</p>
          </Like>
        ))}
      </PlainList>
    </Page>
  )
}
