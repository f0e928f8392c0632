import { ROLES } from '@/core/vocabulary/choosing'
import { choiceParam, idParam, idsParam, textParam } from '../../shared/address/address'

/** More fabrics than these are not laid on at once. */
const MOST_CLOTHS = 24

/** What of a pattern is laid out, and on what. */
export const layAddress = {
  cloth: idsParam(MOST_CLOTHS),
  project: idParam,
  role: choiceParam(ROLES, 'main'),
  size: textParam(24),
}
