/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react'
import { PieceSchema } from '@/core/notebook/kinds/piece'
import { KeyProperties } from './KeyProperties'
import { LengthBar } from './LengthBar'
import { type PieceData, type SheetRow } from './types'

jest.mock('../../shared/settings/PreferencesContext', () => ({ usePreferences: () => ({ units: 'metric' }) }))

const row = (id: SheetRow['id'], value: string, how: SheetRow['how'], test: SheetRow['test'] = null) =>
  ({ id, title: id, term: '', value, how, note: '', otherwise: [], test, readings: [] }) as SheetRow
const piece = (care: string[]) => ({ ...PieceSchema.parse({ name: 'Awning', care }), id: 'a' }) as PieceData['piece']

test('six tiles say what is known and how, and lead to what would tell', () => {
  const rows = [
    row('fibre', '', 'unknown', 'burn'),
    row('weight', '150 g/m²', 'measured', 'weigh'),
    row('body', 'soft', 'estimated', 'drape'),
    row('stretch-width', '', 'unknown', 'stretch'),
    row('opacity', 'no', 'said', 'opacity'),
  ]
  render(<KeyProperties piece={piece(['wash-40', 'iron-never'])} rows={rows} />)
  const links = screen.getAllByRole('link')
  expect(links.map((link) => link.getAttribute('href'))).toEqual([
    '/identify?piece=a',
    '#all-properties',
    '/identify/measure/drape?piece=a',
    '/identify/measure/stretch?piece=a',
    '/identify/measure/opacity?piece=a',
    '/stash/a/edit',
  ])
  expect(links.map(({ textContent }) => textContent)).toEqual([
    'Fibre content—○ not known',
    'Weight150 g/m²● measured',
    'Drapesoft○ estimated',
    'Stretch—○ not known',
    'Shows throughno● recorded',
    'Care symbols40machine wash, up to 40 °C; do not ironfrom its label',
  ])
  expect(links[5]!.querySelectorAll('svg')).toHaveLength(2)
})

test('a length says what is free, reserved and cut, and draws them to scale', () => {
  const reserved = [{ projectId: 'p', project: 'Winter coat', place: 'main', pieceId: 'a', mm: 900 }]
  const { container } = render(<LengthBar length={{ freeMm: 1300, isPromised: false, reserved, cutMm: 300 }} />)
  const shares = [...container.querySelectorAll<HTMLElement>('i')].map(({ style }) => style.flexGrow)
  expect(shares).toEqual(['1300', '900', '300'])
  const said = screen.getAllByRole('listitem').map(({ textContent }) => textContent)
  expect(said).toEqual(['1.3 m free', '0.9 m reserved for Winter coat', '0.3 m cut'])
  expect(screen.getByRole('link', { name: 'Winter coat' }).getAttribute('href')).toBe('/make/projects/p')
})

test('a length that is promised whole is not called free, and one that is not known is not drawn', () => {
  const { container, rerender } = render(
    <LengthBar length={{ freeMm: 1300, isPromised: true, reserved: [], cutMm: 0 }} />,
  )
  expect(container.textContent).toBe('1.3 m reserved, but not enough')
  rerender(<LengthBar length={null} />)
  expect(container.textContent).toBe('')
})
