import { areas, closeTo, refusal } from '../../../../tests/support/outlines/reading'
import { readDrawing } from '../readDrawing'

const svg = (inner: string, head = 'width="500mm" height="500mm" viewBox="0 0 500 500"') =>
  `<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg" ` +
  `xmlns:xlink="http://www.w3.org/1999/xlink" ${head}>${inner}</svg>`

describe('SVG of any program', () => {
  test.each<[string, string, number[]]>([
    [
      'four lines that meet',
      '<line x1="0" y1="0" x2="100" y2="0"/><line x1="100" y1="50" x2="100" y2="0"/>' +
        '<line x1="0" y1="50" x2="100" y2="50"/><line x1="0" y1="0" x2="0" y2="50"/>',
      [5000],
    ],
    [
      'a shape that is used',
      '<defs><rect id="r" width="100" height="50"/></defs><use href="#r" x="10" y="10"/>' +
        '<use xlink:href="#r" x="200" transform="scale(2)"/>',
      [5000, 20_000],
    ],
    [
      'a symbol with a view of its own',
      '<symbol id="s" viewBox="0 0 10 10"><rect width="10" height="5"/></symbol>' +
        '<use href="#s" width="200" height="200"/>',
      [20_000],
    ],
    [
      'a transform in a style',
      '<rect width="100" height="50" style="transform: rotate(30deg) scale(2, 3)"/>',
      [30_000],
    ],
    [
      'transforms one in another',
      '<g transform="scale(2)"><g style="transform:matrix(0,1,-1,0,50,50)"><rect width="50" height="50"/></g></g>',
      [10_000],
    ],
    [
      'what is shown beside what is hidden',
      '<g style="display:none"><rect width="90" height="90"/></g><g display="none">' +
        '<rect width="80" height="80"/></g><rect visibility="hidden" width="70" height="70"/>' +
        '<rect width="100" height="50"/>',
      [5000],
    ],
    [
      'hidden by a rule of its class',
      '<style>.st0{display:none;} .st1{fill:none}</style><g class="st0"><rect width="90" height="90"/>' +
        '</g><rect class="st1" width="100" height="50"/>',
      [5000],
    ],
    [
      'a drawing in a drawing',
      '<svg x="50" y="50" width="200" height="100" viewBox="0 0 20 10"><rect width="10" height="5"/></svg>',
      [5000],
    ],
    ['round corners', '<rect width="100" height="50" rx="10"/>', [5000 - (4 - Math.PI) * 100]],
    ['curves', '<path d="M0 0C40 0 60 40 100 40L100 100Q50 130 0 100Z"/>', [10_000 - 2000 + 1000]],
    ['units in attributes', '<rect width="50mm" height="25mm"/>', [(50 * 25 * 96 * 96) / 25.4 ** 2]],
  ])('reads %s', (_, inner, expected) => {
    closeTo(areas(svg(inner)), expected)
  })
  test('units: from the header, as asked, or assumed', () => {
    const { unit } = readDrawing(svg('<rect width="100" height="50"/>'))
    expect(unit).toEqual({ is: 'mm', by: 'header' })
    const bare = svg('<rect width="300" height="200"/>', 'viewBox="0 0 500 500"')
    expect(readDrawing(bare).unit).toEqual({ is: 'px', by: 'assumed' })
    closeTo(areas(bare, { unit: 'cm' }), [6_000_000])
    expect(refusal(svg('<rect width="40" height="30"/>', 'viewBox="0 0 40 40"'))).toContain(
      'Which unit was it drawn in',
    )
  })
  test('a name from the words in it, where its own is none', () => {
    const names = (inner: string) => readDrawing(svg(inner)).pieces.map(({ name }) => name)
    expect(
      names('<rect id="path1234-7" width="100" height="50"/><text x="20" y="20"><tspan>Left cuff</tspan></text>'),
    ).toEqual(['Left cuff'])
    expect(names('<rect id="Yoke" width="100" height="50"/><text x="20" y="20">cut 2</text>')).toEqual(['Yoke'])
  })
  test('a use of itself ends', () => {
    expect(refusal(svg('<g id="a"><use href="#a"/></g>'))).toContain('no closed outline')
  })
})
