import { answersTo } from './answersIndex'
import { references } from './reference'

test.each([
  ['rayon', '/learn/fibres/viscose'],
  ['spandex', '/learn/fibres/elastane'],
  ['french seam', '/learn/techniques/french'],
  ['flat felled', '/learn/techniques/flat-felled'],
  ['acetone', '/learn/tests/acetone'],
  ['tumble dry low', '/learn/care/tumble-low'],
  ['two bars', '/learn/care/wash-40-very-mild'],
])('“%s” leads to %s', (text, href) => {
  const hrefs = answersTo(text, 40).map((one) => one.href)
  const shown = hrefs.filter((one) => references.some((reference) => reference.href === one))
  expect(shown.slice(0, 3)).toContain(href)
})

test('each is told in one place, and is found by its own title', () => {
  const hrefs = references.map(({ href }) => href)
  expect(new Set(hrefs).size).toBe(hrefs.length)
  for (const { title, href } of references) expect(answersTo(title, 40).map((one) => one.href)).toContain(href)
})
