import { features } from '@/core/identify/features'
import { weightsOf } from '@/core/identify/weights'
import likelihoodTables from './likelihoodTables.json'

// A figure that is changed on purpose is changed here too: none changes by accident.
it('the 23 tables are what was decided on, figure by figure', () => {
  expect(features).toHaveLength(23)
  expect(Object.fromEntries(features.map((feature) => [feature.id, weightsOf(feature)]))).toEqual(likelihoodTables)
})
