'use client'

import Link from 'next/link'
import { Lead, Page, Soft } from '@/ui/kit/surfaces'
import { DropPattern } from './DropPattern'
import { type Loaded, type loadPattern } from './load'
import { Ranked } from './Ranked'

/** One pattern with the pieces of the stash, the best first. */
export function PatternPage({ id, name, notes, need, rows, others }: Loaded<typeof loadPattern>) {
  return (
    <Page>
      <div>
        <Link href="/patterns">Patterns</Link>
        <h1>{name}</h1>
        <Lead>{need}</Lead>
        {notes ? <Soft>{notes}</Soft> : null}
        <Soft>How much cloth it takes is not worked out here yet: the size of each piece stands beside it.</Soft>
      </div>
      {rows.length === 0 ? (
        <p>Nothing is in the stash yet to hold up for it.</p>
      ) : (
        <h2 className="visually-hidden">Pieces of the stash, the best first</h2>
      )}
      <Ranked more="Show more of the stash" rows={rows} />
      {others > 0 ? <Soft>{others} more pieces of the stash suit it less than these.</Soft> : null}
      <DropPattern id={id} name={name} />
    </Page>
  )
}
