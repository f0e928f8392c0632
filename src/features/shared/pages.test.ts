import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { pages } from './pages'
import { listedOf, pageAt, PLACES, rowOf, underOf } from './places'

it('has a route for every page, and a page for every place', () => {
  for (const { path } of pages)
    expect([path, existsSync(join(__dirname, '../../app', path, 'page.tsx'))]).toEqual([path, true])
  for (const place of PLACES.slice(1)) expect([place, rowOf(pages, place).length > 0]).toEqual([place, true])
  expect(new Set(pages.map(({ path }) => path)).size).toBe(pages.length)
})

it('knows the page of an address, also below one', () => {
  const id = '01900000-0000-7000-8000-000000000000'
  expect(pageAt(pages, '/')?.place).toBe('home')
  expect(pageAt(pages, '/identify/tests')?.title).toBe('Tests without a flame')
  expect(pageAt(pages, `/identify/burn/${id}/log`)?.title).toBe('Burn log')
  expect(pageAt(pages, `/stash/${id}`)?.of).toBe('piece')
  expect(pageAt(pages, '/identify/measure/stretch')?.path).toBe('/identify/measure')
  expect(pageAt(pages, '/learn/units/momme')?.of).toBe('unit')
  expect(pageAt(pages, '/stash/quick-add')?.path).toBe('/stash/quick-add')
  expect(pageAt(pages, '/nowhere')).toBeUndefined()
})

it.each([
  ['identify', '/identify/burn/01900000-0000-7000-8000-000000000000/log', '/identify/burn'],
  ['identify', '/identify/tests', '/identify/tests'],
  ['identify', '/identify/measure/stretch', '/identify/measure'],
  ['stash', '/stash/01900000-0000-7000-8000-000000000000', '/stash'],
  ['learn', '/learn/fibres/silk', '/learn/fibres'],
  ['make', '/safety', undefined],
] as const)('in the row of %s, %s lies under %s', (place, address, under) => {
  expect(underOf(rowOf(pages, place), address)?.path).toBe(under)
})

it('keeps five pages in a row at most, and lists every page that needs no record', () => {
  for (const place of PLACES) expect([place, rowOf(pages, place).length <= 5]).toEqual([place, true])
  const listed = [...PLACES, null].flatMap((place) => listedOf(pages, place).map(({ path }) => path))
  expect(listed.toSorted()).toEqual(
    pages
      .map(({ path }) => path)
      .filter((path) => !path.includes('['))
      .toSorted(),
  )
})
