'use client'

import { BurnStrip, type SeenStates } from '@/ui/burn'

interface Props {
  /** What each look most often shows. */
  seen: SeenStates
  /** The same in words, by the look. */
  said: Readonly<Record<string, string>>
}

/** How a fibre usually burns, as one picture from the untouched strip to what is left. */
export function UsualStrip({ seen, said }: Props) {
  const describe = (features: readonly string[]) => features.flatMap((id) => said[id] ?? []).join('; ')
  return <BurnStrip seen={seen} describe={describe} label="How it usually burns" />
}
