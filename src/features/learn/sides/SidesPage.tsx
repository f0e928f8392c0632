'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import styled from 'styled-components'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { Actions, Lead, Page, Paper, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { Terms } from '@/ui/text/Terms'
import { LEANING, SureField } from '../say/SureField'
import { useSaying } from '../say/useSaying'
import { saySide, type SideTold } from './actions'
import { type SideData } from './load'
import { Say } from '@/ui/text/Say'
import { useSay } from '@/ui/text/reader'
import { phrase } from '@/core/text/text'

const Pictures = styled.div`
  display: grid;
  gap: 1rem;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 16rem), max-content));
  justify-content: start;
  figure {
    margin: 0;
  }
  img {
    display: block;
    max-width: 100%;
    height: auto;
    border-radius: 3px;
  }
  figcaption {
    font-weight: 600;
  }
`

/** Warp, right side, pile, grain and wear, told from a drawn cloth. */
export function SidesPage({ asks, told: seen, pictures, choices, score, token }: SideData) {
  const say = useSay()
  const [told, setTold] = useState<SideTold | null>(null)
  return (
    <Page>
      <div>
        <h1>Warp, nap and right side</h1>
        <Lead role="status">
          <Say>{told ? verdictOf(told) : asks}</Say>
        </Lead>
        <Soft>{score.all > 0 ? `${score.right} of ${score.all} right so far.` : ''}</Soft>
      </div>
      <Pictures>
        {pictures.map(({ name, url }) => (
          <figure key={name}>
            <img src={url} alt={say(name ? phrase`${name}. ${seen}` : seen)} />
            {name ? <figcaption>{name}</figcaption> : null}
          </figure>
        ))}
      </Pictures>
      {told ? <Because told={told} /> : <Choose token={token} choices={choices} onTold={setTold} />}
    </Page>
  )
}

const verdictOf = ({ right, answer }: SideTold) => (right ? `Right: ${answer}.` : `Not this time: ${answer}.`)

function Choose({
  token,
  choices,
  onTold,
}: Pick<SideData, 'token' | 'choices'> & { onTold: (told: SideTold) => void }) {
  const [sure, setSure] = useState(LEANING)
  const send = (said: Parameters<typeof saySide>[0]['said']) => saySide({ token, said, sure: Number(sure) })
  const { isBusy, trouble, say } = useSaying(send, onTold)
  return (
    <Paper aria-labelledby="which">
      <h2 id="which">Answer</h2>
      <Stack>
        <SureField value={sure} onChange={setSure} />
        <Actions role="group" aria-label="Answers">
          {choices.map(({ id, words }) => (
            <Button key={id} isDisabled={isBusy} onPress={() => void say(id)}>
              <Say>{words}</Say>
            </Button>
          ))}
        </Actions>
        <Trouble>{trouble}</Trouble>
      </Stack>
    </Paper>
  )
}

function Because({ told: { because } }: { told: SideTold }) {
  const router = useRouter()
  return (
    <Paper aria-labelledby="because">
      <h2 id="because">How to tell</h2>
      <Stack>
        <p>
          <Terms>{because}</Terms> <Soft as="span">(common practice)</Soft>
        </p>
        <Actions>
          <StrongButton onPress={() => router.refresh()}>Next fabric</StrongButton>
        </Actions>
      </Stack>
    </Paper>
  )
}
