/** @jest-environment jsdom */
import { render, screen, waitFor, within } from '@testing-library/react'
import { PreferencesProvider } from '../../shared/settings/PreferencesContext'
import { countNotion, dropFromBox, keepNotion, keepYarn } from './boxActions'
import { BoxPage } from './BoxPage'
import { type BoxData } from './loadBox'
import userEvent from '../../../../tests/support/person'

jest.mock('next/navigation', () => ({
  usePathname: () => '/stash/notions',
  useSearchParams: () => new URLSearchParams('kind=buttons'),
}))
jest.mock('./boxActions', () => ({
  keepNotion: jest.fn(),
  countNotion: jest.fn(),
  keepYarn: jest.fn(),
  dropFromBox: jest.fn(),
}))
const did = { ok: true, id: 'new', revision: 1 } as const
const user = userEvent.setup()

const notion = (id: string, rest: object = {}) =>
  ({
    id,
    kind: 'buttons',
    name: 'Brass buttons',
    count: 3,
    sizeMm: null,
    colour: null,
    place: '',
    notes: '',
    fromPieceId: null,
    pictures: [],
    ...rest,
  }) as Notion

type Notion = BoxData['shelves'][number]['notions'][number]

function shown(notions: readonly Notion[], units: 'metric' | 'imperial' = 'metric', more = 0) {
  const value = { units, words: 'uk', paper: 'a4', theme: 'system', motion: 'still', spanMm: 1650 } as const
  render(
    <PreferencesProvider value={value}>
      <BoxPage
        kinds={[
          ['buttons', 'buttons'],
          ['zip', 'zip'],
        ]}
        kind={undefined}
        shelves={(['buttons', 'zip'] as const).flatMap((kind) => {
          const own = notions.filter((one) => one.kind === kind)
          return own.length > 0 ? [{ kind, of: own.length + more, notions: own }] : []
        })}
        total={{
          things: notions.reduce((sum, { count }) => sum + count, 0),
          kinds: new Set(notions.filter(({ count }) => count > 0).map(({ kind }) => kind)).size,
        }}
        yarns={[]}
        fibres={[['wool', 'wool']]}
      />
    </PreferencesProvider>,
  )
}

beforeEach(() => {
  for (const action of [keepNotion, countNotion, keepYarn, dropFromBox])
    jest.mocked(action).mockReset().mockResolvedValue(did)
})

test('shows the first few of a kind, and leads to all of it', () => {
  shown([notion('a'), notion('b', { kind: 'zip', name: 'Zip' })], 'metric', 55)
  expect(screen.getByRole('link', { name: /^Show all 56 ?: buttons$/ }).getAttribute('href')).toBe(
    '/stash/notions?kind=buttons',
  )
})

test('says how much is there: what is used up does not count, one thing is one thing', () => {
  shown([notion('a', { count: 1 }), notion('b', { kind: 'zip', name: 'Zip', count: 0 })])
  expect(screen.getByText(/^1 thing of 1 kind;/)).toBeTruthy()
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Use one Zip' }).disabled).toBe(true)
})

test('an empty box says how it fills', () => {
  shown([])
  expect(screen.getByText(/You have no notions yet/)).toBeTruthy()
})

test.each([
  ['metric', '22 mm', '60 cm'],
  ['imperial', '⅞ in', '23⅝ in'],
] as const)('sizes stand in %s units', (units, button, zip) => {
  shown([notion('a', { sizeMm: 22 }), notion('b', { kind: 'zip', name: 'Zip', sizeMm: 600 })], units)
  const lines = (kind: string) => screen.getByRole('region', { name: kind }).textContent
  expect(lines('buttons')).toContain(button)
  expect(lines('zip')).toContain(zip)
})

test('counts up and down by one, and takes out', async () => {
  shown([notion('a')])
  await user.click(screen.getByRole('button', { name: 'Use one Brass buttons' }))
  await user.click(screen.getByRole('button', { name: 'Add one Brass buttons' }))
  expect(jest.mocked(countNotion).mock.calls).toEqual([
    ['a', 2],
    ['a', 4],
  ])
  await user.click(screen.getByRole('button', { name: 'Delete Brass buttons' }))
  expect(dropFromBox).toHaveBeenCalledWith('notion', 'a')
})

test('what is put in is sized in the person’s own unit, and a refusal is told where it happened', async () => {
  shown([], 'imperial')
  const form = within(screen.getByRole('region', { name: 'Add a notion' }))
  expect(form.getByRole<HTMLButtonElement>('button', { name: 'Add notion' }).disabled).toBe(true)
  await user.type(form.getByLabelText('Name'), 'Bone buttons')
  await user.type(form.getByLabelText('Width or length'), '0.5')
  await user.tab()
  jest.mocked(keepNotion).mockResolvedValueOnce({ ok: false, errors: { name: 'there is such a thing already' } })
  await user.click(form.getByRole('button', { name: 'Add notion' }))
  const buttons = { kind: 'buttons', name: 'Bone buttons', count: 1, sizeMm: 12.7, place: '' }
  expect(keepNotion).toHaveBeenCalledWith(buttons, expect.any(String))
  expect(await form.findByText(/there is such a thing already/)).toBeTruthy()
  // Nothing that was typed is lost by it.
  expect(form.getByLabelText<HTMLInputElement>('Name').value).toBe('Bone buttons')
  const put = form.getByRole<HTMLButtonElement>('button', { name: 'Add notion' })
  await waitFor(() => expect(put.disabled).toBe(false))
  await user.click(put)
  await waitFor(() => expect(form.getByLabelText<HTMLInputElement>('Name').value).toBe(''))
})

test('a yarn is kept with what it is mostly of', async () => {
  shown([])
  const form = within(screen.getByRole('region', { name: 'Add a yarn' }))
  await user.type(form.getByLabelText('Name'), 'Sea wool')
  await user.selectOptions(form.getByLabelText('Main fibre'), 'wool')
  await user.click(form.getByRole('button', { name: 'Add yarn' }))
  const yarn = { name: 'Sea wool', fibres: ['wool'], grams: 100, wrapsPerInch: null }
  expect(keepYarn).toHaveBeenCalledWith(yarn, expect.any(String))
})
