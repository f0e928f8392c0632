import Link from 'next/link'
import { Page } from '@/ui/kit/surfaces'
import { Damaged } from '../../shared/damaged/Damaged'
import { type DamagedCard } from '../../shared/damaged/load'

/** The page of a piece that cannot be read itself. */
export function DamagedPiece({ damaged }: { damaged: readonly DamagedCard[] }) {
  return (
    <Page>
      <div>
        <Link href="/stash">Stash</Link>
        <h1>Unreadable record</h1>
      </div>
      <Damaged cards={damaged} />
    </Page>
  )
}
