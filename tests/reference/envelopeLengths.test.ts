import fc from 'fast-check'
import { readEnvelope } from '@/core/choose/envelope/readEnvelope'

// Envelopes as they are laid out in common practice; the words are made up.

/** Role, size, view, width and length in mm, and `nap` where it is laid one way. */
const told = (text: string) =>
  readEnvelope(text).roles.flatMap(({ role, lengths }) =>
    lengths.map(({ size, view, widthMm, lengthMm, nap }) =>
      [role, size, view, widthMm, lengthMm, nap && 'nap'].filter((one) => one !== null && one !== false).join(' '),
    ),
  )

test.each<[string, string, string[]]>([
  [
    'two widths in one sentence, each with its own length',
    'You need 2 yd of 45", or 1½ yd of 60" wide fabric.',
    ['main 1143 1829', 'main 1524 1372'],
  ],
  [
    'sizes in columns, widths in rows, nap by asterisk',
    'Sizes 8 10 12\n45"* 2¼ 2⅜ 2½ yd\n60"** 1½ 1⅝ 1¾ yd\n*with nap **without nap',
    [
      ...['main 8 1143 2057 nap', 'main 10 1143 2172 nap', 'main 12 1143 2286 nap'],
      ...['main 8 1524 1372', 'main 10 1524 1486', 'main 12 1524 1600'],
    ],
  ],
  [
    'widths in columns, sizes in rows',
    'Size | 45" | 60"\n8 | 2½ | 1¾ yd\n10 | 2⅝ | 1⅞ yd',
    ['main 8 1143 2286', 'main 8 1524 1600', 'main 10 1143 2400', 'main 10 1524 1715'],
  ],
  [
    'views in columns',
    '        A     B     C\n45"   2 yd  2½ yd  3 yd',
    ['main A 1143 1829', 'main B 1143 2286', 'main C 1143 2743'],
  ],
  [
    'views one below the other',
    'View A\n115 cm: 2.3 m\n150 cm: 1.8 m\nView B\n115 cm: 3,1 m',
    ['main A 1150 2300', 'main A 1500 1800', 'main B 1150 3100'],
  ],
  [
    'views that share a row',
    'Views A and C: 2.5 m of 140 cm wide fabric\nViews D-E: 3 m of 140 cm wide fabric',
    ['main A 1400 2500', 'main C 1400 2500', 'main D 1400 3000', 'main E 1400 3000'],
  ],
  [
    'both systems on one line',
    'Sizes S-M-L: 45"/115 cm wide without nap: 2½ yd / 2.3 m, 2¾ yd / 2.5 m, 3 yd / 2.75 m',
    ['main S 1143 2286', 'main M 1143 2515', 'main L 1143 2743'],
  ],
  [
    'the width on a line of its own',
    'Sizes XS S M\n44/45" (112 cm) with nap\n3 3⅛ 3¼ yd',
    ['main XS 1143 2743 nap', 'main S 1143 2858 nap', 'main M 1143 2972 nap'],
  ],
  [
    'lining and interfacing of their own',
    'Size 10 12\n60" 2 2⅛ yd\nLining 45" 1 1⅛ yd\nInterfacing 20" fusible ¾ yd',
    ['main 10 1524 1829', 'main 12 1524 1943', 'lining 10 1143 914', 'lining 12 1143 1029', 'interfacing 508 686'],
  ],
  [
    'three fabrics in one sentence',
    'You will need 1½ yd of 45" main fabric, 1 yd of 45" lining and ½ yd of 20" interfacing.',
    ['main 1143 1372', 'lining 1143 914', 'interfacing 508 457'],
  ],
  ['outer and lining alike', 'Outer and lining: 1 yd each of 45" fabric.', ['main 1143 914', 'lining 1143 914']],
  ['metres of a width in metres', 'Fabric 1.4 m wide: 2.2 m', ['main 1400 2200']],
  ['a size in a sentence', 'Size 14 requires 2 m of 150 cm wide cloth.', ['main 14 1500 2000']],
])('reads %s', (_, text, lengths) => {
  expect(told(text)).toEqual(lengths)
})

const NO_LENGTHS = [
  'Bust 32 34 36 in',
  'Bust 80-84 88 92 cm',
  'Waist 24 25 26½ in',
  'Hip 34½ 36 38',
  'Finished back length from base of neck 24 24¼ 24½ in',
  'Width at lower edge 52 54 56 in',
  'Sweep 110 114 118 cm',
  'Height 1.7 m, chest 90 cm',
  'Fits hips 94-98 cm',
  'Stretch: 50 % crosswise and 50 % lengthwise',
  '4 in of knit must stretch to 5½ in',
  'Use 10 oz denim',
  'Size 12',
  '8 buttons, 15 mm across',
  '24 in zip, 1¼ yd of ¼ in elastic',
  '45 in separating zipper',
  'Seam allowances are 5/8 in, hems 2 in',
  'Inside leg 76 cm, rise 28 cm',
  'Lining: 1½ yards',
  '2 yards, 2½ yards or 3 yards',
  'Elastic 2.5 cm wide, 50-60 cm',
  'Cushion 45 x 45 cm',
  '2 x 65 cm webbing, 2.5 cm wide',
  'Add 0.3 m for matching checks',
  'Zips 35 / 37 / 40 / 42 cm',
  'Hip 110 cm, waist 90 cm',
]

test.each(NO_LENGTHS)('makes no length of fabric of “%s”', (line) => {
  expect(told(line)).toEqual([])
  // Not below the heading of a table either, whatever that heads.
  for (const [above, rows] of [
    ['Sizes 8 10 12\n45" 2 2¼ 2½ yd', 3],
    ['Fabric requirements (metres)\nWidth S M L\nDress 115 2.1 2.2 2.3', 3],
    ['Size 36 38 40\nJacket A\n114cm (45in) 2.30 2.40 2.50 m', 3],
    ['60" fabrics only\nSize 8: 2 yds', 1],
    ['Views A B C\n45" 2 yd 3 yd 4 yd', 3],
    ['Width 45" 60"\n8 2½ 1¾ yd', 2],
  ] as const)
    expect([above, told(`${above}\n${line}`).length]).toEqual([above, rows])
})

test('rows that do not fit their columns are left to the person', () => {
  const { roles, notRead } = readEnvelope('Sizes 8 10 12\n45" 2 2¼ yd')
  expect([roles.flatMap(({ lengths }) => lengths), notRead]).toEqual([[], ['45" 2 2¼ yd']])
})

test('lines of the body between rows of fabric, in any order, add no length', () => {
  const rows = ['45" wide: 2 yd', '150 cm wide: 1.8 m']
  const lines = fc.shuffledSubarray([...NO_LENGTHS, ...rows])
  fc.assert(
    fc.property(lines, (some) => {
      expect(told(some.join('\n'))).toHaveLength(rows.filter((row) => some.includes(row)).length)
    }),
    { numRuns: 40 },
  )
})

test.each([
  ['Not for woven fabrics.', 'knit'],
  ['Not suitable for knits.', 'woven'],
])('%s', (text, structure) => {
  expect(readEnvelope(text).roles[0]!.need.structure).toBe(structure)
})

test('a vest and a jumper are other things in the US', () => {
  expect(readEnvelope('Vest in wool suiting. 1 yd of 60" fabric').garment).toBe('waistcoat')
  expect(readEnvelope('Jumper. 2 yards of 45" corduroy').garment).toBe('dress-fluid')
  expect(readEnvelope('Jumper in sweatshirting. 1.5 m of 150 cm').garment).toBe('sweatshirt')
})

test('notions have counts and sizes, and the name and the views are read', () => {
  const read = readEnvelope(
    'Gull smock\nView A\n45": 2 yd\nView B\n45": 2½ yd\n' +
      'Notions: Six ½" buttons, one 7" zipper, 1¼ yd of ¼" elastic, two snaps, 4 rivets, hook and eye',
  )
  expect([read.name, read.views, read.notRead]).toEqual(['Gull smock', ['A', 'B'], []])
  expect(read.notions.map(({ id, count, lengthMm, widthMm }) => [id, count, lengthMm, widthMm])).toEqual([
    ['button', 6, undefined, 12.7],
    ['zip', 1, 178, undefined],
    ['elastic', null, 1143, 6.4],
    ['press-stud', 2, undefined, undefined],
    ['rivet', 4, undefined, undefined],
    ['hook-and-eye', null, undefined, undefined],
  ])
})

test('a statement longer than any envelope has is left to the person', () => {
  const long = '45" 2 yd '.repeat(100).trim()
  const { roles, notRead } = readEnvelope(`${long}.\n60" 1½ yd`)
  expect(notRead).toEqual([long])
  expect(roles[0]!.lengths).toHaveLength(1)
})

test('asterisks say what their legend says', () => {
  expect(told('Size 8 10\n115 cm* 3.4 3.5 m\n*without nap')).toEqual(['main 8 1150 3400', 'main 10 1150 3500'])
})

test('two lengths for one and the same are both left to the person', () => {
  const { roles, notRead } = readEnvelope('2 m of 150 cm fabric\n3 m of 150 cm fabric')
  expect([roles.flatMap(({ lengths }) => lengths), notRead]).toEqual([
    [],
    ['2 m of 150 cm fabric', '3 m of 150 cm fabric'],
  ])
})
