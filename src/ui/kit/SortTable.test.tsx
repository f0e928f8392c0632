/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react'
import { SortTable } from './SortTable'
import userEvent from '../../../tests/support/person'

const rows = [
  ['wool', 4],
  ['cotton', 12],
  ['linen', 31],
] as const

const shown = () => {
  render(
    <SortTable
      label="By fibre"
      columns={['of', 'm²']}
      rows={rows.map(([of, m2]) => ({
        id: of,
        cells: [
          { shown: of, by: of },
          { shown: `${m2.toFixed(1)}`, by: m2 },
        ],
      }))}
    />,
  )
  const names = () =>
    screen
      .getAllByRole('row')
      .slice(1)
      .map((row) => within(row).getByRole('rowheader').textContent)
  return { names, head: (name: string) => screen.getByRole('columnheader', { name }) }
}

test('stands in the order that it was given before anybody sorts it', () => {
  const { names, head } = shown()
  expect(names()).toEqual(['wool', 'cotton', 'linen'])
  expect(head('m²').getAttribute('aria-sort')).toBe('none')
})

test('numbers begin with the largest, and turn round at the next press', async () => {
  const { names, head } = shown()
  await userEvent.click(head('m²'))
  expect(names()).toEqual(['linen', 'cotton', 'wool'])
  expect(head('m²').getAttribute('aria-sort')).toBe('descending')
  await userEvent.click(head('m²'))
  expect(names()).toEqual(['wool', 'cotton', 'linen'])
})

test('words begin with A', async () => {
  const { names, head } = shown()
  await userEvent.click(head('of'))
  expect(names()).toEqual(['cotton', 'linen', 'wool'])
})

test('is put in order by keys alone', async () => {
  const { names } = shown()
  await userEvent.tab()
  await userEvent.keyboard('{ArrowUp}{ArrowRight}{Enter}')
  expect(names()).toEqual(['linen', 'cotton', 'wool'])
})
