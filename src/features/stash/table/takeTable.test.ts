import { anything } from '../../../../tests/support/anything'
import { db } from '../../../../tests/support/ownPages'
import { allRecords } from '@/server/store/repository'
import { importTable } from './actions'

const LOOK = { columns: null, isTrial: true }
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
  expect(await importTable(sent(GOOD), LOOK)).toMatchObject({
    ok: true,
    headings: ['Name', 'Width (cm)', 'Length'],
    columns: ['name', 'width', 'length'],
    preview: [
      { line: 2, fabric: { name: 'Lobby curtain', widthMm: 1400, lengthMm: 2500 }, doubts: [] },
      { line: 3, fabric: { name: 'Awning', widthMm: 1600, lengthMm: 3000 }, doubts: [] },
    ],
    pieces: 2,
    doubts: [],
    isKept: false,
  })
  expect(await names()).toEqual([])
})

it('a good table is kept whole, as text or as a file', async () => {
  expect(await importTable(sent(GOOD), KEEP)).toMatchObject({ ok: true, isKept: true })
  expect((await allRecords(db, 'piece')).kept.map(({ data }) => [data.name, data.widthMm, data.lengthMm])).toEqual(
    expect.arrayContaining([
      ['Lobby curtain', 1400, 2500],
      ['Awning', 1600, 3000],
    ]),
  )
  expect(await importTable(sent(new Blob(['name\nNapkins\n'])), KEEP)).toMatchObject({ isKept: true })
  expect(await names()).toHaveLength(3)
})

it('a cell that is not certain is left open, told by line and heading, and noted; no line is refused', async () => {
  const told = await importTable(sent(TORN), LOOK)
  expect(told).toMatchObject({ ok: true, isKept: false, pieces: 3, moreDoubts: 0 })
  expect(told.ok && told.refused).toEqual([{ line: 5, why: 'it has no text' }])
  expect(told.ok && told.doubts.map(({ line, column, text }) => [line, column, text])).toEqual([
    [4, 'Width (cm)', 'wide'],
  ])
  expect(await names()).toEqual([])
  expect(await importTable(sent(TORN), KEEP)).toMatchObject({ isKept: true, pieces: 3 })
  expect((await names()).sort()).toEqual(['Awning', 'Deck chair', 'Lobby curtain'])
  const chair = (await allRecords(db, 'piece')).kept.find(({ data }) => data.name === 'Deck chair')!
  expect([chair.data.widthMm, chair.data.notes]).toEqual([null, 'Width (cm), as written: “wide”'])
})

it('columns that were mended are read as they were said, and a column that is none is refused', async () => {
  const table = sent('What;Where\nAwning;Loft\n')
  expect(await importTable(table, { ...KEEP, columns: ['name', 'place'] })).toMatchObject({ isKept: true })
  expect((await allRecords(db, 'piece')).kept[0]!.data).toMatchObject({ name: 'Awning', place: 'Loft' })
  expect(await importTable(table, anything({ ...KEEP, columns: ['__proto__'] }))).toMatchObject({ ok: false })
})

it('tells only so many of very many doubts', async () => {
  const told = await importTable(sent(`name,width\n${'A,wide\n'.repeat(60)}`), LOOK)
  expect(told).toMatchObject({ pieces: 60, moreDoubts: 20, isKept: false })
  expect(told.ok && told.doubts).toHaveLength(40)
})

it.each([
  ['nothing', new FormData(), LOOK, 'no table'],
  ['headings alone', sent('Name;Width\n'), LOOK, 'no lines'],
  ['more lines than one table has', sent(`name\n${'A\n'.repeat(5001)}`), LOOK, '5001'],
  ['more characters than one table has', sent(`name\n${'A'.repeat(4_000_001)}`), LOOK, 'too long'],
  ['a question that is none', sent(GOOD), { isTrial: 'perhaps' }, 'missing'],
])('%s is refused in words', async (_, form, asked, words) => {
  const refusal = await importTable(form, anything(asked))
  expect(refusal).toMatchObject({ ok: false })
  expect(!refusal.ok && Object.values(refusal.errors)[0]).toContain(words)
  expect(await names()).toEqual([])
})
