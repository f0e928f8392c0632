'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { Columns, Facts, Lead, Page, Paper, PlainList, Soft, Stack } from '@/ui/kit/surfaces'
import { Terms } from '@/ui/text/Terms'
import { MaterialCard } from '../../shared/material/MaterialCard'
import { type OneCloth } from './loadCloth'
import { LinksTo } from './LinksTo'
import { Pair } from './Pair'
import { StashOf } from './StashOf'
import { Say } from '@/ui/text/Say'

const Neighbour = styled.li`
  display: grid;
  grid-template-columns: 5.5rem minmax(0, 1fr);
  gap: 0.2rem 1rem;
  align-items: start;
`

/** One cloth: drawn, what makes it that, what it is taken for, and what of it lies there. */
export function ClothPage(cloth: OneCloth) {
  const { name, also, makes, usual, tile, facts, fibres, neighbours, stash, material } = cloth
  return (
    <Page>
      <div>
        <Link href="/learn/fabrics">All fabric names</Link>
        <h1>{name}</h1>
        <Lead>
          <Terms>{makes}</Terms>
        </Lead>
        {also ? <Soft>Also called {also}</Soft> : null}
      </div>
      <Columns $first="1.1fr">
        <Stack>
          <ClothSwatch tile={tile} label={`${name}, drawn from its weave`} height="16rem" scale={2} />
          <Paper aria-labelledby="usual">
            <h2 id="usual">As shops usually sell it</h2>
            <p>{usual}.</p>
            <Facts>
              {facts.map((fact) => (
                <Pair key={fact.title} {...fact} />
              ))}
            </Facts>
            <Soft>Common practice of the trade; weights and stretch from memory.</Soft>
            {fibres.length > 0 ? (
              <p>
                Usually made of <LinksTo of={fibres} path="/learn/fibres" between=" or " />
              </p>
            ) : null}
          </Paper>
          {material ? <MaterialCard told={material} /> : null}
        </Stack>
        <Paper aria-labelledby="neighbours">
          <h2 id="neighbours">Confused with</h2>
          <PlainList $gap="1rem">
            {neighbours.map((other) => (
              <Neighbour key={other.id}>
                <ClothSwatch
                  tile={other.tile}
                  label={`${other.name}, drawn from its weave`}
                  height="4.5rem"
                  scale={1.2}
                />
                <div>
                  <b>
                    <Link href={`/learn/fabrics/${other.id}`} prefetch={false}>
                      {other.name}
                    </Link>
                  </b>
                  <p>
                    <Say>
                      {other.parted
                        ? `${other.parted.looks}: ${other.parted.one} here, ${other.parted.other} there.`
                        : other.makes}
                    </Say>
                  </p>
                </div>
              </Neighbour>
            ))}
          </PlainList>
        </Paper>
      </Columns>
      <StashOf
        {...stash}
        all={`/stash?q=${encodeURIComponent(name)}`}
        what={`Your fabrics called ${name.toLowerCase()}`}
      />
    </Page>
  )
}
