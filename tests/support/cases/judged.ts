import { judgeSet } from '@/core/choose/set/set'
import { offerFrom } from '@/core/fabric/offer'
import { type ToldSet } from './sets'

/** The program’s answer to a told set. */
export function judged({ main, lining, interfacing, wadding, need }: ToldSet) {
  return judgeSet(
    {
      main: offerFrom(main),
      lining: lining && offerFrom(lining),
      interfacing,
      wadding: wadding && { ...wadding, offer: offerFrom({ called: 'wadding', fibres: wadding.fibres }) },
    },
    need,
  )
}
