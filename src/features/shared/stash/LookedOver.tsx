'use client'

import { useRouter } from 'next/navigation'
import { useEffect } from 'react'
import { countNoun } from '@/core/units/format'
import { Callout } from '@/ui/kit/surfaces'

const AGAIN_MS = 1500

/** Says how many pieces are still being looked over in the background, and asks for the page again meanwhile. */
export function LookedOver({ left }: { left: number }) {
  const router = useRouter()
  const isWorking = left > 0
  useEffect(() => {
    if (!isWorking) return
    const timer = setInterval(() => router.refresh(), AGAIN_MS)
    return () => clearInterval(timer)
  }, [isWorking, router])
  return isWorking ? (
    <Callout role="status">
      We are still updating {countNoun(left, 'fabric')}. What you see of {left === 1 ? 'it' : 'them'} may be out of
      date.
    </Callout>
  ) : null
}
