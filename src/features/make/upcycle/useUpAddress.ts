import { idsParam } from '../../shared/address/address'

/** More things than this at once no table holds. */
export const MOST_USED_UP = 6

/** Which things are used up. */
export const useUpAddress = { of: idsParam(MOST_USED_UP) }
