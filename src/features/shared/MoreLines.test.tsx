/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react'
import { shownParam } from './address/shown'
import { MoreLines } from './MoreLines'

jest.mock('next/navigation', () => ({
  usePathname: () => '/make/patterns/7',
  useSearchParams: () => new URLSearchParams('size=12'),
}))

it('asks for more in the address, and keeps what else it says', () => {
  render(<MoreLines says="Show more fabrics" shown={10} of={34} step={10} />)
  const link = screen.getByRole('link', { name: 'Show more fabrics (24 more)' })
  expect(link.getAttribute('href')).toBe('/make/patterns/7?size=12&show=20')
})

it('is not there where everything is shown', () => {
  render(<MoreLines says="Show more fabrics" shown={34} of={34} step={10} />)
  expect(screen.queryByRole('link')).toBeNull()
})

it('shows the first few where an address makes no sense, and never all of a huge list', () => {
  const shown = shownParam(10)
  expect(['', '-3', 'x', '5', '30', '1e9'].map((said) => shown.read(said))).toEqual([10, 10, 10, 10, 30, 10])
})
