import { completeOptions } from './completeOptions'

const options = ['waistcoat', 'shirt', 'coat', 'Coat dress'].map((label) => ({ id: label, label }))

it('completes what begins so before what only holds it, whatever the case', () => {
  expect(completeOptions(options, 'COAT').map(({ label }) => label)).toEqual(['coat', 'Coat dress', 'waistcoat'])
  expect(completeOptions(options, '')).toHaveLength(4)
  expect(completeOptions(options, 'jumpsuit')).toEqual([])
})
