import Link from 'next/link'
import { Facts, Figures, Lead, Page, Paper, Soft } from '@/ui/kit/surfaces'
import { type Differing, type TermTold } from './words'
import { Say } from '@/ui/text/Say'

/** A glossary of what is called otherwise on the other side of the sea. */
export function WordsPage({ words, terms }: { words: readonly Differing[]; terms: readonly TermTold[] }) {
  return (
    <Page>
      <div>
        <h1>UK and US words</h1>
        <Lead>
          What sewing words mean, and {words.length} things with different names in the UK and in the US. Search finds
          both.
        </Lead>
      </div>
      <Paper aria-labelledby="meanings">
        <h2 id="meanings">What they mean</h2>
        <Facts>
          {terms.map(({ id, title, means }) => (
            <div key={id}>
              <dt id={`term-${id}`}>{title}</dt>
              <dd>
                <Say>{means}</Say>
              </dd>
            </div>
          ))}
        </Facts>
        <Soft>Common practice.</Soft>
      </Paper>
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
