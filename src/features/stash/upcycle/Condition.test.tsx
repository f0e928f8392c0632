/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react'
import { useState } from 'react'
import { type GarmentRecord } from '@/core/notebook/kinds/garment'
import { rectangle } from '@/core/shapes/polygon'
import { ConditionFields } from './Condition'
import userEvent from '../../../../tests/support/person'

type Places = GarmentRecord['places']

const conditions = [
  ['stained', 'stained'],
  ['worn', 'worn thin'],
  ['faded', 'faded'],
] as const
const whole = [
  { id: 'back', outline: rectangle(500, 700), count: 1 },
  { id: 'sleeve', outline: rectangle(400, 600), count: 2 },
]

function Holding({ from, heard }: { from: Places; heard: (places: Places) => void }) {
  const [places, setPlaces] = useState(from)
  return (
    <ConditionFields
      whole={whole}
      conditions={conditions as never}
      places={places}
      onChange={(next) => {
        setPlaces(next)
        heard(next)
      }}
    />
  )
}

const shown = (from: Places = []) => {
  const heard = jest.fn<void, [Places]>()
  render(<Holding from={from} heard={heard} />)
  return { heard, last: () => heard.mock.lastCall![0] }
}

test('a place is marked in the middle of the panel that is shown, as what was chosen', async () => {
  const { last } = shown()
  await userEvent.selectOptions(screen.getByLabelText('Problem'), 'worn thin')
  await userEvent.click(screen.getByRole('button', { name: 'Mark a place' }))
  expect(last()).toEqual([{ panel: 'back', is: 'worn', x: 0.5, y: 0.5, acrossMm: 60, onEach: false }])
  expect(screen.getByRole('img', { name: /^Back, 1 marked/ })).toBeTruthy()
})

test('it is moved and sized in figures, within its panel', async () => {
  const { last } = shown([{ panel: 'back', is: 'stained', x: 0.5, y: 0.5, acrossMm: 60, onEach: false }])
  const place = within(screen.getByRole('group', { name: 'Place 1' }))
  const type = async (label: string, value: string) => {
    const field = place.getByLabelText(label)
    await userEvent.clear(field)
    await userEvent.type(field, value)
    await userEvent.tab()
  }
  await type('From the left', '25')
  expect(last()[0]).toMatchObject({ x: 0.25 })
  await type('From the bottom', '400')
  expect(last()[0]).toMatchObject({ y: 1 })
  await type('Width', '12')
  expect(last()[0]).toMatchObject({ acrossMm: 120 })
})

test('only of a panel that there are two of, it can be on each', async () => {
  const { last } = shown([
    { panel: 'back', is: 'stained', x: 0.5, y: 0.5, acrossMm: 60, onEach: false },
    { panel: 'sleeve', is: 'faded', x: 0.5, y: 0.5, acrossMm: 60, onEach: false },
  ])
  expect(screen.queryByRole('checkbox')).toBeNull()
  await userEvent.selectOptions(screen.getByLabelText('Panel'), '2 × sleeve, 1 marked')
  await userEvent.click(screen.getByRole('checkbox', { name: 'On each of them' }))
  expect(last()[1]).toMatchObject({ panel: 'sleeve', onEach: true })
  expect(last()[0]).toMatchObject({ panel: 'back', onEach: false })
})

test('one is taken away, and those of other panels stay', async () => {
  const { last } = shown([
    { panel: 'sleeve', is: 'faded', x: 0.5, y: 0.5, acrossMm: 60, onEach: false },
    { panel: 'back', is: 'stained', x: 0.5, y: 0.5, acrossMm: 60, onEach: false },
  ])
  await userEvent.click(screen.getByRole('button', { name: 'Delete place 1' }))
  expect(last().map(({ panel }) => panel)).toEqual(['sleeve'])
})
