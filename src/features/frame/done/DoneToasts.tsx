'use client'

import dynamic from 'next/dynamic'
import { useEffect, useState } from 'react'
import { type DoneThing } from '../../shared/history/done'
import { noticeDone, onDone } from './doneStore'

// Fetched when something is done for the first time.
const Toasts = dynamic(() => import('./Toasts').then(({ Toasts: part }) => part))

/** Says what was done to the notebook, with its undoing, at the same place on every page. */
export function DoneToasts() {
  const [done, setDone] = useState<DoneThing>()
  useEffect(() => {
    const stop = onDone(setDone)
    // A page that was loaded anew in between has it to tell as well.
    noticeDone()
    return stop
  }, [])
  return done ? <Toasts done={done} /> : null
}
