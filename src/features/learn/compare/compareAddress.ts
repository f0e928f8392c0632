import { FIBRE_IDS } from '@/core/vocabulary/fibres'
import { choiceParam } from '../../shared/address/address'

/** Which two fibres. */
export const compareAddress = { a: choiceParam(FIBRE_IDS, 'silk'), b: choiceParam(FIBRE_IDS, 'polyester') }
