'use client'

import { Button } from '@/ui/kit/buttons'
import { Actions, Paper, PlainList } from '@/ui/kit/surfaces'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { When } from '../shared/history/When'
import { endThis } from './actions'

interface Props {
  devices: readonly { id: string; device: string; since: string; seen: string }[]
}

/** Devices that were let in, each with a way to show it out. */
export function Devices({ devices }: Props) {
  const { busy, doing } = useAsyncAction()
  return (
    <Paper aria-labelledby="devices">
      <h2 id="devices">Signed-in devices</h2>
      <PlainList>
        {devices.map(({ id, device, since, seen }) => (
          <li key={id}>
            <Actions>
              <span>
                {device}; since <When at={since} />, last seen <When at={seen} />
              </span>
              <Button isDisabled={busy} onPress={() => doing(() => endThis(id))}>
                Sign out
              </Button>
            </Actions>
          </li>
        ))}
      </PlainList>
    </Paper>
  )
}
