import { DYE_FINISHES, DYE_THREADS } from '@/core/vocabulary/dyes'
import { choiceParam, numberParam, textParam } from '../../shared/address/address'

/** What is to be dyed, and how. Empty: not said. */
export const dyeAddress = {
  /** The colour of the packet, `#2f4b7c`. */
  to: textParam(7),
  thread: choiceParam(['', ...DYE_THREADS], ''),
  finish: choiceParam(['', ...DYE_FINISHES], ''),
  grams: numberParam([1, 50_000]),
}
