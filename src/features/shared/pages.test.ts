import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { pages, pagesFound } from './pages'
import { pageAt, PLACES, rowOf, underOf } from './places'

it('has a route for every page, and a page for every place', () => {
  for (const { path } of pages)
    expect([path, existsSync(join(__dirname, '../../app', path, 'page.tsx'))]).toEqual([path, true])
  for (const place of PLACES.slice(1)) expect([place, rowOf(pages, place).length > 0]).toEqual([place, true])
  expect(new Set(pages.map(({ path }) => path)).size).toBe(pages.length)
})

it('knows the page of an address, also below one', () => {
  const id = '01900000-0000-7000-8000-000000000000'
  expect(pageAt(pages, '/')?.place).toBe('table')
  expect(pageAt(pages, '/bench/tests')?.title).toBe('Without a flame')
  expect(pageAt(pages, `/bench/${id}/log`)?.title).toBe('Burn log')
  expect(pageAt(pages, `/stash/${id}`)?.of).toBe('piece')
  expect(pageAt(pages, '/measure/stretch')?.path).toBe('/measure')
  expect(pageAt(pages, '/learn/units/momme')?.of).toBe('unit')
  expect(pageAt(pages, '/stash/quick')?.path).toBe('/stash/quick')
  expect(pageAt(pages, '/nowhere')).toBeUndefined()
})

it.each([
  ['find-out', '/bench/01900000-0000-7000-8000-000000000000/log', '/bench'],
  ['find-out', '/bench/tests', '/bench/tests'],
  ['find-out', '/measure/stretch', '/measure'],
  ['stash', '/stash/01900000-0000-7000-8000-000000000000', '/stash'],
  ['learn', '/learn/fibres/silk', '/learn/fibres'],
  ['make', '/safety', undefined],
] as const)('in the row of %s, %s lies under %s', (place, address, under) => {
  expect(underOf(rowOf(pages, place), address)?.path).toBe(under)
})

it('finds pages by the trade’s words, UK and US, and nothing by nothing', () => {
  expect(pagesFound('gsm').map(({ path }) => path)).toContain('/measure')
  expect(pagesFound('RAYON').map(({ path }) => path)).toEqual(['/learn/fibres'])
  expect(pagesFound('burn')[0]!.title).toMatch(/^Burn|burn/)
  expect(pagesFound(' ')).toEqual([])
  expect(pagesFound('asbestos').map(({ path }) => path)).toEqual(['/safety'])
})
