import { IMPORTANCE, unknownAssessment } from '../fit/weights'
import { type Criterion } from './criterion'

/** A name that says nothing; it takes nothing off the score. */
export const NAME: Criterion = {
  id: 'called',
  reads: ({ unknownName }) => String(unknownName === undefined),
  judge: (_need, { unknownName }) =>
    unknownName === undefined
      ? undefined
      : unknownAssessment(
          'called',
          IMPORTANCE.name,
          `We don’t know the fabric name “${unknownName}”, so we estimated nothing from it.`,
        ),
}
