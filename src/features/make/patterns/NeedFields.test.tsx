/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react'
import { useState } from 'react'
import { NeedSchema, type Need } from '@/core/notebook/schemas/need'
import { PreferencesProvider } from '../../shared/settings/PreferencesContext'
import { MoreFields, NeedFields, WeightFields } from './NeedFields'
import userEvent from '../../../../tests/support/person'

const user = userEvent.setup()
const preferences = (units: 'metric' | 'imperial') =>
  ({ units, words: 'uk', paper: 'a4', theme: 'system', motion: 'still', spanMm: 1650 }) as const

/** The fields over a need of their own. @returns what it is now */
function shown(Fields: typeof MoreFields, from: Need = {}) {
  let now = from
  function Holding() {
    const [need, setNeed] = useState(from)
    now = need
    return <Fields need={need} onChange={setNeed} />
  }
  render(<Holding />)
  return () => now
}
const type = async (label: string, value: string) => {
  await user.clear(screen.getByLabelText(label))
  if (value) await user.type(screen.getByLabelText(label), value)
  await user.tab()
}
const select = (label: string, words: string) => user.selectOptions(screen.getByLabelText(label), words)
const chip = (group: string, name: string) =>
  user.click(within(screen.getByRole('group', { name: group })).getByRole('button', { name }))

test('what is chosen is asked, and what is left open again is not', async () => {
  const need = shown(MoreFields)
  await select('Season', 'hot weather')
  await select('Woven or knit', 'knit')
  await select('Pile or nap', 'not suitable')
  expect(need()).toMatchObject({ season: 'hot', structure: 'knit', pile: 'no' })
  await select('Season', 'any')
  await select('Woven or knit', 'depends on the garment')
  await select('Pile or nap', 'any')
  expect(JSON.parse(JSON.stringify(need()))).toEqual({})
})

test('stretch is asked from a least share on, whatever is asked lengthwise stays', async () => {
  const need = shown(MoreFields, { stretchPercent: { length: [0, 20] } })
  await type('Minimum crosswise stretch', '35')
  expect(need().stretchPercent).toEqual({ length: [0, 20], width: [35, 150] })
  await type('Minimum crosswise stretch', '200')
  expect(need().stretchPercent).toEqual({ length: [0, 20], width: [200, 200] })
  await type('Minimum crosswise stretch', '')
  expect(need().stretchPercent).toEqual({ length: [0, 20] })
})

test('without any stretch left none is asked, and what comes back is by itself', async () => {
  const need = shown(MoreFields)
  await type('Minimum crosswise stretch', '35')
  await type('Stretch recovery', '90')
  await type('Minimum crosswise stretch', '')
  expect(JSON.parse(JSON.stringify(need()))).toEqual({ recoveryPercent: 90 })
})

test('several of a few are on or off; the last one off asks nothing', async () => {
  const need = shown(MoreFields)
  await chip('Drape (how it falls)', 'soft')
  await chip('Drape (how it falls)', 'very fluid')
  expect(need().body).toEqual(['soft', 'fluid'])
  await chip('Drape (how it falls)', 'soft')
  expect(need().body).toEqual(['fluid'])
  await chip('Drape (how it falls)', 'very fluid')
  expect(need().body).toBeUndefined()
  await chip('Opacity (what shows through)', 'opaque')
  expect(need().opacity).toEqual(['opaque'])
})

test('whatever the fields make can be kept', async () => {
  const need = shown(MoreFields)
  for (const box of screen.getAllByRole<HTMLSelectElement>('combobox'))
    await user.selectOptions(box, box.options[box.options.length - 1]!)
  for (const group of screen.getAllByRole('group')) {
    const [first] = within(group).queryAllByRole('button')
    if (first) await user.click(first)
  }
  await type('Minimum crosswise stretch', '300')
  expect(NeedSchema.safeParse(JSON.parse(JSON.stringify(need())))).toMatchObject({ success: true })
  expect(Object.keys(need()).length).toBeGreaterThan(8)
})

test('a detail that was added is on, and can be taken off', async () => {
  const need = shown(NeedFields, { garment: 'shirt', details: ['gathers'] } as Need)
  const group = within(screen.getByRole('group', { name: 'Details' }))
  const [gathers] = group.getAllByRole('button')
  await user.click(gathers!)
  expect(need().details).toEqual([])
  expect(screen.queryByRole('group', { name: 'Details' })).toBeNull()
})

test.each([
  ['metric', '150', 150],
  ['imperial', '4.5', 152.6],
] as const)('a weight is asked in %s units', async (units, typed, gsm) => {
  const heard = jest.fn<void, [{ from: number | null; to: number | null }]>()
  const { rerender } = render(
    <PreferencesProvider value={preferences(units)}>
      <WeightFields from={null} to={200} onChange={heard} />
    </PreferencesProvider>,
  )
  await type('Fabric for', typed)
  const { from, to } = heard.mock.lastCall![0]
  expect(from).toBeCloseTo(gsm, 0)
  expect(to).toBe(200)
  rerender(
    <PreferencesProvider value={preferences(units)}>
      <WeightFields from={from} to={200} onChange={heard} />
    </PreferencesProvider>,
  )
  expect(Number(screen.getByLabelText<HTMLInputElement>('Fabric for').value)).toBeCloseTo(Number(typed), 1)
})
