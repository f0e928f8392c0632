'use client'

import { Undo2, X } from 'lucide-react'
import { usePathname, useRouter } from 'next/navigation'
import { useEffect } from 'react'
import {
  Button as Press,
  Text,
  UNSTABLE_Toast as Toast,
  UNSTABLE_ToastContent as ToastContent,
  UNSTABLE_ToastQueue as ToastQueue,
  UNSTABLE_ToastRegion as ToastRegion,
} from 'react-aria-components'
import styled from 'styled-components'
import { Button } from '@/ui/kit/buttons'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { takeBackStroke } from '../../shared/history/actions'
import { type DoneThing } from '../../shared/history/done'
import { SMALL } from '../../shared/smallScreen'

const Region = styled(ToastRegion<DoneThing>)`
  position: fixed;
  right: 1.5rem;
  bottom: calc(var(--foot) + 1.25rem);
  z-index: 20;
  outline: 0;
  ${SMALL} {
    left: 1rem;
    right: 1rem;
    bottom: calc(var(--foot) + 0.75rem);
  }
  @media print {
    display: none;
  }
`
const Slip = styled(Toast<DoneThing>)`
  display: flex;
  align-items: center;
  gap: 0.75rem;
  padding: 0.5rem 0.5rem 0.5rem 1.1rem;
  border-left: 8px solid var(--weld);
  border-radius: 3px;
  background: var(--indigo-deep);
  color: var(--on-indigo);
  box-shadow: 0 6px 20px rgb(0 0 0 / 0.35);
  &[data-focus-visible] {
    outline: 3px solid var(--madder);
    outline-offset: 2px;
  }
  > :first-child {
    flex: 1;
    min-width: 0;
  }
`
const Shut = styled(Press)`
  display: grid;
  place-items: center;
  width: 2.75rem;
  height: 2.75rem;
  border: 0;
  border-radius: 3px;
  background: none;
  color: inherit;
  cursor: pointer;
  &[data-focus-visible] {
    outline: 3px solid var(--weld);
  }
`

/** Long enough to be read, reached by keys and pressed; it waits while the pointer or the keys are on it. */
const STAYS_MS = 10_000

const queue = new ToastQueue<DoneThing>({ maxVisibleToasts: 1 })

export function Toasts({ done }: { done: DoneThing }) {
  useEffect(() => {
    queue.clear()
    queue.add(done, { timeout: STAYS_MS })
  }, [done])
  return (
    <Region queue={queue} aria-label="What was done">
      {({ toast }) => (
        <Slip toast={toast}>
          <ToastContent>
            <Text slot="title">{toast.content.says}</Text>
          </ToastContent>
          <TakeBack done={toast.content} onDone={() => queue.close(toast.key)} />
          <Shut slot="close" aria-label="Close this message">
            <X aria-hidden size={18} />
          </Shut>
        </Slip>
      )}
    </Region>
  )
}

/** Takes back what was done. Who stands on the page of what was made by it goes to the list that it was in. */
function TakeBack({ done, onDone }: { done: DoneThing; onDone: () => void }) {
  const { busy, trouble, doing } = useAsyncAction()
  const router = useRouter()
  const address = usePathname()
  const takeBack = () =>
    doing(async () => {
      const outcome = await takeBackStroke(done.stroke)
      if (!outcome.ok) return outcome
      onDone()
      const at = done.made && !done.isUndoing ? address.indexOf(`/${done.made}`) : -1
      if (at > 0) router.push(address.slice(0, at))
      return outcome
    })
  return (
    <>
      {trouble ? <span role="alert">{trouble}</span> : null}
      <Button isDisabled={busy} onPress={takeBack}>
        <Undo2 aria-hidden size={18} />
        {done.isUndoing ? 'Redo' : 'Undo'}
      </Button>
    </>
  )
}
