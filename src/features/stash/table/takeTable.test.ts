import { db } from '../../../../tests/support/ownPages'
import { allRecords } from '@/server/store/repository'
import { takeTable } from './actions'

const LOOK = { columns: null, isTrial: true, leavesOut: false }
const KEEP = { ...LOOK, isTrial: false }
const sent = (table: string | Blob) => {
  const form = new FormData()
  form.set('table', table)
  return form
}
const names = async () => (await allRecords(db, 'piece')).kept.map(({ data }) => data.name)
const GOOD = 'Name;Width (cm);Length\nLobby curtain;140;2,5 m\nAwning;160;3\n'
const TORN = `${GOOD}Deck chair;wide;1\n;90;1\n`

it('a trial tells what would be kept, and keeps nothing', async () => {
  expect(await takeTable(sent(GOOD), LOOK)).toMatchObject({
    ok: true,
    headings: ['Name', 'Width (cm)', 'Length'],
    columns: ['name', 'widthMm', 'lengthMm'],
    preview: [
      ['Lobby curtain', '140', '2,5 m'],
      ['Awning', '160', '3'],
    ],
    pieces: 2,
    errors: [],
    isKept: false,
  })
  expect(await names()).toEqual([])
})

it('a good table is kept whole, as text or as a file', async () => {
  expect(await takeTable(sent(GOOD), KEEP)).toMatchObject({ ok: true, isKept: true })
  expect((await allRecords(db, 'piece')).kept.map(({ data }) => [data.name, data.widthMm, data.lengthMm])).toEqual(
    expect.arrayContaining([
      ['Lobby curtain', 1400, 2500],
      ['Awning', 1600, 3000],
    ]),
  )
  expect(await takeTable(sent(new Blob(['name\nNapkins\n'])), KEEP)).toMatchObject({ isKept: true })
  expect(await names()).toHaveLength(3)
})

it('one wrong line keeps all back, line and heading told, until it is to be left out', async () => {
  const told = await takeTable(sent(TORN), KEEP)
  expect(told).toMatchObject({ ok: true, isKept: false, pieces: 2, moreErrors: 0 })
  expect(told.ok && told.errors.map(({ line, heading }) => [line, heading])).toEqual([
    [4, 'Width (cm)'],
    [5, 'Name'],
  ])
  expect(await names()).toEqual([])
  expect(await takeTable(sent(TORN), { ...KEEP, leavesOut: true })).toMatchObject({ isKept: true, pieces: 2 })
  expect((await names()).sort()).toEqual(['Awning', 'Lobby curtain'])
})

it('columns that were mended are read as they were said, and a column that is none is refused', async () => {
  const table = sent('What;Where\nAwning;Loft\n')
  expect(await takeTable(table, { ...KEEP, columns: ['name', 'place'] })).toMatchObject({ isKept: true })
  expect((await allRecords(db, 'piece')).kept[0]!.data).toMatchObject({ name: 'Awning', place: 'Loft' })
  expect(await takeTable(table, { ...KEEP, columns: ['__proto__'] })).toMatchObject({ ok: false })
})

it('tells only so many of very many mistakes', async () => {
  const told = await takeTable(sent(`name,width\n${'A,wide\n'.repeat(60)}`), LOOK)
  expect(told).toMatchObject({ pieces: 0, moreErrors: 20, isKept: false })
  expect(told.ok && told.errors).toHaveLength(40)
  // Nothing at all that could be kept is nothing kept, whatever is left out.
  const kept = await takeTable(sent('name,width\nA,wide\n'), { ...KEEP, leavesOut: true })
  expect(kept).toMatchObject({ isKept: false })
})

it.each([
  ['nothing', new FormData(), LOOK, 'no table'],
  ['headings alone', sent('Name;Width\n'), LOOK, 'no lines'],
  ['more lines than one table has', sent(`name\n${'A\n'.repeat(5001)}`), LOOK, '5001'],
  ['more characters than one table has', sent(`name\n${'A'.repeat(4_000_001)}`), LOOK, 'too long'],
  ['a question that is none', sent(GOOD), { isTrial: 'perhaps' }, 'no table'],
])('%s is refused in words', async (_, form, asked, words) => {
  const refusal = await takeTable(form, asked)
  expect(refusal).toMatchObject({ ok: false })
  expect(!refusal.ok && refusal.errors['']).toContain(words)
  expect(await names()).toEqual([])
})
