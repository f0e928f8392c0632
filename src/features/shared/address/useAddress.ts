'use client'

import { usePathname, useRouter } from 'next/navigation'
import { writeAddress, type Params } from './address'

/**
 * Changes the state of a page that stands in its address.
 * @param value as it stands there now
 * @param isStep whether the way back leads through it; else it takes the place of what stood there
 * @returns goes to the address with a change in it
 */
export function useAddress<T>(
  params: Params<T>,
  value: NoInfer<T>,
  { isStep = false } = {},
): (change: Partial<NoInfer<T>>) => void {
  const router = useRouter()
  const path = usePathname()
  return (change) => {
    const address = writeAddress(params, path, { ...value, ...change })
    if (isStep) router.push(address, { scroll: false })
    else router.replace(address, { scroll: false })
  }
}
