import Link from 'next/link'
import { Lead, Page, Paper, Soft, Tiles } from '@/ui/kit/surfaces'
import { pages } from '../shared/pages'
import { Say } from '@/ui/text/Say'

/** What can be looked up. */
export function Learn() {
  return (
    <Page>
      <div>
        <h1>Reference</h1>
        <Lead>
          <Say>Fibres, fabrics and weaves, from the same data as our results.</Say>
        </Lead>
      </div>
      <Tiles>
        {pages
          .filter(({ place, path, of }) => place === 'learn' && path !== '/learn' && !of)
          .map(({ path, title, about }) => (
            <Paper key={path}>
              <h2>
                <Link href={path}>
                  <Say>{title}</Say>
                </Link>
              </h2>
              <Soft>
                <Say>{about}</Say>
              </Soft>
            </Paper>
          ))}
        <Paper>
          <h2>
            <Link href="/identify/tests">Tests without a flame</Link>
          </h2>
          <Soft>How to do each test, what it tells apart, what misleads it, and its dangers.</Soft>
        </Paper>
      </Tiles>
    </Page>
  )
}
