import Link from 'next/link'
import { Paper, Soft } from '@/ui/kit/surfaces'
import { StashShelf } from '../../shared/stash/Shelf'
import { type InStash } from './inStash'

/** What lies in the stash of what is looked up. @param all where all of it is shown */
export function StashOf({ count, folds, all, what }: InStash & { all: string; what: string }) {
  return (
    <Paper aria-labelledby="in-stash">
      <h2 id="in-stash">In your stash</h2>
      {count === 0 ? (
        <Soft>None of your fabrics, as far as we know.</Soft>
      ) : (
        <>
          <StashShelf folds={folds} label={what} />
          <Link href={all}>
            {count === 1 ? 'The one fabric in your stash' : `All ${count} fabrics in your stash`}
          </Link>
        </>
      )}
    </Paper>
  )
}
