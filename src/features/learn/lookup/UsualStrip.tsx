'use client'

import { BurnStrip } from '@/ui/burn'
import { type FibreTold } from './fibresTold'

/** How a fibre usually burns, as one picture from the untouched strip to what is left. */
export function UsualStrip({ seen, burns }: Pick<FibreTold, 'seen' | 'burns'>) {
  const describe = (features: readonly string[]) =>
    burns
      .filter(({ id }) => features.includes(id))
      .map(({ usual }) => usual)
      .join('; ')
  return <BurnStrip seen={seen} describe={describe} label="How it usually burns" />
}
