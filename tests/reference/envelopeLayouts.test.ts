import { readEnvelope } from '@/core/choose/envelope/readEnvelope'
import { lengthsTold } from '../support/lengthsTold'

// Whole envelopes as they are laid out in common practice; the words are made up. Lengths are told one size at a time:
// role, view, size, width × length in mm; sizes that follow one another with one length stand as a range.

const lengthsOf = (text: string) => lengthsTold(readEnvelope(text))

test.each<[string, string, string[]]>([
  [
    'captions of garments with their views, nap by asterisk, lining and interfacing of a view',
    `SKIRT AND TOP
Sizes: 8-10-12
TOP A
45"**   1 3/4  1 3/4  1 7/8 yd
SKIRT B
60"*    1 5/8  1 5/8  1 3/4 yd
Lining B
45"     1 1/8  1 1/8  1 1/4 yd
INTERFACING A
20" lightweight fusible  5/8 yd
Bust    31 1/2 32 1/2 34 in`,
    [
      ...['main A 8/10 1143×1600', 'main A 12 1143×1715', 'main B 8/10 1524×1486 nap', 'main B 12 1524×1600 nap'],
      ...['lining B 8/10 1143×1029', 'lining B 12 1143×1143', 'interfacing A 508×572'],
    ],
  ],
  [
    'sizes behind their lengths, one width for the line',
    'Main fabric, 140 cm wide: A 2.30 m (sizes 34-40), 2.50 m (sizes 42-44); B 1.90 m all sizes',
    ['main A 34/36/38/40 1400×2300', 'main A 42/44 1400×2500', 'main B 1400×1900'],
  ],
  [
    'the other sizes in brackets',
    'Age 2 (4, 6). 115 cm fabric: 1.2 m (1.3, 1.5). 150 cm fabric: 0.9 m (1.0, 1.1).',
    [
      ...['main 2 1150×1200', 'main 4 1150×1300', 'main 6 1150×1500'],
      ...['main 2 1500×900', 'main 4 1500×1000', 'main 6 1500×1100'],
    ],
  ],
  [
    'a row of a sentence in brackets',
    'Size 1 (2, 3): 1.0 (1.1, 1.2) m of 150 cm jersey',
    ['main 1 1500×1000', 'main 2 1500×1100', 'main 3 1500×1200'],
  ],
  [
    'a table drawn with lines',
    '| Size | S | M |\n|---|---|---|\n| 60" (152 cm) | 1⅛ yd | 1¼ yd |',
    ['main S 1524×1029', 'main M 1524×1143'],
  ],
  [
    'ranges as columns',
    '| Fabric | 0-4 | 6-10 |\n| 45"/115cm | 2 1/2 yd | 2 3/4 yd |',
    ['main 0/2/4 1143×2286', 'main 6/8/10 1143×2515'],
  ],
  [
    'views one behind the other in a line, a contrast of one of them',
    'VIEW A: 45 in: 2 yds. 60 in: 1 1/2 yds. VIEW B: 45 in: 3 yds. Contrast (View B only): 45 in: 1/2 yd.',
    ['main A 1143×1829', 'main A 1524×1372', 'main B 1143×2743', 'contrast B 1143×457'],
  ],
  [
    'the width first in each row, a sash of its own',
    'Fabric requirements (metres)\nWidth  XS  S\nDress  115  2.1  2.2\n       150  1.7  1.7\nSash   115  0.4  0.4',
    ['main XS 1150×2100', 'main S 1150×2200', 'main XS/S 1500×1700', 'contrast XS/S 1150×400'],
  ],
  [
    'several garments of one pattern',
    'Size 36 38\nJacket 114cm (45in) 2.30 2.40 m\nSkirt 114cm (45in) 1.50 1.60 m',
    [
      ...['main Jacket 36 1140×2300', 'main Jacket 38 1140×2400'],
      ...['main Skirt 36 1140×1500', 'main Skirt 38 1140×1600'],
    ],
  ],
  [
    'sizes before their lengths',
    'Yardage (45" wide): XS-S 2 yd, M-L 2 1/4 yd',
    ['main XS/S 1143×1829', 'main M/L 1143×2057'],
  ],
  [
    'the width behind them all',
    'XS/S 1.4 m, M/L 1.6 m (150 cm wide). Or: 1.5m (UK 6-10) or 1.8m (UK 12-14) of 140cm wide fabric.',
    ['main XS/S 1500×1400', 'main M/L 1500×1600', 'main 6/8/10 1400×1500', 'main 12/14 1400×1800'],
  ],
  [
    'sizes at the end of a description',
    'Pinafore to fit ages 3, 4, 5\n112cm wide fabric 1.1 1.2 1.3 m\nChest 56 58 60 cm',
    ['main 3 1120×1100', 'main 4 1120×1200', 'main 5 1120×1300'],
  ],
  [
    'sizes within a sentence',
    'Robe, sizes S/M: 44" fabric: 4 5/8, 4 3/4 yds. 58" fabric: 3 1/2, 3 5/8 yds.',
    ['main S 1118×4229', 'main M 1118×4343', 'main S 1473×3200', 'main M 1473×3315'],
  ],
  [
    'a column for the nap',
    'Fabric  Nap  A  B\n45" (115 cm)  no  2 yd  3 1/4 yd\n60" (150 cm)  yes  1 5/8  2 3/4 yd',
    ['main A 1143×1829', 'main B 1143×2972', 'main A 1524×1486 nap', 'main B 1524×2515 nap'],
  ],
  [
    'versions with a word each',
    'Version 1 - Short sleeve\n112 cm / 44": 1.90 m\nVersion 2 - Long sleeve\n112 cm / 44": 2.30 m',
    ['main 1 1120×1900', 'main 2 1120×2300'],
  ],
  [
    'views behind their lengths',
    'For fabric 45" wide, you need 3 yards for View A, 3 1/2 yards for View B.',
    ['main A 1143×2743', 'main B 1143×3200'],
  ],
  [
    'centimetres at the end of a row',
    'Size S M\nFabric 140 cm: 190 195 cm',
    ['main S 1400×1900', 'main M 1400×1950'],
  ],
  ['the width said last', 'Needs 80 cm each of two fabrics, 110 cm wide.', ['main 1100×800']],
  [
    'the same again in brackets',
    '3/4 yd (70cm) main 44", 3/4 yd (70cm) lining 44"',
    ['main 1118×686', 'lining 1118×686'],
  ],
  [
    'fabrics labelled in one line',
    'Fabric A (outer): 1 yd x 44"  Fabric B (lining): 1 yd x 44"  Fabric C (pocket): 1/4 yd x 44"',
    ['main 1118×914', 'lining 1118×914', 'pocket 1118×229'],
  ],
  [
    'another fabric beside the main one',
    'Gown: taffeta or duchess satin, 5.5 m at 150 cm; lining 4 m at 140 cm; tulle 6 m at 280 cm',
    ['main 1500×5500', 'lining 1400×4000', 'contrast 2800×6000'],
  ],
  [
    'a width that the sizes follow',
    '60" fabrics only. Size 8: 2 yds. Size 10: 2 1/8 yds. Lining 45": 1 3/4 yds.',
    ['main 8 1524×1829', 'main 10 1524×1943', 'lining 1143×1600'],
  ],
  [
    'a lining behind a comma, what it is of in brackets',
    'Outer 1.1 m x 150 cm, lining (cotton jersey) 1.0 m x 150 cm, 5 snaps',
    ['main 1500×1100', 'lining 1500×1000'],
  ],
  ['sizes that a sentence begins with', 'In sizes 8-12 you need 1.3 m of 150 cm fabric.', ['main 8/10/12 1500×1300']],
  [
    'the width in the sentence before',
    'Trousers, 140 cm wide fabric. Size 38: 2.10 m. Size 40: 2.15 m.',
    ['main 38 1400×2100', 'main 40 1400×2150'],
  ],
  [
    'sizes named one by one in the heading',
    'FABRIC  Size 8   Size 10\n45 inch  2 1/4 yd  2 3/8 yd',
    ['main 8 1143×2057', 'main 10 1143×2172'],
  ],
  [
    'views of a line, with words in brackets, and its lining',
    'Jacket A: 60" fabric, 2 yds; lining 45", 1 yd. Jacket B (cropped): 60" fabric, 1 1/2 yds; lining 45", 3/4 yd.',
    ['main A 1524×1829', 'lining A 1143×914', 'main B 1524×1372', 'lining B 1143×686'],
  ],
  ['ages one by one', 'Fabric 112 cm: age 3: 1.1 m, age 4: 1.2 m.', ['main 3 1120×1100', 'main 4 1120×1200']],
  [
    'a size behind the garment',
    'Trousers (unlined), size 12: 1.9 m of 150 cm. Size 14: 2 m of 150 cm.',
    ['main 12 1500×1900', 'main 14 1500×2000'],
  ],
  [
    'fabric beside buttons, and beside its stretch',
    '1.2 metres of 90 cm fusible interfacing and 4 buttons. Fabric: 1.8 m x 150 cm ponte with 20-30 % stretch.',
    ['interfacing 900×1200', 'main 1500×1800'],
  ],
  [
    'two widths, and a length for each',
    'In metres, for 115cm / 150cm wide: size 10: 2.6 / 1.9 m',
    ['main 10 1150×2600', 'main 10 1500×1900'],
  ],
])('reads %s', (_, text, lengths) => {
  expect(lengthsOf(text).toSorted()).toEqual([...lengths].toSorted())
})

test.each([
  ['Skirt. With nap, 3 3/8 and 3 3/4 yards.', 'With nap, 3 3/8 and 3 3/4 yards'],
  ['Interfacing: 0.4 m (1/2 yd)', 'Interfacing: 0.4 m (1/2 yd)'],
  ['Two strips (18" × 22"), ½ yd of 45" lining', 'Two strips (18" × 22"), ½ yd of 45" lining'],
])('what could not be read of “%s” is listed', (text, line) => {
  expect(readEnvelope(text).notRead).toContain(line)
})

test('what is said of another fabric, or against one, is not asked of the main one', () => {
  const waistcoat = readEnvelope(
    'Waistcoat. Outer 70cm of 150cm wide; lining 1.1m of 140cm wide. 5 buttons. Denim or tweed.',
  )
  expect(waistcoat.garment).toBe('waistcoat')
  expect(waistcoat.roles.map(({ role, need }) => [role, need.called])).toEqual([
    ['main', ['denim', 'tweed']],
    ['lining', undefined],
  ])
  const jacket = readEnvelope('Kimono jacket. Rayon challis. Stretch fabrics are not recommended.')
  expect(jacket.roles[0]!.need.stretchPercent).toBeUndefined()
  expect(jacket.avoid.map(({ id }) => id)).toEqual(['stretch'])
})

test('each notion has its own count and size, whatever stands beside it', () => {
  const { notions, garment } = readEnvelope(
    'Pyjamas with piping\nNotions: 9 buttons, 12 mm, shoulder pads, 1 pair ½" thick, ballpoint needle 75/11, D ring, ' +
      '2.4 m of 30 mm webbing',
  )
  expect(garment).toBe('pyjamas')
  expect(notions.map(({ id, count, widthMm }) => [id, count, widthMm])).toEqual([
    ['button', 9, 12],
    ['shoulder-pad', 1, 12.7],
    ['needle', null, undefined],
    ['d-ring', null, undefined],
    ['webbing', null, 30],
  ])
})
