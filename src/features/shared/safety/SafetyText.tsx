'use client'

import styled from 'styled-components'
import { Paper, PlainList } from '@/ui/kit/surfaces'
import { beforeTheFlame, limits, neverBurn } from './content'

const Steps = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.9rem 1.5rem;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 17rem), 1fr));
  li {
    border-top: 3px solid var(--weld);
    padding-top: 0.45rem;
  }
  b {
    display: block;
  }
`

/** Everything that is to be read before a flame. */
export function SafetyText() {
  return (
    <>
      <Paper aria-labelledby="before-flame">
        <h2 id="before-flame">Before the flame</h2>
        <Steps>
          {beforeTheFlame.map(({ title, text }) => (
            <li key={title}>
              <b>{title}</b>
              {text}
            </li>
          ))}
        </Steps>
      </Paper>
      <Paper aria-labelledby="never-burn">
        <h2 id="never-burn">Do not burn</h2>
        <PlainList>
          {neverBurn.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </PlainList>
      </Paper>
      <Paper aria-labelledby="limits">
        <h2 id="limits">What this is not</h2>
        <PlainList>
          {limits.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </PlainList>
      </Paper>
    </>
  )
}
