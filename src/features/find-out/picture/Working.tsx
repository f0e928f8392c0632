'use client'

import { ProgressBar } from 'react-aria-components'
import { QuietButton } from '@/ui/kit/buttons'
import { Slip } from '@/ui/kit/surfaces'
import { type PictureWork } from './usePicture'

/** How far a job on a picture is, a way to stop it, and what went wrong. */
export function Working({ work: { progress, trouble, cancel } }: { work: PictureWork }) {
  return (
    <>
      {progress === null ? null : (
        <div style={{ display: 'flex', gap: '0.75rem', alignItems: 'center' }}>
          <ProgressBar aria-label="Working on the picture" value={progress * 100} style={{ flex: 1 }}>
            <div style={{ height: '0.7rem', border: '1.5px solid var(--ink-soft)', borderRadius: 3 }}>
              <div style={{ height: '100%', width: `${progress * 100}%`, background: 'var(--indigo-deep)' }} />
            </div>
          </ProgressBar>
          <QuietButton onPress={cancel}>Stop</QuietButton>
        </div>
      )}
      {trouble ? (
        <Slip $tone="warn" role="alert">
          {trouble}
        </Slip>
      ) : null}
    </>
  )
}
