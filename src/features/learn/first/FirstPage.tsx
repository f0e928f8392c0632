'use client'

import Link from 'next/link'
import { BurnStrip } from '@/ui/burn'
import { CheckField } from '@/ui/kit/checks'
import { StrongLink } from '@/ui/kit/links'
import { Actions, Columns, Lead, Page, Paper, PlainList, Callout, Soft, Stack, Steps } from '@/ui/kit/surfaces'
import { useStored } from '../../shared/useStored'
import { GATHER, KNOWN, STEPS } from './firstSteps'
import { Say } from '@/ui/text/Say'

/** For somebody who has never done it: what to gather, and a first safe burn of two things that are known. */
export function FirstPage() {
  const [stored, keep] = useStored('gathered', 'browser')
  const ticked = new Set((stored ?? '').split(' ').filter(Boolean))
  const left = GATHER.filter(({ id }) => !ticked.has(id)).length
  const tick = (id: string, isOn: boolean) => {
    if (isOn) ticked.add(id)
    else ticked.delete(id)
    keep([...ticked].join(' '))
  }
  return (
    <Page>
      <div>
        <h1>Your first burn test</h1>
        <Lead>
          You need two threads that you know, a bowl of water, and a flame that stands by itself. Afterwards you know
          what “it melts” and “it smells of paper” mean.
        </Lead>
      </div>
      <Callout $tone="warn">
        <b>For adults with nothing else to watch.</b>
        <Say>
          {' '}
          Tie your hair back, roll your sleeves up, wear nothing made of polyester. No children, no pets, no
          draught.{' '}
        </Say>
        <Link href="/safety">All the cautions</Link>; local rules come first.
      </Callout>
      <Columns>
        <Paper aria-labelledby="gather">
          <h2 id="gather">What you need</h2>
          {GATHER.map(({ id, text, why }) => (
            <div key={id}>
              <CheckField isSelected={ticked.has(id)} onChange={(isOn) => tick(id, isOn)}>
                <Say>{text}</Say>
              </CheckField>
              <Soft>
                <Say>{why}</Say>
              </Soft>
            </div>
          ))}
          <p role="status">{left === 0 ? 'You have everything.' : `${left} of ${GATHER.length} still to get.`}</p>
        </Paper>
        <Stack $gap="1.25rem">
          <Paper aria-labelledby="burn">
            <h2 id="burn">What to do</h2>
            <Steps>
              {STEPS.map((step, i) => (
                <li key={i}>
                  <Say>{step}</Say>
                </li>
              ))}
            </Steps>
          </Paper>
          <Paper aria-labelledby="saw">
            <h2 id="saw">What you will see</h2>
            {KNOWN.map(({ id, title, says, seen }) => (
              <section key={id} aria-label={title}>
                <h3>{title}</h3>
                <BurnStrip seen={seen} describe={() => says.join(' ')} />
                <PlainList $gap="0.2rem">
                  {says.map((line) => (
                    <li key={line}>
                      <Say>{line}</Say>
                    </li>
                  ))}
                </PlainList>
              </section>
            ))}
          </Paper>
        </Stack>
      </Columns>
      <Actions>
        <StrongLink href="/identify/samples">Add both to your known samples, and start a burn test</StrongLink>
        <Link href="/learn/practice">
          <Say>Or practise without a flame first</Say>
        </Link>
      </Actions>
    </Page>
  )
}
