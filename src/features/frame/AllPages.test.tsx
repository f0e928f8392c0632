/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react'
import userEvent from '../../../tests/support/person'
import { pages } from '../shared/pages'
import { AllPages } from './AllPages'

jest.mock('next/navigation', () => ({ usePathname: () => '/stash/overview' }))

const user = userEvent.setup()
const onClose = jest.fn()
beforeEach(() => {
  onClose.mockReset()
  render(
    <>
      <AllPages pages={pages} place="stash" onClose={onClose} />
      <p>outside</p>
    </>,
  )
})

test('the place that is shown comes first, and every page is there once', () => {
  const headings = screen.getAllByRole('heading').map(({ textContent }) => textContent)
  expect(headings).toEqual(['Stash', 'Identify', 'Make', 'Learn', 'Always here'])
  const hrefs = screen.getAllByRole('link').map((link) => link.getAttribute('href'))
  const expected = pages.filter(({ path, place }) => !path.includes('[') && place !== 'home').map(({ path }) => path)
  expect(hrefs.toSorted()).toEqual(expected.toSorted())
  expect(screen.getByRole('link', { current: 'page' }).getAttribute('href')).toBe('/stash/overview')
})

test('it has the keys when it opens; Escape leads back, a press elsewhere only closes it', async () => {
  const panel = screen.getByRole('navigation', { name: 'All pages' })
  expect(document.activeElement).toBe(panel)
  await user.keyboard('{Escape}')
  expect(onClose.mock.calls).toEqual([[true]])
  await user.click(within(panel).getByRole('heading', { name: 'Make' }))
  expect(onClose).toHaveBeenCalledTimes(1)
  await user.click(screen.getByText('outside'))
  expect(onClose.mock.calls.at(-1)).toEqual([])
})
