'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { countNoun } from '@/core/units/format'
import { AnswerDrawing } from '@/ui/burn'
import { Columns, Lead, Page, Paper, PlainList, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { Guidance } from '../../shared/question/Guidance'
import { LinksTo } from './LinksTo'
import { type OneTest } from './loadTest'
import { Say } from '@/ui/text/Say'

const Answer = styled.li`
  display: grid;
  grid-template-columns: 5.5rem minmax(0, 1fr);
  gap: 0.3rem 1rem;
  align-items: center;
  svg {
    display: block;
    width: 100%;
    height: auto;
  }
`

/** One test: how it is done, what each answer speaks for, and which fibres it parts. */
export function TestPage({ id, title, question, hint, guide, minutes, isBurn, ...told }: OneTest) {
  const { isHazard, answers, pairs, parted, others, source } = told
  return (
    <Page>
      <div>
        <Link href={isBurn ? '/identify/burn' : `/identify/tests#test-${id}`}>
          {isBurn ? 'Burn tests' : 'All tests'}
        </Link>
        <h1>
          <Say>{title}</Say>
        </h1>
        <Lead>
          <Say>{`${question} ${isBurn ? hint : `About ${minutes} min.`}`}</Say>
        </Lead>
      </div>
      {isHazard ? (
        <Callout $tone="warn">
          <Link href="/safety">Before you start</Link> Local rules on fire and chemicals come first.
        </Callout>
      ) : null}
      <Columns $first="1.5fr">
        <Stack>
          {guide ? (
            <Paper aria-label="How to do it">
              <Guidance feature={id} guide={guide} />
            </Paper>
          ) : null}
          <Answers id={id} answers={answers} source={source} />
        </Stack>
        <Stack>
          <Paper aria-labelledby="parts">
            <h2 id="parts">What it tells apart</h2>
            {parted === 0 ? (
              <Soft>
                <Say>For any two fibres another question tells more; this one adds to the others.</Say>
              </Soft>
            ) : (
              <>
                <Soft>
                  No other question tells these apart as well
                  {pairs.length < parted ? `; ${countNoun(parted, 'pair')} in all, the hardest first` : ''}:
                </Soft>
                <PlainList>
                  {pairs.map(({ one, other }) => (
                    <li key={`${one.id} ${other.id}`}>
                      <Link href={`/learn/compare?a=${one.id}&b=${other.id}`} prefetch={false}>
                        {one.name} and {other.name}
                      </Link>
                    </li>
                  ))}
                </PlainList>
              </>
            )}
          </Paper>
          <Paper aria-labelledby="others">
            <h2 id="others">{isBurn ? 'Questions with a flame' : 'Tests without a flame'}</h2>
            <p>
              <LinksTo of={others} path="/learn/tests" between=", " />
            </p>
          </Paper>
        </Stack>
      </Columns>
    </Page>
  )
}

function Answers({ id, answers, source }: Pick<OneTest, 'id' | 'answers' | 'source'>) {
  return (
    <Paper aria-labelledby="answers">
      <h2 id="answers">What each answer points to</h2>
      <Soft>For pure fabric, where nothing else is known. A burn test combines all answers.</Soft>
      <PlainList $gap="0.9rem">
        {answers.map(({ state, label, help, likeliest }) => (
          <Answer key={state}>
            <AnswerDrawing feature={id} state={state} />
            <div>
              <b>
                <Say>{label}</Say>
              </b>{' '}
              <Soft as="span">
                <Say>{help}</Say>
              </Soft>
              <p>
                {likeliest.map((one, i) => (
                  <span key={one.id}>
                    {i > 0 ? ', ' : ''}
                    <Link href={`/learn/fibres/${one.id}`} prefetch={false}>
                      {one.name}
                    </Link>{' '}
                    {one.share}
                  </span>
                ))}
              </p>
            </div>
          </Answer>
        ))}
      </PlainList>
      <Soft>{source}</Soft>
    </Paper>
  )
}
