import Link from 'next/link'
import { Columns, Figures, Lead, Page, Paper, PlainList, Soft } from '@/ui/kit/surfaces'
import { Terms } from '@/ui/text/Terms'
import { type OneUnit } from './loadUnit'

/** One unit: what it is, how its figures stand in its neighbours, and what of the stash weighs so much. */
export function UnitPage({ id, words, told, quantity, heads, ladder, source, stash }: OneUnit) {
  return (
    <Page>
      <div>
        <Link href="/learn/convert">Convert units</Link>
        <h1>{words}</h1>
        <Lead>
          <Terms>{told}</Terms>
        </Lead>
      </div>
      <Columns $first="1.6fr">
        <Paper aria-labelledby="ladder">
          <h2 id="ladder">{quantity}</h2>
          <Figures>
            <thead>
              <tr>
                {heads.map((head) => (
                  <th key={head.id} scope="col">
                    {head.id === id ? head.words : <Link href={`/learn/units/${head.id}`}>{head.words}</Link>}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {ladder.map(({ value, others }) => (
                <tr key={value}>
                  {others.map((one) => (
                    <td key={one.words}>{one.words === words ? <b>{one.value}</b> : one.value}</td>
                  ))}
                </tr>
              ))}
            </tbody>
          </Figures>
          <Soft>{source}</Soft>
        </Paper>
        {stash.length > 0 ? (
          <Paper aria-labelledby="own">
            <h2 id="own">In your stash</h2>
            <PlainList>
              {stash.map((piece) => (
                <li key={piece.id}>
                  <Link href={`/stash/${piece.id}`}>{piece.name}</Link>: {piece.says}
                </li>
              ))}
            </PlainList>
          </Paper>
        ) : null}
      </Columns>
    </Page>
  )
}
