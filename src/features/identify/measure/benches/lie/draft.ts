import { type ColourFrom } from '@/core/measure/lie/colourFrom'
import { type Finish } from '@/core/measure/lie/finish'
import { type Nap } from '@/core/measure/lie/nap'
import { type Signs } from '@/core/measure/lie/signs'

/** How a piece lies, as far as it was looked at. */
export interface LieDraft {
  warpSigns: Signs
  rightSigns: Signs
  nap: Nap
  colourFrom: ColourFrom
  finish: Finish[]
  printRepeatMm: number | null
  printOffMm: number | null
  widthMm: number | null
}

export interface LiePart {
  draft: LieDraft
  onChange: (change: Partial<LieDraft>) => void
}
