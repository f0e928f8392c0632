'use client'

import { PutAway } from '@/ui/kit/PutAway'
import { dropPattern } from './actions'

export function DropPattern({ id, name }: { id: string; name: string }) {
  return (
    <PutAway
      offer="Put this pattern away"
      question={`Put ${name} away?`}
      decide="Put it away"
      onDecided={() => dropPattern(id)}
    />
  )
}
