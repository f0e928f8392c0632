'use client'

import { useEffect, useRef, useState } from 'react'
import { type Piece } from '@/core/notebook/kinds/piece'
import { type Interlacing } from '@/core/vocabulary/cloth'

/**
 * The weave that a piece is drawn in while it is written about. The names of all cloths are fetched when its own is
 * first changed.
 * @param before the weave of what stood there first
 */
export function useWeave({ called, construction }: Pick<Piece, 'called' | 'construction'>, before: Interlacing) {
  const [weave, setWeave] = useState(before)
  const last = useRef({ called, construction })
  useEffect(() => {
    if (last.current.called === called && last.current.construction === construction) return
    last.current = { called, construction }
    let isOld = false
    void import('@/core/cloths/weaveOf').then(({ weaveOf }) => {
      if (!isOld) setWeave(weaveOf({ called, construction }))
    })
    return () => {
      isOld = true
    }
  }, [called, construction])
  return weave
}
