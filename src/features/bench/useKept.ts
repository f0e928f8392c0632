'use client'

import { useEffect, useRef, useState } from 'react'

const TRY_AGAIN_MS = 3000

/**
 * Keeps a value in the notebook as it changes, the latest always last; says in words where that fails, and tries again.
 * @param save answers false where the test is gone
 */
export function useKept<T>(value: T, save: (value: T) => Promise<boolean>): string | undefined {
  const [trouble, setTrouble] = useState<string>()
  const [attempt, setAttempt] = useState(0)
  const kept = useRef(value)
  const queue = useRef(Promise.resolve())
  const saving = useRef(save)
  useEffect(() => {
    saving.current = save
  })
  useEffect(() => {
    if (kept.current === value) return
    let stale = false
    let timer: ReturnType<typeof setTimeout> | undefined
    queue.current = queue.current.then(async () => {
      if (stale) return
      try {
        const found = await saving.current(value)
        kept.current = value
        setTrouble(found ? undefined : 'This test was thrown away elsewhere: what you answer now is not kept.')
      } catch {
        setTrouble('The last answers could not be kept. They are still here, and it is tried again.')
        timer = setTimeout(() => setAttempt((before) => before + 1), TRY_AGAIN_MS)
      }
    })
    return () => {
      stale = true
      clearTimeout(timer)
    }
  }, [value, attempt])
  return trouble
}
