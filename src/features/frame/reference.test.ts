import { foundBy } from '@/core/search/names'
import { referenceIndex, references } from './reference'

const first = (text: string) => foundBy(referenceIndex, text, 5)[0]?.href

test.each([
  ['rayon', '/learn/fibres/viscose'],
  ['spandex', '/learn/fibres/elastane'],
  ['french seam', '/learn/techniques/french'],
  ['flat felled', '/learn/techniques/flat-felled'],
  ['acetone', '/learn/tests/acetone'],
  ['tumble dry low', '/learn/care/tumble-low'],
  ['two bars', '/learn/care/wash-40-very-mild'],
])('“%s” leads to %s', (text, href) => expect(first(text)).toBe(href))

test('each is told in one place, and is found by its own title', () => {
  const hrefs = references.map(({ href }) => href)
  expect(new Set(hrefs).size).toBe(hrefs.length)
  for (const { title, href } of references)
    expect(foundBy(referenceIndex, title, 50).map((one) => one.href)).toContain(href)
})
