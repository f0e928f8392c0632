/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react'
import { type MixData } from './loadTogether'
import { MixPage } from './MixPage'
import userEvent from '../../../../tests/support/person'

const replace = jest.fn()
jest.mock('next/navigation', () => ({ useRouter: () => ({ replace }), usePathname: () => '/make/combine' }))
jest.mock('@/ui/text/Terms', () => ({ Terms: ({ children }: { children: string }) => children }))
const user = userEvent.setup()

const tile = { weave: 'plain', warp: '#aaaaaa', weft: '#bbbbbb', colouring: 'plain', sheen: 0 }
const cloth = (id: string) => ({ id, name: `Cloth ${id}`, tile })
const pair = (of: [number, number], verdict: string, rest: object = {}) => ({
  of,
  verdict,
  reasons: [{ property: 'shrinkage', status: verdict === 'fights' ? 'bad' : 'good', text: `Of ${of.join()}.` }],
  remedies: [],
  ...rest,
})
const shown = (data: object) => {
  const whole = {
    cloths: [],
    pairs: [],
    worst: null,
    how: { seam: 100, washes: 5, for: 'garment' },
    offered: [cloth('x'), cloth('y')],
    most: 8,
    ...data,
  }
  render(<MixPage {...(whole as unknown as MixData)} />)
}
const lead = () => screen.getByRole('heading', { level: 1 }).nextElementSibling!.textContent
beforeEach(() => replace.mockReset())
const address = () => new URL(replace.mock.lastCall![0] as string, 'http://here').searchParams

test('begins with cloths to choose from, each drawn', async () => {
  shown({})
  expect(lead()).toMatch(/^Two or more fabrics in one garment/)
  await user.click(screen.getByRole('button', { name: 'Cloth x' }))
  expect(address().get('of')).toBe('x')
})

test('of two it tells how they go together, and what to do about it', () => {
  const remedies = [{ id: 'wash', text: 'Wash both before cutting.' }]
  shown({ cloths: [cloth('a'), cloth('b')], pairs: [pair([0, 1], 'fights', { remedies })], worst: [0, 1] })
  expect(lead()).toBe('Cloth a and Cloth b don’t go together.')
  const told = within(screen.getByRole('region', { name: 'Cloth a with Cloth b' }))
  expect(told.getByText('Shrinkage, a problem.')).toBeTruthy()
  expect(told.getByText('Wash both before cutting.')).toBeTruthy()
  expect(screen.queryByRole('table')).toBeNull()
})

test('of three the worst pair stands first, and all of them at a glance, each pair once', () => {
  const pairs = [pair([0, 1], 'agrees'), pair([0, 2], 'with-care'), pair([1, 2], 'fights')]
  shown({ cloths: ['a', 'b', 'c'].map(cloth), pairs, worst: [1, 2] })
  expect(lead()).toBe('The worst pair: Cloth b and Cloth c don’t go together.')
  const cells = screen.getAllByRole('cell').map((cell) => cell.textContent)
  expect(cells.filter(Boolean)).toEqual(['agree', 'with care', 'fightshrinkage'])
})

test('of three that all agree it says so', () => {
  const pairs = [pair([0, 1], 'agrees'), pair([0, 2], 'agrees'), pair([1, 2], 'agrees')]
  shown({ cloths: ['a', 'b', 'c'].map(cloth), pairs })
  expect(lead()).toBe('All pairs go together.')
})

test('what is made, its seam and its washes are asked anew with the same cloths', async () => {
  shown({ cloths: [cloth('a'), cloth('b')], pairs: [pair([0, 1], 'agrees')], worst: [0, 1] })
  await user.selectOptions(screen.getByLabelText('For'), 'a bag')
  expect(Object.fromEntries(address())).toEqual({ of: 'a,b', seam: '100', for: 'bag' })
  await user.clear(screen.getByLabelText('Seam between them'))
  await user.type(screen.getByLabelText('Seam between them'), '62.5')
  await user.tab()
  expect(address().get('seam')).toBe('62.5')
  await user.click(screen.getByRole('button', { name: 'Remove Cloth a' }))
  expect(address().get('of')).toBe('b')
})
