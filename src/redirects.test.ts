import { readdirSync } from 'node:fs'
import { pages } from './features/shared/pages'
import { MOVED_PAGES, redirectsOfMovedPages } from './redirects'

const routes = readdirSync('src/app', { recursive: true, encoding: 'utf8' })
  .filter((file) => /(?:page\.tsx|route\.ts)$/.test(file))
  .map((file) => `/${file.replace(/\/?(?:page\.tsx|route\.ts)$/, '')}`)

it('lead to pages that are there, from addresses that are free', () => {
  for (const [from, to] of MOVED_PAGES) {
    const shape = (address: string) => address.replaceAll(':id', '[id]')
    expect([to, routes.includes(shape(to))]).toEqual([to, true])
    expect([from, routes.includes(shape(from))]).toEqual([from, false])
  }
})

it('send nothing on to itself', () => {
  for (const { source, destination } of redirectsOfMovedPages()) {
    const plain = source.replace('/:below*', '')
    if (source.endsWith('/:below*')) expect(destination.startsWith(`${plain}/`)).toBe(false)
  }
})

it('leave every page under the address of its place', () => {
  const under = {
    home: /^\/$/,
    identify: /^\/identify/,
    stash: /^\/stash/,
    make: /^\/make|^\/stash\/\[id\]/,
    learn: /^\/learn/,
  }
  for (const { path, place } of pages) if (place) expect([path, under[place].test(path)]).toEqual([path, true])
})
