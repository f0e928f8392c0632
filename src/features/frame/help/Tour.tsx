'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { QuietButton } from '@/ui/kit/buttons'
import { ButtonLink, StrongLink } from '@/ui/kit/links'
import { note } from './noteStyle'
import { TOUR } from './tourSteps'

const Slip = styled.aside`
  position: fixed;
  z-index: 14;
  right: 1rem;
  bottom: 1rem;
  width: min(30rem, calc(100vw - 2rem));
  ${note}
  border-left-color: var(--madder);
  @media (max-width: 47.99rem) {
    bottom: 4.5rem;
  }
  @media print {
    display: none;
  }
`

interface Props {
  /** Which stop, from 0. */
  at: number
  /** Null leaves the tour. */
  onGo: (at: number | null) => void
}

/** A stop of the tour: what to see here, the next, and the way out. */
export function Tour({ at, onGo }: Props) {
  const stop = TOUR[at]
  if (!stop) return null
  const [before, next] = [TOUR[at - 1], TOUR[at + 1]]
  return (
    <Slip aria-label="Tour" role="complementary">
      <p>
        <b>
          {at + 1} of {TOUR.length}: <Link href={stop.path}>{stop.title}</Link>
        </b>
      </p>
      <p role="status">{stop.says}</p>
      <div className="foot">
        {before ? (
          <ButtonLink href={before.path} onClick={() => onGo(at - 1)}>
            Back
          </ButtonLink>
        ) : null}
        {next ? (
          <StrongLink href={next.path} onClick={() => onGo(at + 1)}>
            Next: {next.title.toLowerCase()}
          </StrongLink>
        ) : null}
        <QuietButton onPress={() => onGo(null)}>{next ? 'Leave the tour' : 'Finish'}</QuietButton>
      </div>
    </Slip>
  )
}
