import { completing } from './completing'

const options = ['waistcoat', 'shirt', 'coat', 'Coat dress'].map((label) => ({ id: label, label }))

it('completes what begins so before what only holds it, whatever the case', () => {
  expect(completing(options, 'COAT').map(({ label }) => label)).toEqual(['coat', 'Coat dress', 'waistcoat'])
  expect(completing(options, '')).toHaveLength(4)
  expect(completing(options, 'jumpsuit')).toEqual([])
})
