'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import styled from 'styled-components'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { Actions, Columns, Figures, Lead, Page, Paper, PlainList, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { LEANING, SureField } from '../say/SureField'
import { useSaying } from '../say/useSaying'
import { sayLook, type LookTold } from './actions'
import { type LookData } from './load'
import { Say } from '@/ui/text/Say'

const Three = styled.div`
  display: grid;
  gap: 1rem;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 14rem), 1fr));
  figure {
    margin: 0;
  }
`

/** Ways of looking, and how many times as large the yarns are drawn. */
const WAYS = [
  ['in the hand, right side up', 'face', 0.8],
  ['the wrong side', 'back', 0.8],
  ['under the loupe', 'face', 3],
  ['against the light', 'light', 0.8],
] as const

/** A cloth drawn on both sides, under the loupe and before the light, to be named among its neighbours. */
export function LooksPage(data: LookData) {
  const { tile, hand, score } = data
  const [told, setTold] = useState<LookTold | null>(null)
  return (
    <Page>
      <div>
        <h1>Name that fabric</h1>
        <Lead role="status">{told ? verdictOf(told) : 'What is this fabric called?'}</Lead>
        <Soft>{score.all > 0 ? `${score.right} of ${score.all} right so far.` : ''}</Soft>
      </div>
      <Three>
        {WAYS.map(([where, side, scale]) => (
          <figure key={where}>
            <ClothSwatch tile={{ ...tile, side }} label={`The fabric, ${where}`} height="10rem" scale={scale} />
            <figcaption>{where}</figcaption>
          </figure>
        ))}
      </Three>
      <Columns>
        <Paper aria-labelledby="hand">
          <h2 id="hand">In the hand</h2>
          <PlainList $gap="0.3rem">
            {hand.map((words) => (
              <li key={words}>
                <Say>{words}</Say>
              </li>
            ))}
          </PlainList>
        </Paper>
        {told ? <Parted told={told} /> : <Choose {...data} onTold={setTold} />}
      </Columns>
    </Page>
  )
}

function verdictOf({ right, was }: LookTold): string {
  return right ? `Right: ${was.name.toLowerCase()}.` : `Not this time: it was ${was.name.toLowerCase()}.`
}

function Choose({ token, options, onTold }: LookData & { onTold: (told: LookTold) => void }) {
  const [sure, setSure] = useState(LEANING)
  const send = (said: string) => sayLook({ token, said, sure: Number(sure) })
  const { isBusy, trouble, say } = useSaying(send, onTold)
  return (
    <Paper aria-labelledby="which">
      <h2 id="which">Its name</h2>
      <SureField value={sure} onChange={setSure} />
      <Actions role="group" aria-label="Names">
        {options.map(({ id, name }) => (
          <Button key={id} isDisabled={isBusy} onPress={() => void say(id)}>
            {name}
          </Button>
        ))}
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Paper>
  )
}

function Parted({ told: { was, taken, parted } }: { told: LookTold }) {
  const router = useRouter()
  return (
    <Paper aria-labelledby="parted">
      <h2 id="parted">
        <Say>{taken ? 'How to tell the two apart' : 'How to recognise it'}</Say>
      </h2>
      <Stack>
        {[was, ...(taken ? [taken] : [])].map(({ id, name, makes }) => (
          <p key={id}>
            <Link href={`/learn/fabrics/${id}`}>{name}</Link>: <Say>{makes}</Say>
          </p>
        ))}
        {parted.length > 0 && taken ? (
          <Figures>
            <thead>
              <tr>
                <th scope="col">look at</th>
                <th scope="col">{was.name}</th>
                <th scope="col">{taken.name}</th>
              </tr>
            </thead>
            <tbody>
              {parted.map(({ looks, one, other }) => (
                <tr key={looks}>
                  <th scope="row">
                    <Say>{looks}</Say>
                  </th>
                  <td>{one}</td>
                  <td>{other}</td>
                </tr>
              ))}
            </tbody>
          </Figures>
        ) : null}
        <Actions>
          <StrongButton onPress={() => router.refresh()}>Next fabric</StrongButton>
        </Actions>
      </Stack>
    </Paper>
  )
}
