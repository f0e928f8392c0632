'use client'

import { useEffect, useState } from 'react'

/**
 * What is fetched once the page is there, since nothing of it shows before.
 * @param load always the same function
 * @returns undefined until it has come
 */
export function useLoaded<T>(load: () => Promise<T>): T | undefined {
  const [loaded, setLoaded] = useState<{ is: T }>()
  useEffect(() => {
    let left = false
    void load().then((is) => {
      if (!left) setLoaded({ is })
    })
    return () => {
      left = true
    }
  }, [load])
  return loaded?.is
}
