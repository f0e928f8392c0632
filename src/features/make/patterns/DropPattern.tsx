'use client'

import { PutAway } from '@/ui/kit/PutAway'
import { dropPattern } from './actions'

export function DropPattern({ id, name }: { id: string; name: string }) {
  return (
    <PutAway offer="Delete pattern" question={`Delete ${name}?`} decide="Delete" onDecided={() => dropPattern(id)} />
  )
}
