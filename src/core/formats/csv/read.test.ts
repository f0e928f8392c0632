import fc from 'fast-check'
import { PieceSchema } from '../../notebook/kinds/piece'
import { pieceOfRow } from './pieceOfRow'
import { exportTables } from './notebookTables'
import { csvOf, safeCell } from './write'
import { readComposition } from './composition'
import { dayOrderOf, readDay } from './dates'
import { readTable } from './read'

const fabrics = (text: string, locale = 'en-GB') => readTable(text, { locale }).rows.map(({ fabric }) => fabric)

test('knows columns by their headings, UK and US, in any order, with semicolons, tabs or commas', () => {
  const as = (...headings: string[]) => readTable(`${headings.join(',')}\nx`).columns.map((column) => column.as)
  expect(as('Fabric', 'Width (cm)', 'Location', 'Cost', 'who knows', 'Length in yards')).toEqual([
    ...['name', 'width', 'place', 'price', null, 'length'],
  ])
  expect(as('Fabric', 'Yards', 'Store', 'Prewashed', 'Color', 'Weight', 'Care', 'Content')).toEqual([
    ...['name', 'length', 'source', 'washed', 'colour', 'weight', 'care', 'fibres'],
  ])
  expect(as('Description', 'Fabric type', 'Qty (m)', 'Date bought', 'GSM', 'Fibre content')).toEqual([
    ...['name', 'called', 'length', 'boughtOn', 'weight', 'fibres'],
  ])
  for (const sign of [',', ';', '\t']) {
    const text = `name${sign}called${sign}place\nLobby${sign}velvet${sign}Loft\n`
    expect(fabrics(text)).toEqual([{ name: 'Lobby', called: 'velvet', place: 'Loft' }])
  }
})

test.each<[string, object, string?]>([
  ['name,width (cm),length in yards\nA,140,2', { widthMm: 1400, lengthMm: 1829 }],
  ['name,width,length\nA,"1,4 m",250 cm', { widthMm: 1400, lengthMm: 2500 }],
  ['name,width,length\nA,55",3', { widthMm: 1397, lengthMm: 3000 }],
  ['name,width,yards\nA,44/45,2 1/2', { widthMm: 1118, lengthMm: 2286 }, 'en-US'],
  ['name,yards\nA,1 yd 9 in', { lengthMm: 1143 }],
  ['name,length\nA,2½ yds', { lengthMm: 2286 }],
  ['name,weight\nA,10 oz', { gsm: 339.1 }],
  ['name,weight (oz)\nA,4.5', { gsm: 152.6 }],
  ['name,gsm\nA,150', { gsm: 150 }],
  ['name,fibre\nA,rayon', { fibres: [{ fibre: 'viscose', percent: 100 }] }],
  ['name,price\nA,$12.99/yd', { price: { amount: 12.99, currency: '$', per: 'yard' } }],
  ['name,price per yard ($)\nA,8', { price: { amount: 8, currency: '$', per: 'yard' } }],
  ['name,price,per\nA,£4.50,metre', { price: { amount: 4.5, currency: '£', per: 'metre' } }],
  ['name,washed\nA,yes', { washed: true }],
  ['name,prewashed\nA,No', { washed: false }],
  ['name,date\nA,3/14/2024', { boughtOn: '2024-03-14' }],
  ['name,date\nA,14.03.2024', { boughtOn: '2024-03-14' }],
  ['name,tags,kind\nA,"blue; heavy",tablecloth', { tags: ['blue', 'heavy'], kind: 'tablecloth' }],
  ["name\n'=Lobby", { name: '=Lobby' }],
])('%j', (...row) => {
  const [text, fabric, locale] = row
  const { rows } = readTable(text, { ...(locale && { locale }) })
  expect(rows).toEqual([expect.objectContaining({ fabric: expect.objectContaining(fabric), doubts: [] })])
})

test('a doubtful cell leaves its own field open and its text beside; the row stands', () => {
  const text = 'name,width,fibre,came,length\nA,140,cotton,,\nB,wide,unobtainium,,"1,250"\nC,90,,yesterday,lots'
  const { rows, refused } = readTable(text)
  expect(refused).toEqual([])
  expect(rows.map(({ fabric, doubts }) => [fabric, doubts.map(({ column, text: said }) => [column, said])])).toEqual([
    [{ name: 'A', widthMm: 1400, fibres: [{ fibre: 'cotton', percent: 100 }] }, []],
    [
      { name: 'B' },
      [
        ['width', 'wide'],
        ['fibre', 'unobtainium'],
        ['length', '1,250'],
      ],
    ],
    [
      { name: 'C', widthMm: 900 },
      [
        ['came', 'yesterday'],
        ['length', 'lots'],
      ],
    ],
  ])
  const piece = pieceOfRow(rows[1]!)
  expect([piece.name, piece.widthMm, piece.claim]).toEqual(['B', null, []])
  expect(piece.notes).toBe('width, as written: “wide”\nfibre, as written: “unobtainium”\nlength, as written: “1,250”')
})

test('only empty lines and lines without any text are refused', () => {
  const { rows, refused } = readTable('name,length\nA,2\n,\n12,3\n,2 m\n')
  expect(rows.map(({ line, fabric }) => [line, fabric.name])).toEqual([
    [2, 'A'],
    [5, 'Line 5'],
  ])
  expect(refused.map(({ line }) => line)).toEqual([3, 4])
})

test('a title above the headings, no headings at all, and a name from what else is known', () => {
  expect(fabrics('My stash,\nName,Length\nA,2 m')).toEqual([{ name: 'A', lengthMm: 2000 }])
  expect(fabrics('Red wool,2 m\nBlue wool,3 m').map(({ name }) => name)).toEqual(['Red wool', 'Blue wool'])
  expect(fabrics('Type,Colour,Metres\ndenim,navy,2')).toEqual([
    { name: 'navy denim', called: 'denim', colour: 'navy', lengthMm: 2000 },
  ])
})

test('columns are what the person says that they are', () => {
  const text = 'What,Where,Amount\nAwning,Loft,3'
  const { rows, columns } = readTable(text, { columns: { What: 'name', Where: 'place', Amount: null } })
  expect(rows[0]!.fabric).toEqual({ name: 'Awning', place: 'Loft' })
  expect(columns.map(({ as, sure }) => [as, sure])).toEqual([
    ['name', true],
    ['place', true],
    [null, true],
  ])
})

describe('compositions as people write them', () => {
  test.each<[string, [string, number][]]>([
    [
      '80/20 wool nylon',
      [
        ['wool', 80],
        ['nylon', 20],
      ],
    ],
    [
      '98% cotton 2% spandex',
      [
        ['cotton', 98],
        ['elastane', 2],
      ],
    ],
    [
      '60 % cotton, 40 % polyester',
      [
        ['cotton', 60],
        ['polyester', 40],
      ],
    ],
    [
      'cotton 60, linen 40',
      [
        ['cotton', 60],
        ['linen', 40],
      ],
    ],
    [
      '55% Linen / 45% Rayon',
      [
        ['linen', 55],
        ['viscose', 45],
      ],
    ],
    [
      '65/35 poly-cotton',
      [
        ['polyester', 65],
        ['cotton', 35],
      ],
    ],
    [
      'Organic cotton 95% elastane 5%',
      [
        ['cotton', 95],
        ['elastane', 5],
      ],
    ],
    ['merino wool', [['wool', 100]]],
    ['100% linen', [['linen', 100]]],
    [
      '80 % wool, nylon',
      [
        ['wool', 80],
        ['nylon', 20],
      ],
    ],
    [
      '33,5 % silk 66,5 % cotton',
      [
        ['silk', 33.5],
        ['cotton', 66.5],
      ],
    ],
  ])('%s', (text, shares) => {
    expect(readComposition(text)).toEqual({
      ok: true,
      fibres: shares.map(([fibre, percent]) => ({ fibre, percent })),
    })
  })
  test.each([
    'cotton/linen blend',
    '70 wool 30 unobtainium',
    '80% cotton 40% linen',
    'nice',
    '50/50',
    '10/20/70 wool silk',
  ])('“%s” is left open', (text) => {
    expect(readComposition(text).ok).toBe(false)
  })
})

describe('days', () => {
  test('the file shows which way round they are; where it does not, they stay open', () => {
    expect(dayOrderOf(['1/2/2024', '3/14/2024'])).toBe('month-first')
    expect(dayOrderOf(['1/2/2024', '14/3/2024'])).toBe('day-first')
    expect(dayOrderOf(['1/2/2024', '14/3/2024', '3/14/2024'])).toBeUndefined()
    expect(readDay('1/2/2024', 'month-first')).toEqual({ ok: true, day: '2024-01-02' })
    expect(readDay('1/2/2024', undefined).ok).toBe(false)
    expect(fabrics('name,date\nA,1/2/2024\nB,14/3/2024').map(({ boughtOn }) => boughtOn)).toEqual([
      '2024-02-01',
      '2024-03-14',
    ])
  })
  test.each([
    ['2024-05-02', '2024-05-02'],
    ['2.5.24', '2024-05-02'],
    ['2 May 2024', '2024-05-02'],
    ['May 2, 2024', '2024-05-02'],
    ['2024/5/2 10:00', '2024-05-02'],
  ])('%s', (text, day) => {
    expect(readDay(text, undefined)).toEqual({ ok: true, day })
  })
  test.each(['30.2.2024', '31/13/2024', 'last week', 'May 2024'])('%s is none', (text) => {
    expect(readDay(text, 'day-first').ok).toBe(false)
  })
})

test('takes in what it wrote out itself', () => {
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
  const { rows } = readTable(csvOf([table.columns, ...table.lines(record as never)]))
  expect(rows.flatMap(({ doubts }) => doubts)).toEqual([])
  expect(rows.map(pieceOfRow)).toEqual([piece])
})

test('never throws, whatever stands in it, and every row can be kept', () => {
  const cell = fc.oneof(fc.string(), fc.constantFrom('__proto__', 'constructor', 'toString', '1/0', '9'.repeat(400)))
  fc.assert(
    fc.property(cell, cell, (one, other) => {
      expect(safeCell(one)).not.toMatch(/^[=+\-@\t\r]/)
      for (const row of readTable(`name,width,price,fibre,date\n${one},${other},${one},${other},${one}`).rows)
        expect(PieceSchema.safeParse(pieceOfRow(row)).success).toBe(true)
    }),
  )
})
