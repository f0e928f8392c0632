import { WorkroomSchema } from '../../core/notebook/kinds/workroom'
import { openNotebook, type Notebook } from '../store/openNotebook'
import { allRecords } from '../store/repository'
import { keepWorkroom, readWorkroom } from './workroom'

const AT = '2026-05-02T10:00:00.000Z'
let db: Notebook
beforeEach(async () => {
  db = await openNotebook(':memory:')
})
afterEach(() => db.destroy())

it('is what is usual until it was asked, and one record ever after', async () => {
  expect(await readWorkroom(db)).toMatchObject({
    isAsked: false,
    workroom: { hours: [], machine: { overlocker: false } },
  })
  const mine = WorkroomSchema.parse({
    machine: { overlocker: true },
    hours: [{ day: 6, from: '09:00', to: '11:30' }],
  })
  await keepWorkroom(db, mine, AT)
  await keepWorkroom(db, { ...mine, schools: { silk: 'hand' } }, AT)
  expect(await readWorkroom(db)).toEqual({ isAsked: true, workroom: { ...mine, schools: { silk: 'hand' } } })
  expect((await allRecords(db, 'workroom')).kept).toHaveLength(1)
})

it.each([
  [{ hours: [{ day: 7, from: '09:00', to: '10:00' }] }],
  [{ hours: [{ day: 1, from: '10:00', to: '09:00' }] }],
  [{ hours: [{ day: 1, from: '9:00', to: '25:00' }] }],
  [{ household: { washerKg: 0 } }],
])('refuses %j', (given) => expect(WorkroomSchema.safeParse(given).success).toBe(false))
