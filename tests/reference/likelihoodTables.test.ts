import { features } from '@/core/identify/features'
import likelihoodTables from './likelihoodTables.json'

// A figure that is changed on purpose is changed here too: none changes by accident.
it('the 23 tables are what was decided on, figure by figure', () => {
  expect(features).toHaveLength(23)
  expect(Object.fromEntries(features.map(({ id, weights }) => [id, weights]))).toEqual(likelihoodTables)
})
