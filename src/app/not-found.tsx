import Link from 'next/link'
import { Page } from '@/ui/kit/surfaces'

export default function NotFound() {
  return (
    <Page>
      <h1>Page not found</h1>
      <p>
        It may have been deleted. <Link href="/stash">Go to the stash</Link> or to <Link href="/">Home</Link>.
      </p>
    </Page>
  )
}
