'use client'

import { useRouter } from 'next/navigation'
import { useEffect } from 'react'
import { counted } from '@/core/units/format'
import { Slip } from '@/ui/kit/surfaces'

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
    <Slip role="status">
      {counted(left, 'piece is', 'pieces are')} being looked over; what is shown {left === 1 ? 'of it' : 'of them'}{' '}
      may be of before.
    </Slip>
  ) : null
}
