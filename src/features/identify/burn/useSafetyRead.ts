'use client'

import { useCallback, useState } from 'react'
import { useStored } from '../../shared/useStored'

/** For how long cautions that were read count: one sitting. */
const SITTING_MS = 6 * 3_600_000

/** Whether the cautions were read in this sitting, in any tab; undefined until the page has come alive. */
export function useSafetyRead(): [read: boolean | undefined, markRead: () => void] {
  const [text, set] = useStored('safety-read', 'browser')
  const markRead = useCallback(() => set(String(Date.now())), [set])
  // Counted from when the page was opened: a sitting that runs out amid a burn does not break into it.
  const [openedAt] = useState(() => Date.now())
  if (text === undefined) return [undefined, markRead]
  return [text !== null && openedAt - Number(text) < SITTING_MS, markRead]
}
