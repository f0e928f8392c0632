import { type ChangeSet } from '@/server/store/history'
import { doneWords } from './strokeWords'

type Step = ChangeSet['steps'][number]
const step = (what: Step['what'], kind: Step['kind'], fields: string[] = []): Step => ({
  ...{ what, kind, fields, id: '01a21579-3d26-76d0-8c1d-456012720fa9', title: 'Its name' },
})

test.each([
  [[step('create', 'piece')], 'Saved: a fabric'],
  [[step('change', 'piece', ['widthMm', 'lengthMm'])], 'Changed: width, length'],
  [[step('remove', 'measurement'), step('remove', 'piece')], 'Deleted: a fabric'],
  // What is left of the fabric and its offcuts belong to the cut.
  [[step('change', 'piece', ['lengthMm']), step('create', 'piece'), step('create', 'cut')], 'Saved: a cut'],
  [[step('create', 'pattern-piece'), step('create', 'pattern-piece')], 'Saved: 2 pattern pieces'],
  [[step('change', 'piece', ['place']), step('change', 'piece', ['place'])], 'Changed: 2 fabrics'],
  [[], ''],
])('%j is told without a name', (steps, says) => expect(doneWords(steps, false)).toBe(says))

it('says that something was taken back, and what', () => {
  expect(doneWords([step('remove', 'project')], true)).toBe('Undone: a project')
})
