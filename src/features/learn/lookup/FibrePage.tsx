import Link from 'next/link'
import { Actions, Columns, Facts, Lead, Page, Paper, PlainList, Soft, Stack } from '@/ui/kit/surfaces'
import { LinksTo } from './LinksTo'
import { Pair } from './Pair'
import { type OneFibre } from './loadFibre'
import { StashOf } from './StashOf'
import { UsualStrip } from './UsualStrip'
import { Say } from '@/ui/text/Say'

/** One fibre: how it burns and what else tells it, its figures, what it is taken for, and what of it lies there. */
export function FibrePage({ id, name, also, family, burns, seen, tests, facts, ...told }: OneFibre) {
  const { lookalike, neighbours, cloths, stash } = told
  return (
    <Page>
      <div>
        <Link href="/learn/fibres">
          <Say>All fibres</Say>
        </Link>
        <h1>{name}</h1>
        <Lead>
          {family}
          {also ? <Say>{`; also ${also}`}</Say> : ''}. <Say>{lookalike ? `${lookalike}.` : ''}</Say>
        </Lead>
      </div>
      <Columns $first="1.3fr">
        <Stack>
          <Paper aria-labelledby="burns">
            <h2 id="burns">In a burn test</h2>
            <Soft>What a careful beginner usually reports; common practice.</Soft>
            <UsualStrip seen={seen} burns={burns} />
            <Facts>
              {burns.map(({ title, usual }) => (
                <Pair key={title} title={title} value={usual} />
              ))}
            </Facts>
            <Actions>
              <Link href="/safety">Before you light anything</Link>
            </Actions>
          </Paper>
          <Paper aria-labelledby="tests">
            <h2 id="tests">Without a flame</h2>
            <Facts>
              {tests.map(({ title, usual, source }) => (
                <Pair key={title} title={title} value={usual} note={source} />
              ))}
            </Facts>
          </Paper>
        </Stack>
        <Stack>
          <Paper aria-labelledby="neighbours">
            <h2 id="neighbours">Confused with</h2>
            <PlainList>
              {neighbours.map((one) => (
                <Neighbour key={one.id} of={id} one={one} />
              ))}
            </PlainList>
          </Paper>
          <Paper aria-labelledby="figures">
            <h2 id="figures">Figures</h2>
            <Facts>
              {facts.map(({ title, value, source }) => (
                <Pair key={title} title={title} value={value} note={source} />
              ))}
            </Facts>
          </Paper>
          <Paper aria-labelledby="cloths">
            <h2 id="cloths">Fabrics made of it</h2>
            {cloths.length === 0 ? <Soft>No fabric with its own name.</Soft> : null}
            <p>
              <LinksTo of={cloths} path="/learn/fabrics" between=", " />
            </p>
          </Paper>
        </Stack>
      </Columns>
      <StashOf {...stash} all={`/stash?fibre=${id}`} what={`Your fabrics of ${name.toLowerCase()}`} />
    </Page>
  )
}

/** A fibre that it is confused with, and what tells them apart best. */
function Neighbour({ of, one }: { of: string; one: OneFibre['neighbours'][number] }) {
  return (
    <li>
      <b>
        <Link href={`/learn/fibres/${one.id}`} prefetch={false}>
          {one.name}
        </Link>
      </b>
      <br />
      <Say>
        {one.parted
          ? `${one.parted.title}: ${one.parted.one}, where the other is ${one.parted.other}.`
          : 'No home test tells them apart.'}
      </Say>{' '}
      <Link href={`/learn/compare?a=${of}&b=${one.id}`} prefetch={false}>
        Compare
      </Link>
    </li>
  )
}
