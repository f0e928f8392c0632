/** @jest-environment jsdom */
import { render, screen, waitFor } from '@testing-library/react'
import { inMm } from '@/core/text/amounts'
import { phrase } from '@/core/text/text'
import { ReaderContext } from './reader'
import { Terms } from './Terms'

const linked = () => screen.queryAllByRole('link').map((link) => [link.textContent, link.getAttribute('href')])

test('a text stands as it is, and its terms lead to where they are told', async () => {
  const { container } = render(
    <p>
      <Terms>Lay the warp along the selvedge.</Terms>
    </p>,
  )
  expect(container.textContent).toBe('Lay the warp along the selvedge.')
  await waitFor(() => expect(linked()).toHaveLength(2))
  expect(linked()).toEqual([
    ['warp', '/learn/words#term-warp'],
    ['selvedge', '/learn/words#term-selvedge'],
  ])
  expect(container.textContent).toBe('Lay the warp along the selvedge.')
})

test('of two texts the first links a term, and the other when the first is gone', async () => {
  const both = (
    <>
      <p key="one">
        <Terms>Press with the nap.</Terms>
      </p>
      <p key="two">
        <Terms>Cut with the nap, on the bias.</Terms>
      </p>
    </>
  )
  const { unmount } = render(both)
  await waitFor(() => expect(linked()).toHaveLength(2))
  expect(linked().map(([words]) => words)).toEqual(['nap', 'bias'])
  expect(screen.getByText(/Press with/).querySelector('a')).not.toBeNull()
  unmount()
  render(
    <p>
      <Terms>Cut with the nap, on the bias.</Terms>
    </p>,
  )
  await waitFor(() => expect(linked()).toHaveLength(2))
})

test('a text that changes has the terms of the new one', async () => {
  const { rerender, container } = render(<Terms>Mind the nap.</Terms>)
  await waitFor(() => expect(linked()).toHaveLength(1))
  rerender(<Terms>Mind the pile of the velvet.</Terms>)
  expect(container.textContent).toBe('Mind the pile of the velvet.')
  await waitFor(() => expect(linked()).toEqual([['pile', '/learn/words#term-pile']]))
})

test('a reader of inches and American English has both, and the terms all the same', async () => {
  const { container } = render(
    <ReaderContext.Provider value={{ words: 'us', units: 'imperial' }}>
      <Terms>{phrase`Cut along the selvedge, ${inMm(6)} from it.`}</Terms>
    </ReaderContext.Provider>,
  )
  await screen.findByRole('link', { name: 'selvage' })
  expect(container.textContent).toBe('Cut along the selvage, ¼ in (6 mm) from it.')
})
