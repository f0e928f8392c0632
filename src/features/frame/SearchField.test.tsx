/** @jest-environment jsdom */
import { act, render, screen } from '@testing-library/react'
import { SearchField } from './SearchField'
import userEvent from '../../../tests/support/person'

const push = jest.fn()
jest.mock('next/navigation', () => ({ useRouter: () => ({ push }) }))

const item = (href: string, title: string) => ({ href, title, words: '', tile: null })
const GROUPS = [
  { title: 'Fabrics', items: [item('/stash/a', 'Awning'), item('/stash/b', 'Bunting')] },
  { title: 'Pages', items: [item('/identify/burn', 'Burn test')] },
]
const asked = jest.fn((url: string) =>
  Promise.resolve({ json: () => Promise.resolve({ groups: url.endsWith('q=zzz') ? [] : GROUPS }) }),
)
const user = userEvent.setup()
const field = () => screen.getByRole<HTMLInputElement>('combobox')

beforeEach(() => {
  push.mockReset()
  asked.mockClear()
  Object.assign(globalThis, { fetch: asked })
  render(
    <>
      <SearchField />
      <textarea aria-label="Notes" />
    </>,
  )
})
/** Types, and waits for what answers. */
async function answered(text = 'a') {
  await user.type(field(), text)
  return screen.findAllByRole('option')
}
/** Which answer the keys stand on. */
function standsOn() {
  const id = field().getAttribute('aria-activedescendant')
  if (id === null) return null
  const option = document.getElementById(id)
  expect(option?.getAttribute('aria-selected')).toBe('true')
  return option!.textContent
}

test('answers while one types', async () => {
  const options = await answered('awn')
  expect(options.map((option) => option.textContent)).toEqual([
    expect.stringContaining('Awning'),
    expect.stringContaining('Bunting'),
    expect.stringContaining('Burn test'),
  ])
  // On a busy machine the keys come slower, so that it is asked between them; `useTypeAhead` is tested by its clock.
  expect(asked.mock.calls.map(([url]) => url).at(-1)).toBe('/find?q=awn')
  expect(field().getAttribute('aria-expanded')).toBe('true')
})

test('arrows go round through the answers and the field, both ways, one at a time', async () => {
  await answered()
  const seen: (string | null)[] = []
  for (const key of ['{ArrowDown}', '{ArrowDown}', '{ArrowUp}', '{ArrowUp}', '{ArrowUp}', '{ArrowDown}']) {
    await user.keyboard(key)
    seen.push(standsOn())
  }
  expect(seen.map((text) => text && /Awning|Bunting|Burn test/.exec(text)![0])).toEqual([
    'Awning',
    'Bunting',
    'Awning',
    null,
    'Burn test',
    null,
  ])
})

test('Enter leads to the answer that the keys stand on, and shuts the list', async () => {
  await answered()
  await user.keyboard('{ArrowDown}{ArrowDown}{Enter}')
  expect(push.mock.calls).toEqual([['/stash/b']])
  expect(field().value).toBe('')
  expect(screen.queryByRole('listbox')).toBeNull()
})

test('Escape and leaving the field shut the list; nothing found opens none', async () => {
  await answered()
  await user.keyboard('{Escape}')
  expect(screen.queryByRole('listbox')).toBeNull()
  await answered('b')
  await user.tab()
  await user.click(screen.getByLabelText('Notes'))
  expect(screen.queryByRole('listbox')).toBeNull()
  await user.clear(field())
  await user.type(field(), 'zzz')
  await act(() => new Promise((soon) => setTimeout(soon, 200)))
  expect(screen.queryByRole('option')).toBeNull()
})

test('a slash or Ctrl K comes to it from anywhere, a slash that is written does not', async () => {
  await user.keyboard('/')
  expect(document.activeElement).toBe(field())
  await user.click(screen.getByLabelText('Notes'))
  await user.keyboard('/')
  expect(document.activeElement).toBe(screen.getByLabelText('Notes'))
  await user.keyboard('{Control>}k{/Control}')
  expect(document.activeElement).toBe(field())
})
