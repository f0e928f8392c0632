'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { otherFeatures } from '@/core/identify/features'
import { AnswerDrawing } from '@/ui/burn'
import { Lead, Page, Paper, Soft } from '@/ui/kit/surfaces'
import { Guidance } from '../../shared/question/Guidance'
import { Say } from '@/ui/text/Say'

const Answers = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.6rem;
  grid-template-columns: repeat(auto-fill, minmax(7.2rem, 1fr));
  svg {
    display: block;
    width: 100%;
    height: auto;
  }
  b {
    display: block;
    line-height: 1.2;
    padding-top: 0.25rem;
  }
  small {
    color: var(--ink-soft);
    line-height: 1.25;
    display: block;
  }
`
const Grid = styled.div`
  display: grid;
  gap: 1.25rem;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 26rem), 1fr));
`

/** Every test that needs no flame: how to do it, what it tells apart, what spoils it, what can hurt. */
export function TableTests() {
  return (
    <Page>
      <div>
        <Link href="/identify/burn">Burn tests</Link>
        <h1>Tests without a flame</h1>
        <Lead>
          Each shows something that a flame can’t. The result page says which of them would help most for your fabric.
        </Lead>
        <Soft>
          For anything you sell, or anything that must resist fire (children’s nightwear, upholstery, stage fabric),
          use a laboratory. Local rules on fire and chemicals come first.
        </Soft>
      </div>
      <Grid>
        {otherFeatures.map(({ id, title, question, guide, minutes, states }) => (
          <Paper key={id} aria-labelledby={`test-${id}`}>
            <h2 id={`test-${id}`}>
              <Say>{title}</Say>
            </h2>
            <Soft>
              <Say>{question}</Say> About {minutes} min.{' '}
              <Link href={`/learn/tests/${id}`} prefetch={false}>
                What each answer points to
              </Link>
            </Soft>
            {guide ? <Guidance feature={id} guide={guide} /> : null}
            <Answers>
              {states.map(({ id: state, label, help }) => (
                <li key={state}>
                  <AnswerDrawing feature={id} state={state} />
                  <b>{label}</b>
                  <small>
                    <Say>{help}</Say>
                  </small>
                </li>
              ))}
            </Answers>
          </Paper>
        ))}
      </Grid>
    </Page>
  )
}
