'use client'

import dynamic from 'next/dynamic'
import { useStored } from '../../shared/useStored'

// Few take it: fetched when somebody does.
const Tour = dynamic(() => import('./Tour').then(({ Tour: part }) => part))

/** Where the tour stands, while somebody takes it. */
export function TourSlip() {
  const [at, setAt] = useStored('tour', 'tab')
  return at ? <Tour at={Number(at)} onGo={(next) => setAt(next === null ? null : String(next))} /> : null
}
