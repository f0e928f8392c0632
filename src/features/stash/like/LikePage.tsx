'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { Page, PlainList, Soft } from '@/ui/kit/surfaces'
import { FoldOnShelf } from '../../shared/stash/Shelf'
import { type loadAlike } from './load'
import { Say } from '@/ui/text/Say'

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
        <h1>Similar fabrics</h1>
        <Soft>Compares everything known about both; what is not known does not count.</Soft>
      </div>
      {found.length === 0 ? <p>We don’t know enough yet to compare. Weigh and test more of your stash.</p> : null}
      <PlainList as="ol" $gap="1.25rem">
        {found.map(({ fold, reasons }) => (
          <Like key={fold.id}>
            <FoldOnShelf {...fold} />
            <p>
              <Say>{reasons.join('; ')}</Say>
            </p>
          </Like>
        ))}
      </PlainList>
    </Page>
  )
}
