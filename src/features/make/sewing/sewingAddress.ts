import { GARMENTS } from '@/core/vocabulary/choosing'
import { choiceParam, flagParam } from '../../shared/address/address'

/** What is sewn of a piece. */
export const sewingAddress = { garment: choiceParam(['', ...GARMENTS], ''), lined: flagParam }
