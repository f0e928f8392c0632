/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react'
import { type UsedUp } from '@/core/making/leastLost'
import { rectangle } from '@/core/shapes/polygon'
import { useTelling } from '../laying/useTelling'
import { type UseUpData } from './loadUseUp'
import { UseUpPage } from './UseUpPage'
import userEvent from '../../../../tests/support/person'

const replace = jest.fn()
jest.mock('next/navigation', () => ({ useRouter: () => ({ replace }), usePathname: () => '/make/leftovers' }))
jest.mock('../laying/useTelling', () => ({ useTelling: jest.fn() }))
const telling = jest.mocked(useTelling)
const user = userEvent.setup()

const thing = (id: string, rest: object = {}) => ({
  id,
  name: `Thing ${id}`,
  tile: { weave: 'plain', warp: '#aaaaaa', weft: '#bbbbbb', colouring: 'plain', sheen: 0 },
  keptFor: [],
  isReckoned: false,
  minutes: 0,
  panels: [{ id, outline: rectangle(1000, 600), holes: [], warpDeg: 90, count: 2 }],
  ...rest,
})
const candidate = (id: string, verdict = 'suits') => ({ id, name: `Pattern ${id}`, pieces: [], verdict })
const used = (id: string, rest: Partial<UsedUp> = {}) =>
  ({ id, name: `Pattern ${id}`, fits: true, used: 0.8, left: 0, from: [], hems: [], by: [], ...rest }) as UsedUp

function shown(data: Partial<Record<keyof UseUpData, unknown>>, told: UsedUp[] | null, isRunning = false) {
  const [ask, stop] = [jest.fn(), jest.fn()]
  telling.mockReturnValue({ told, isRunning, trouble: '', ask, stop })
  const whole = { things: [thing('a')], candidates: [candidate('1')], offered: [], most: 6, ...data }
  render(<UseUpPage {...(whole as unknown as UseUpData)} />)
  return { ask, stop }
}
const lead = () => screen.getAllByRole('status')[0]!.textContent
const order = () =>
  within(screen.getByLabelText('Patterns, least waste first'))
    .getAllByRole('link')
    .map((link) => link.textContent)

test('before anything is tried it says how much cloth there is, and how many patterns', async () => {
  const { ask } = shown({}, null)
  expect(lead()).toBe('1.2 m² in these, and 1 pattern with outlines.')
  await user.click(screen.getByRole('button', { name: 'What can I cut from these?' }))
  expect(ask).toHaveBeenCalledTimes(1)
})

test('with nothing taken there is nothing to ask; without outlines it says what comes first', () => {
  shown({ things: [], candidates: [] }, null)
  expect(screen.queryByRole('button', { name: /What can I cut/ })).toBeNull()
  expect(lead()).toContain('Choose a garment')
})
test('without outlines it leads to where they are brought in', () => {
  shown({ candidates: [] }, null)
  const go = screen.getByRole<HTMLButtonElement>('button', { name: /What can I cut/ })
  expect(go.disabled).toBe(true)
  expect(screen.getByRole('link', { name: 'Add pattern pieces' })).toBeTruthy()
})

test('what fits and suits comes first, then what fits, then what suits and does not fit', () => {
  const candidates = [candidate('1', 'unsuitable'), candidate('2'), candidate('3'), candidate('4', 'unsuitable')]
  const told = [used('1', { used: 0.95 }), used('2', { used: 0.6 }), used('3', { fits: false, left: 2 })]
  shown({ candidates }, [...told, used('4', { fits: false, left: 1 })])
  expect(order()).toEqual(['Pattern 2', 'Pattern 1', 'Pattern 3', 'Pattern 4'])
  expect(lead()).toBe('2 can be cut: Pattern 2 suits the fabric and wastes least.')
})

test('it is not said to suit where it does not, nor to fit where nothing does', () => {
  shown({ candidates: [candidate('1', 'unsuitable')] }, [used('1')])
  expect(lead()).toBe('1 can be cut, but none suits the fabric; Pattern 1 wastes least.')
})
test('nothing that fits is said to be so', () => {
  shown({}, [used('1', { fits: false, left: 3 })])
  expect(lead()).toContain('No pattern fits completely')
  expect(screen.getByText(/3 of its pieces don’t fit/)).toBeTruthy()
})

test('while it tries, it can be stopped, and counts', async () => {
  const { stop } = shown({ candidates: [candidate('1'), candidate('2')] }, [used('1')], true)
  expect(lead()).toBe('1 of 2 tried…')
  await user.click(screen.getByRole('button', { name: 'Stop' }))
  expect(stop).toHaveBeenCalledTimes(1)
})

test('each says what comes out of which thing, and which hem may stay', () => {
  const from = [
    { thing: 'a', pieces: ['front', 'back'] },
    { thing: 'b', pieces: ['collar'] },
  ]
  shown({ things: [thing('a'), thing('b')] }, [used('1', { from, hems: ['front'] } as never)])
  expect(screen.getByText('front, back of Thing a; collar of Thing b.')).toBeTruthy()
  expect(screen.getByText(/You can keep the existing hem for front/)).toBeTruthy()
  const [link] = within(screen.getByLabelText('Patterns, least waste first')).getAllByRole('link')
  expect(link!.getAttribute('href')).toBe('/make/patterns/1/layout?cloth=a,b')
})

test('a thing whose size nobody knows is said to be so, and can be left out again', async () => {
  shown({ things: [thing('a', { panels: [] }), thing('b', { keptFor: [], isReckoned: true })] }, null)
  expect(screen.getByText('its size is not known')).toBeTruthy()
  expect(screen.getByText('2 panels, estimated')).toBeTruthy()
  await user.click(screen.getAllByRole('button', { name: /^Remove Thing a/ })[0]!)
  expect(replace).toHaveBeenCalledWith('/make/leftovers?of=b', { scroll: false })
})
