'use client'

import { useStored } from '../../shared/useStored'

/** Whether the cautions were read in this session of the browser; undefined until the page has come alive. */
export function useSafetyRead(): [read: boolean | undefined, markRead: () => void] {
  const [text, set] = useStored('safety-read', 'tab')
  return [text === undefined ? undefined : text !== null, () => set('yes')]
}
