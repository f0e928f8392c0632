'use client'

import { BookOpenText } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { Button } from '@/ui/kit/buttons'
import { Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { openSample } from './actions'

/** A filled notebook to look around in, for who has nothing in their own yet. */
export function SampleOffer() {
  const { busy, trouble, doing } = useAsyncAction()
  const router = useRouter()
  const open = () =>
    doing(async () => {
      const outcome = await openSample()
      if (outcome.ok) router.push('/')
      return outcome
    })
  return (
    <Stack $gap="0.4rem">
      <div>
        <Button isDisabled={busy} onPress={open}>
          <BookOpenText aria-hidden size={20} strokeWidth={1.75} />
          {busy ? 'Opening the sample notebook…' : 'Look around in a sample notebook'}
        </Button>
      </div>
      <Soft>
        The wardrobe of a puppet theatre: 55 fabrics, their tests, patterns and projects. Yours stays as it is.
      </Soft>
      <Trouble>{trouble}</Trouble>
    </Stack>
  )
}
