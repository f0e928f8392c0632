import Link from 'next/link'
import { Page } from '@/ui/kit/surfaces'

export default function NotFound() {
  return (
    <Page>
      <h1>Nothing lies here</h1>
      <p>
        It may have been taken off the shelf. <Link href="/stash">Look in the stash</Link> or go back to{' '}
        <Link href="/">the table</Link>.
      </p>
    </Page>
  )
}
