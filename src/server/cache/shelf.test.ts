import { PieceSchema, type PieceInput } from '../../core/notebook/kinds/piece'
import { ASKS_NOTHING, type ShelfQuery } from '../../core/stashSearch/query'
import { startBurnTest } from '../records/burnTests'
import { openNotebook, type Notebook } from '../store/openNotebook'
import { addMeasurement } from '../records/measurements'
import { changeRecord, createRecord, removeRecord } from '../store/repository'
import { type RunningTotal } from '../../core/stashSearch/stashIndex/running'
import { askShelf } from './askShelf'
import { shelfOf } from './shelf'

jest.mock('@/server/jobs/pool', () => jest.requireActual('../../../tests/support/jobsHere'))

const AT = '2026-05-02T10:00:00.000Z'
let db: Notebook
beforeEach(async () => {
  db = await openNotebook(':memory:')
})
afterEach(() => db.destroy())

const put = async (name: string, data: Partial<PieceInput> = {}) =>
  createRecord(db, 'piece', PieceSchema.parse({ name, ...data }), AT)
const ask = (query: Partial<ShelfQuery> = {}) => askShelf(db, { ...ASKS_NOTHING, ...query }, 'uk')
const names = async (query: Partial<ShelfQuery> = {}) => (await ask(query)).found.map(({ name }) => name)

it('remembers a piece as it is written, changed, tested and taken away', async () => {
  const { id } = await put('Lobby curtain', { called: 'velvet', place: 'Loft' })
  expect((await ask()).found).toMatchObject([
    { name: 'Lobby curtain', knowing: 'untested', cloth: 'velvet', gsm: null },
  ])
  await addMeasurement(db, id, { kind: 'weighing', grams: 30, lengthMm: 300, widthMm: 300 } as never, 'unknown', AT)
  const [weighed] = (await ask()).found
  expect(weighed!.gsm!.value).toBeCloseTo(333.3, 0)
  const observed = [
    { feature: 'smell', states: ['hair-feather'] },
    { feature: 'flame', states: ['slow-flickering'] },
    { feature: 'residue', states: ['crushable-bead'] },
  ].map((one) => ({ specimen: 1, part: 'whole' as const, ...one }))
  await startBurnTest(db, { pieceId: id }, AT, {}, observed.slice(0, 1))
  expect((await ask()).found[0]!.knowing).not.toBe('untested')
  await changeRecord(db, 'piece', { id, revision: 1 }, PieceSchema.parse({ name: 'Green curtain' }), AT)
  expect(await names()).toEqual(['Green curtain'])
  await removeRecord(db, 'piece', { id }, AT)
  expect(await names()).toEqual([])
})

it('works out once what is worked out of all shelves, and then of what comes, changes or goes alone', async () => {
  const added = jest.fn()
  const begin = jest.fn((): RunningTotal<string> => {
    const names = new Map<string, string>()
    return {
      add: ({ id, name }) => {
        added(name)
        names.set(id, name)
      },
      remove: ({ id }) => void names.delete(id),
      result: () => [...names.values()].toSorted().join(),
    }
  })
  const followed = async () => (await shelfOf(db, 'uk')).follow('names', begin)
  const { id } = await put('Curtain')
  await put('Dust sheet')
  expect([await followed(), await followed()]).toEqual(['Curtain,Dust sheet', 'Curtain,Dust sheet'])
  expect(added).toHaveBeenCalledTimes(2)
  added.mockClear()
  await changeRecord(db, 'piece', { id, revision: 1 }, PieceSchema.parse({ name: 'Awning' }), AT)
  expect(await followed()).toBe('Awning,Dust sheet')
  await put('Bunting')
  expect(await followed()).toBe('Awning,Bunting,Dust sheet')
  await removeRecord(db, 'piece', { id }, AT)
  expect(await followed()).toBe('Bunting,Dust sheet')
  expect(begin).toHaveBeenCalledTimes(1)
  // What stayed as it was is not looked at again.
  expect(added.mock.calls.flat()).not.toContain('Dust sheet')
})

it('tells ages anew when the day changes', async () => {
  await put('Curtain', { got: '2026-05-01' })
  const weeks = async (today: string) => (await shelfOf(db, 'uk', today)).ask(ASKS_NOTHING, null).counts.age
  expect(await weeks('2026-05-02T10:00:00.000Z')).toEqual({ week: 1 })
  expect(await weeks('2031-01-01T00:00:00.000Z')).toEqual({ older: 1 })
})

it('looks many pieces over in the background, and says how many are left', async () => {
  for (let i = 0; i < 70; i++) await put(`piece ${i}`)
  const first = await ask()
  expect(first.left + first.found.length).toBeGreaterThanOrEqual(0)
  await (await shelfOf(db, 'uk')).settled()
  const then = await ask()
  expect(then).toMatchObject({ all: 70, left: 0 })
})

it('looks nothing over twice, and everything when the reader’s English changes', async () => {
  await put('Laundry bolt', { called: 'muslin' })
  await ask()
  const made = () => db.selectFrom('remembered').select(['made', 'tables']).execute()
  const before = await made()
  await ask()
  expect(await made()).toEqual(before)
  const us = await askShelf(db, ASKS_NOTHING, 'us')
  expect((await made())[0]!.tables).toMatch(/us$/)
  // Muslin is another cloth over there.
  expect(us.found[0]!.cloth).not.toBe((await ask()).found[0]!.cloth)
})

it('keeps what changed while it was looked over for the next time', async () => {
  const { id } = await put('First name')
  await ask()
  await changeRecord(db, 'piece', { id, revision: 1 }, PieceSchema.parse({ name: 'Second name' }), AT)
  const marks = await db.selectFrom('stale').selectAll().execute()
  expect(marks[0]!.mark).toMatch(/^[0-9a-f]{16}$/)
  expect(await names()).toEqual(['Second name'])
  expect(await db.selectFrom('stale').selectAll().execute()).toEqual([])
})

it('finds by words, their beginnings, both Englishes, and past a slip of the pen', async () => {
  await put('Terrace blind', { called: 'calico', place: 'Long shelf', tags: ['heavy duty'] })
  await put('Night jacket', { called: 'seersucker', ideas: 'a smock for the heron' })
  expect(await names({ text: 'muslin' })).toEqual(['Terrace blind'])
  expect(await names({ text: 'seer' })).toEqual(['Night jacket'])
  expect(await names({ text: 'seersuker heron' })).toEqual(['Night jacket'])
  expect(await names({ text: 'zebra' })).toEqual([])
  expect(await names({ text: '" OR *' })).toEqual([])
  expect(await names({ text: '  ' })).toHaveLength(2)
})

it('marks every burnt piece when a known one is burnt: what a person means by a smell counts in all', async () => {
  const burnt = await put('Burnt')
  await put('Unburnt')
  await startBurnTest(db, { pieceId: burnt.id }, AT)
  await ask()
  const control = await createRecord(db, 'control', { fibre: 'wool', name: 'Known wool', sure: '' }, AT)
  await startBurnTest(db, { controlId: control.id }, AT)
  const stale = await db.selectFrom('stale').select('piece_id').execute()
  expect(stale).toEqual([{ piece_id: burnt.id }])
})

it('sees what comes after the latest was taken away', async () => {
  const { id } = await put('First')
  expect(await names()).toEqual(['First'])
  await removeRecord(db, 'piece', { id }, AT)
  expect(await names()).toEqual([])
  await put('Second')
  expect(await names()).toEqual(['Second'])
})
