'use client'

import { ProgressBar } from 'react-aria-components'
import { QuietButton } from '@/ui/kit/buttons'
import { Callout } from '@/ui/kit/surfaces'
import { type PictureWork } from './usePicture'
import styled from 'styled-components'
import { ShareBar } from '@/ui/kit/Share'

const Line = styled.div`
  display: flex;
  gap: 0.75rem;
  align-items: center;
  .react-aria-ProgressBar {
    flex: 1;
    height: 0.7rem;
    border: 1.5px solid var(--ink-soft);
    border-radius: 3px;
  }
  i {
    display: block;
    height: 100%;
    background: var(--indigo-deep);
  }
`

/** How far a job on a picture is, a way to stop it, and what went wrong. */
export function Working({
  work: { progress, trouble, cancel },
}: {
  work: Pick<PictureWork, 'progress' | 'trouble' | 'cancel'>
}) {
  return (
    <>
      {progress === null ? null : (
        <Line>
          <ProgressBar aria-label="Working on the photo" value={progress * 100}>
            <ShareBar $of={progress} />
          </ProgressBar>
          <QuietButton onPress={cancel}>Stop</QuietButton>
        </Line>
      )}
      {trouble ? (
        <Callout $tone="warn" role="alert">
          {trouble}
        </Callout>
      ) : null}
    </>
  )
}
