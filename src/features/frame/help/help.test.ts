import { pages } from '../../shared/pages'
import { helpFor, helpLines } from './lines'
import { TOUR } from './tourSteps'

const paths = [...pages.map(({ path }) => path), '/identify/measure/weight', '/identify/measure/grain']

test.each(paths)('%s has help in three lines that fit', (path) => {
  const lines = helpFor(path)
  expect(lines).toHaveLength(3)
  for (const line of lines!) {
    expect(line.length).toBeLessThanOrEqual(110)
    expect(line).toMatch(/^[A-Z“].*[.?!]$/)
  }
})

test('no help is left of a page that is gone, and no two pages have the same', () => {
  const known = new Set(paths)
  expect(Object.keys(helpLines).filter((path) => !known.has(path))).toEqual([])
  const told = Object.values(helpLines).map((lines) => lines.join(' '))
  expect(new Set(told).size).toBe(told.length)
})

test('the tour stops at pages that any notebook has, each once', () => {
  const own = TOUR.map(({ path }) => path)
  expect(new Set(own).size).toBe(own.length)
  for (const path of own) expect(pages.find((page) => page.path === path)?.of).toBeUndefined()
  for (const path of own) expect(pages.some((page) => page.path === path)).toBe(true)
})
