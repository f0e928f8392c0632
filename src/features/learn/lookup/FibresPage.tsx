import Link from 'next/link'
import { Facts, Lead, Page, Paper, Soft, Tiles } from '@/ui/kit/surfaces'
import { type FibreTold } from './fibresTold'
import { Pair } from './Pair'
import { UsualStrip } from './UsualStrip'
import { Say } from '@/ui/text/Say'

/** Every fibre: how it burns, and its figures with their sources. */
export function FibresPage({ fibres }: { fibres: readonly FibreTold[] }) {
  return (
    <Page>
      <div>
        <h1>
          <Say>Fibres</Say>
        </h1>
        <Lead>
          What a careful beginner usually reports, and what handbooks say. Burn results are common practice.
        </Lead>
      </div>
      <Tiles>
        {fibres.map(({ id, name, also, family, burns, seen, facts, lookalike }) => (
          <Paper key={id} id={id} aria-labelledby={`of-${id}`}>
            <h2 id={`of-${id}`}>
              <Link href={`/learn/fibres/${id}`} prefetch={false}>
                {name}
              </Link>
            </h2>
            <Soft>
              {family}
              {also ? <Say>{`; also ${also}`}</Say> : ''}
            </Soft>
            <UsualStrip seen={seen} burns={burns} />
            {lookalike ? (
              <p>
                <Say>{`${lookalike}.`}</Say>
              </p>
            ) : null}
            <details>
              <summary>In words, with {facts.length} figures</summary>
              <Facts>
                {burns.map(({ title, usual }) => (
                  <Pair key={title} title={title} value={usual} />
                ))}
              </Facts>
              <Facts>
                {facts.map(({ title, value, source }) => (
                  <Pair key={title} title={title} value={value} note={source} />
                ))}
              </Facts>
            </details>
            <Link href={`/learn/compare?a=${id}&b=${id === 'cotton' ? 'polyester' : 'cotton'}`} prefetch={false}>
              Compare
            </Link>
          </Paper>
        ))}
      </Tiles>
    </Page>
  )
}
