import { z } from 'zod'
import { findFeature } from '../../identify/features'
import { FIBRE_IDS } from '../../vocabulary/fibres'
import { PARTS } from '../../vocabulary/observations'
import { idText, listOf } from './text'
import { showInput } from './words'

/** Ids over the vocabulary, and the refusals that a person reads. */
export const FibreIdSchema = z.enum(FIBRE_IDS, {
  error: (issue) => `${showInput(issue.input)} is no fibre of the vocabulary`,
})

/** More states than any feature has. */
const MOST_STATES = 24

/** More answers than anybody gives of one cloth. */
export const MOST_OBSERVATIONS = 400

export const PartSchema = z.enum(PARTS)

/**
 * What was reported of one feature. Unknown features and states, and two states where one is allowed, are refused
 * with their path.
 */
export const ObservationSchema = z
  .strictObject({
    feature: idText,
    states: listOf(idText, MOST_STATES, 'nothing has so many states').min(
      1,
      'say at least one state, or leave the ' + 'observation out',
    ),
    part: PartSchema.default('whole'),
  })
  .superRefine(({ feature: id, states }, context) => {
    const feature = findFeature(id)
    if (!feature) {
      context.addIssue({ code: 'custom', path: ['feature'], message: `nothing observable is called "${id}"` })
      return
    }
    states.forEach((state, index) => {
      if (!feature.states.some((known) => known.id === state)) {
        context.addIssue({
          code: 'custom',
          path: ['states', index],
          message:
            `"${state}" is no state of "${id}"; its states are ` +
            `${feature.states.map((known) => known.id).join(', ')}`,
        })
      }
    })
    if (!feature.multi && states.length > 1) {
      context.addIssue({ code: 'custom', path: ['states', 1], message: `"${id}" takes one state only` })
    }
    states.forEach((state, index) => {
      if (states.indexOf(state) < index)
        context.addIssue({ code: 'custom', path: ['states', index], message: `"${state}" is named twice` })
    })
  })
