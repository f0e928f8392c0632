import { FIBRE_IDS } from './fibres'
import { claimTerms, markTerms, releaseTerms, termHref } from './markTerms'
import { TERM_WORDS, type TermId } from './terms'
import { TERMS_TOLD } from './termsTold'

const links = (text: string) => markTerms(text).flatMap(({ words, href }) => (href === null ? [] : [[words, href]]))

it('leaves every text as it stands', () => {
  for (const text of [
    '',
    'Nothing of it.',
    'Lay the warp along the selvedge; the warp again.',
    'Ease 4 cm in, (ease)',
  ])
    expect(
      markTerms(text)
        .map(({ words }) => words)
        .join(''),
    ).toBe(text)
})

it('links a term where it stands first, in UK and US words, whatever its case', () => {
  expect(links('Warp along the selvedge. The warp shrinks.')).toEqual([
    ['Warp', termHref('warp')],
    ['selvedge', termHref('selvedge')],
  ])
  expect(links('the selvage')).toEqual([['selvage', termHref('selvedge')]])
})

it('reads the longest, and whole words only', () => {
  expect(links('a plain weave')).toEqual([['plain weave', termHref('plain-weave')]])
  expect(links('Napkins, a warped board, pre-warp, silken')).toEqual([])
})

it('leads fibres to their own pages', () => {
  expect(links('Silk and polyester')).toEqual([
    ['Silk', '/learn/fibres/silk'],
    ['polyester', '/learn/fibres/polyester'],
  ])
  expect(FIBRE_IDS.every((id) => links(id.replaceAll('-', ' ')).length <= 1)).toBe(true)
})

it('links a term once on a page, by whoever came first, until that is gone', () => {
  const hrefs = (text: string, owner: string) => claimTerms(text, owner).filter(({ href }) => href !== null).length
  expect(hrefs('The nap lies down.', 'one')).toBe(1)
  expect(hrefs('Cut with the nap, on the grain.', 'two')).toBe(1)
  // Drawn again, it keeps what it had.
  expect(hrefs('The nap lies down.', 'one')).toBe(1)
  releaseTerms('one')
  expect(hrefs('Cut with the nap, on the grain.', 'two')).toBe(2)
  releaseTerms('two')
})

it.each(Object.keys(TERM_WORDS) as TermId[])('%s is told in a sentence', (id) => {
  expect(TERMS_TOLD[id]).toMatch(/^[A-Z].{25,}\.$/)
})
