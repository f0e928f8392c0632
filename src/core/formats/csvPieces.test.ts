import fc from 'fast-check'
import { matchedColumns, piecesOfTable, readTable } from './csvPieces'
import { csvOf, exportTables, safeCell } from './tables'
import { PieceSchema } from '../notebook/kinds/piece'

const read = (text: string) => {
  const table = readTable(text)
  return piecesOfTable(table, matchedColumns(table.headings))
}

it('knows columns by their headings, in any order, with semicolons, tabs or commas', () => {
  expect(matchedColumns(['Fabric', 'Width (cm)', 'Location', 'Cost', 'who knows', 'Length in yards'])).toEqual([
    'name',
    'widthMm',
    'place',
    'price',
    null,
    'lengthMm',
  ])
  for (const sign of [',', ';', '\t']) {
    const text = `name${sign}called${sign}place\nLobby${sign}velvet${sign}Loft\n`
    expect(read(text).pieces).toMatchObject([{ name: 'Lobby', called: 'velvet', place: 'Loft' }])
  }
})

it.each([
  ['name,width (cm),length in yards\nA,140,2', { widthMm: 1400, lengthMm: 1829 }],
  ['name,width,length\nA,"1,4 m",250 cm', { widthMm: 1400, lengthMm: 2500 }],
  ['name,width,length\nA,55",3', { widthMm: 1397, lengthMm: 3000 }],
  ['name,fibre\nA,rayon', { claim: [{ fibre: 'viscose', percent: 100 }] }],
  [
    'name,label says\nA,"60 % cotton, 40 % polyester"',
    {
      claim: [
        { fibre: 'cotton', percent: 60 },
        { fibre: 'polyester', percent: 40 },
      ],
    },
  ],
  ['name,price,per\nA,£4.50,metre', { price: { amount: 4.5, currency: '£', per: 'metre' } }],
  ['name,tags,kind\nA,"blue; heavy",tablecloth', { tags: ['blue', 'heavy'], thing: 'tablecloth' }],
  ["name\n'=1+1", { name: '=1+1' }],
])('%j', (text, piece) => {
  expect(read(text)).toMatchObject({ pieces: [piece], errors: [] })
})

it('says what is wrong in which line and column, and gives no piece for it', () => {
  const { pieces, errors } = read('name,width,fibre,came\nA,140,cotton,\nB,wide,unobtainium,\n,90,,\nC,90,,yesterday')
  expect(pieces.map(({ name }) => name)).toEqual(['A'])
  expect(errors).toEqual([
    { line: 3, heading: 'width', message: '“wide” is no length' },
    { line: 3, heading: 'fibre', message: '“unobtainium” is no fibre that is known here' },
    expect.objectContaining({ line: 4, heading: 'Name' }),
    expect.objectContaining({ line: 5, heading: 'Came on' }),
  ])
})

it('takes in what it wrote out itself', () => {
  const [table] = exportTables
  const piece = PieceSchema.parse({
    name: '-minus',
    called: 'denim',
    widthMm: 1400,
    lengthMm: 2500,
    place: 'Loft, "long" shelf',
    tags: ['a', 'b'],
    notes: 'two\nlines',
    claim: [{ fibre: 'cotton', percent: 100 }],
    price: { amount: 3, currency: '€', per: 'yard' },
    got: '2026-05-02',
  })
  const record = { id: 'x', createdAt: '', updatedAt: '', data: piece }
  const { pieces, errors } = read(csvOf([table.columns, ...table.lines(record as never)]))
  expect(errors).toEqual([])
  expect(pieces).toEqual([piece])
})

it('is never reckoned by a spreadsheet, and never throws', () => {
  fc.assert(
    fc.property(fc.string(), (text) => {
      expect(safeCell(text)).not.toMatch(/^[=+\-@\t\r]/)
      expect(() => read(`name,width,price\n${text},${text},${text}`)).not.toThrow()
    }),
  )
})
