import { DAMAGES } from '@/core/upcycle/mend/damages'
import { choiceParam, idParam, usualNumberParam } from '../../shared/address/address'

/** What is mended, and what is wrong with it. */
export const mendAddress = {
  of: idParam,
  what: choiceParam(DAMAGES, 'hole'),
  /** How wide the damage is, mm. */
  mm: usualNumberParam([1, 2000], 20),
}
