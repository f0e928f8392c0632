import { nameCloth, type NameAnswer } from '@/core/cloths/name'
import { ofKind } from '@/core/notebook/measurements/kept'
import { type Vocabulary } from '@/core/vocabulary/words'
import { type OnTheBench } from '../measure/load'
import { descriptionOf, knownOf } from './description'

/** What is known of a piece, named: what the page begins with. */
export function firstUnanswered(piece: OnTheBench | null, words: Vocabulary): NameAnswer {
  const kept = ofKind(piece?.measurements ?? [], 'inspection').at(-1)
  const { answers, gsm } = knownOf(piece, kept?.data.answers)
  return nameCloth(descriptionOf(answers, { gsm, stretch: undefined, fibre: '' }), words)
}
