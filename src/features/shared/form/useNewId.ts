'use client'

import { useCallback, useRef } from 'react'
import { useStored } from '../useStored'

/**
 * The id of what a form will keep, made here: sent again because no answer came, it is the same record and no second
 * one.
 * @param keepAs under which name it waits in this tab, with what was typed, so that it outlives a reload
 * @returns `take`, the id to send; `spend`, once it was kept: the next one is another
 */
export function useNewId(keepAs?: string): { take: () => Promise<string>; spend: () => void } {
  const id = useRef<string>(undefined)
  const [waiting, wait] = useStored(`id-${keepAs ?? ''}`, 'tab')
  const take = useCallback(async () => {
    // Fetched when something is first kept: no page begins with it.
    id.current ??= (keepAs !== undefined && waiting) || (await import('uuid')).v7()
    if (keepAs !== undefined) wait(id.current)
    return id.current
  }, [keepAs, waiting, wait])
  const spend = useCallback(() => {
    id.current = undefined
    if (keepAs !== undefined) wait(null)
  }, [keepAs, wait])
  return { take, spend }
}
