import Link from 'next/link'
import { Lead, Page, Paper, Soft, Tiles } from '@/ui/kit/surfaces'
import { pages } from '../shared/pages'

/** What can be looked up. */
export function Learn() {
  return (
    <Page>
      <div>
        <h1>Look it up</h1>
        <Lead>Fibres, cloths and weaves, from the same tables that the verdicts are made of.</Lead>
      </div>
      <Tiles>
        {pages
          .filter(({ place, path, of }) => place === 'learn' && path !== '/learn' && !of)
          .map(({ path, title, about }) => (
            <Paper key={path}>
              <h2>
                <Link href={path}>{title}</Link>
              </h2>
              <Soft>{about}</Soft>
            </Paper>
          ))}
        <Paper>
          <h2>
            <Link href="/bench/tests">Tests without a flame</Link>
          </h2>
          <Soft>How each is done, what it tells apart, what spoils it, what can hurt.</Soft>
        </Paper>
      </Tiles>
    </Page>
  )
}
