'use client'

import styled from 'styled-components'
import { StrongSubmit } from '@/ui/kit/links'
import { Actions, Page, Callout, Soft } from '@/ui/kit/surfaces'

const Box = styled.form`
  display: grid;
  gap: 1rem;
  max-width: 26rem;
  label {
    display: grid;
    gap: 0.25rem;
    font-weight: 600;
  }
  input {
    min-height: 2.75rem;
    padding: 0.4rem 0.7rem;
    border: 1.5px solid var(--ink-soft);
    border-radius: 3px;
    background: var(--paper);
  }
`

/** A notebook that is open to the home network asks each device once. */
export function DoorPage({ isWrong, waitSeconds }: { isWrong: boolean; waitSeconds: number }) {
  return (
    <Page>
      <div>
        <h1>Please enter the passphrase</h1>
        <Soft>It was printed where this notebook was started. We remember this device for a month.</Soft>
      </div>
      {waitSeconds > 0 ? (
        <Callout $tone="warn" role="alert">
          Too many wrong tries. Please wait {waitSeconds} seconds, then try again.
        </Callout>
      ) : isWrong ? (
        <Callout $tone="warn" role="alert">
          That is not the passphrase.
        </Callout>
      ) : null}
      <Box action="/door/in" method="post">
        <label>
          Passphrase
          <input type="password" name="passphrase" autoComplete="current-password" maxLength={200} required />
        </label>
        <Actions>
          <StrongSubmit>Sign in</StrongSubmit>
        </Actions>
      </Box>
    </Page>
  )
}
