'use client'

import { PutAway } from '@/ui/kit/PutAway'
import { dropProject } from './actions'

export function DropProject({ id, name }: { id: string; name: string }) {
  return (
    <PutAway
      offer="Put this project away"
      question={`Put ${name} away?`}
      decide="Put it away"
      onDecided={() => dropProject(id)}
    />
  )
}
