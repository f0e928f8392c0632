import { features } from '@/core/identify/features'
import likelihoodTables from './likelihoodTables.json'

// As they stood when each feature still held its own table; a figure that is changed on purpose is changed here too.
it('the 23 tables are what they were before each fibre got its own file', () => {
  expect(features).toHaveLength(23)
  expect(Object.fromEntries(features.map(({ id, weights }) => [id, weights]))).toEqual(likelihoodTables)
})
