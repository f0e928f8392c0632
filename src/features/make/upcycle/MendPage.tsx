'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { DAMAGE_WORDS, DAMAGES } from '@/core/upcycle/mend/damages'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { SelectField } from '@/ui/kit/SelectField'
import { Columns, Lead, Page, Paper, Callout, Soft, Stack, Steps } from '@/ui/kit/surfaces'
import { Terms } from '@/ui/text/Terms'
import { LengthField } from '../../shared/settings/LengthField'
import { type MendData } from './loadMend'
import { PiecePicker } from './PiecePicker'
import { useAddress } from '../../shared/address/useAddress'
import { mendAddress } from './mendAddress'
import { Say } from '@/ui/text/Say'

const Patches = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 1rem;
  grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
`

/** A hole, a worn place, a seam gone: how it is mended, and what of the stash goes with it. */
export function MendPage(data: MendData) {
  const { thing, ways, patches, yarns, sew } = data
  const [first, ...others] = ways
  return (
    <Page>
      <div>
        {thing ? <Link href={`/stash/${thing.id}`}>{thing.name}</Link> : null}
        <h1>Mending</h1>
        <Lead>
          <Say>{first ? first.text : 'How to mend a hole, a worn place or an open seam, with your own fabric.'}</Say>
        </Lead>
        {thing ? (
          <Soft>
            {thing.summary} {sew}
          </Soft>
        ) : null}
      </div>
      <Columns $first="1.6fr">
        {thing || others.length > 0 ? (
          <Stack $gap="1.25rem">
            {thing ? (
              <Paper aria-labelledby="patches">
                <h2 id="patches">Fabric for the patch</h2>
                {patches.length === 0 ? (
                  <Soft>
                    None of your fabrics is a good match. Its own hem or the inside of a pocket gives the best patch.
                  </Soft>
                ) : (
                  <Patches>
                    {patches.map(({ id, name, place, isOffcut, tile, fit, good, against }) => (
                      <li key={id}>
                        <ClothSwatch tile={tile} label={`${name}, drawn`} height="5rem" scale={0.8} />
                        <Link href={`/stash/${id}`}>{name}</Link>{' '}
                        <Soft as="span">
                          {isOffcut ? 'saved offcut' : ''}
                          {place ? ` (${place})` : ''}
                        </Soft>
                        <p>
                          <Say>{`${Math.round(fit * 10)} of 10${good.length > 0 ? `: ${good.join(', ')}` : ''}`}</Say>
                        </p>
                        {against.length > 0 ? (
                          <Soft>
                            <Say>{`But ${against.join(', ')}.`}</Say>
                          </Soft>
                        ) : null}
                      </li>
                    ))}
                  </Patches>
                )}
                {yarns.length > 0 ? <Soft>Yarn for darning: {yarns.map(({ name }) => name).join(', ')}.</Soft> : null}
              </Paper>
            ) : null}
            {others.length > 0 ? (
              <Paper aria-labelledby="else">
                <h2 id="else">Or</h2>
                <Steps>
                  {others.map(({ id, text }) => (
                    <li key={id}>
                      <Terms>{text}</Terms>
                    </li>
                  ))}
                </Steps>
              </Paper>
            ) : null}
            {thing ? (
              <Callout>Wash it first, and press the place flat: you can’t mend well over dirt or creases.</Callout>
            ) : null}
          </Stack>
        ) : null}
        <What {...data} />
      </Columns>
    </Page>
  )
}

function What({ thing, choice, offered }: MendData) {
  const go = useAddress(mendAddress, { of: thing?.id, ...choice })
  return (
    <Paper aria-labelledby="what">
      <h2 id="what">What is wrong?</h2>
      {thing ? <ClothSwatch tile={thing.tile} label={`${thing.name}, drawn`} height="5rem" /> : null}
      <SelectField
        label="Damage"
        value={choice.what}
        onChange={(damage) => go({ what: damage })}
        options={DAMAGES.map((one) => [one, DAMAGE_WORDS[one]] as const)}
      />
      <LengthField
        label="Length or width"
        of="fine"
        mm={choice.mm}
        leastMm={1}
        mostMm={2000}
        onMm={(mm) => (mm === null ? undefined : go({ mm: Math.round(mm) }))}
      />
      <PiecePicker
        label={thing ? 'Something else' : 'Which one?'}
        offered={offered}
        taken={thing ? [thing.id] : []}
        onPick={({ id }) => go({ of: id })}
      />
    </Paper>
  )
}
