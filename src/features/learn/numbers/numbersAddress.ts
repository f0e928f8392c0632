import { GUESSED } from '@/core/vocabulary/guessing'
import { choiceParam } from '../../shared/address/address'

/** What is guessed. */
export const numbersAddress = { what: choiceParam(GUESSED, 'gsm') }
