'use client'

import Link from 'next/link'
import { Figures, Lead, Page, Paper } from '@/ui/kit/surfaces'
import { type Differing } from './words'

/** A glossary of what is called otherwise on the other side of the sea. */
export function WordsPage({ words }: { words: readonly Differing[] }) {
  return (
    <Page>
      <div>
        <h1>Words</h1>
        <Lead>{words.length} things that are called otherwise in the UK and in the US. The search finds either.</Lead>
      </div>
      <Paper aria-label="UK and US words">
        <Figures>
          <thead>
            <tr>
              <th scope="col">UK</th>
              <th scope="col">US</th>
              <th scope="col">what</th>
            </tr>
          </thead>
          <tbody>
            {words.map(({ id, uk, us, of, href }) => (
              <tr key={id}>
                <th scope="row">{href ? <Link href={href}>{uk}</Link> : uk}</th>
                <td>{us}</td>
                <td>{of}</td>
              </tr>
            ))}
          </tbody>
        </Figures>
      </Paper>
    </Page>
  )
}
