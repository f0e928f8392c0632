'use client'

import { PutAway } from '@/ui/kit/PutAway'
import { dropPattern } from './actions'

export function DropPattern({ id, name }: { id: string; name: string }) {
  return (
    <PutAway
      offer="Put this pattern away for good"
      question={`Put ${name} away for good?`}
      decide="Put it away"
      onDecided={() => dropPattern(id)}
    />
  )
}
