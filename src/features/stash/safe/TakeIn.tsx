'use client'

import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { Button, QuietButton, StrongButton } from '@/ui/kit/buttons'
import { PickFile } from '@/ui/kit/PickFile'
import { Actions, Paper, PlainList, Callout } from '@/ui/kit/surfaces'
import { sendNotebook, type SentNotebook } from './sendNotebook'

type State =
  | { is: 'empty' }
  | { is: 'going'; file: File; isTrial: boolean; done: number; of: number }
  | { is: 'tried' | 'taken'; file: File; sent: Extract<SentNotebook, { ok: true }> }
  | { is: 'refused'; sent: Extract<SentNotebook, { ok: false }> }

/** A document or an archive taken in: tried first, then done, and it can be stopped. */
export function TakeIn() {
  const router = useRouter()
  const [state, setState] = useState<State>({ is: 'empty' })
  const stopping = useRef<AbortController>(undefined)
  const send = async (file: File, isTrial: boolean) => {
    const stop = new AbortController()
    stopping.current = stop
    setState({ is: 'going', file, isTrial, done: 0, of: 0 })
    const sent = await sendNotebook(file, isTrial, stop.signal, ({ done, of }) =>
      setState({ is: 'going', file, isTrial, done, of }),
    )
    if (!sent) return setState({ is: 'empty' })
    setState(sent.ok ? { is: isTrial ? 'tried' : 'taken', file, sent } : { is: 'refused', sent })
    if (sent.ok && !isTrial) router.refresh()
  }
  return (
    <Paper aria-labelledby="in">
      <h2 id="in">Import</h2>
      <p>
        A document or an archive that you exported here or elsewhere. Its records replace the same records here; the
        rest of your notebook stays.
      </p>
      {state.is === 'going' ? (
        <div role="status">
          <p>{state.isTrial ? 'Checking the file…' : 'Importing…'}</p>
          <progress aria-label="Progress" max={state.of || undefined} value={state.of > 0 ? state.done : undefined} />
          <QuietButton onPress={() => stopping.current?.abort()}>Stop</QuietButton>
        </div>
      ) : (
        <PickFile label="Choose a file…" types={['.json', '.zip']} onPick={(file) => void send(file, true)} />
      )}
      {state.is === 'tried' ? (
        <Callout role="status">
          <p>
            <b>{state.file.name}</b>: {countsOf(state.sent)}. Nothing has changed yet.
          </p>
          <Actions>
            <StrongButton onPress={() => void send(state.file, false)}>Import</StrongButton>
            <Button onPress={() => setState({ is: 'empty' })}>Cancel</Button>
          </Actions>
        </Callout>
      ) : null}
      {state.is === 'taken' ? (
        <Callout $tone="good" role="status">
          Imported: {countsOf(state.sent)}.
        </Callout>
      ) : null}
      {state.is === 'refused' ? (
        <Callout $tone="warn" role="alert">
          <p>{state.sent.message}</p>
          <PlainList>
            {state.sent.issues.map(({ path, message }) => (
              <li key={path + message}>
                <code>{path}</code>: {message}
              </li>
            ))}
          </PlainList>
        </Callout>
      ) : null}
    </Paper>
  )
}

function countsOf({
  created,
  changed,
  same,
  pictures,
  picturesRefused,
}: Extract<SentNotebook, { ok: true }>): string {
  const parts = [`${created} new`, `${changed} changed`, `${same} already here`]
  if (pictures > 0) parts.push(`${pictures} photos`)
  if (picturesRefused > 0) parts.push(`${picturesRefused} unreadable photos, left out`)
  return parts.join(', ')
}
