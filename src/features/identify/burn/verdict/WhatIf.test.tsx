/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react'
import { type IdentifyQuestion } from '@/core/identify/identify'
import { WhatIf } from './WhatIf'
import userEvent from '../../../../../tests/support/person'

const user = userEvent.setup()
const seen = (feature: string, state: string, part = 'whole') => ({ feature, states: [state], part })
const WOOL = [seen('approach', 'curls-away'), seen('smell', 'hair-feather'), seen('residue', 'crushable-bead')]
const shown = (observations: object[]) =>
  render(<WhatIf question={{ observations } as unknown as IdentifyQuestion} answerWords="most like wool" />)
const answers = () => within(screen.getByRole('group', { name: /^What if: / }))
const status = () => screen.getAllByRole('status')[0]!.textContent

test('begins with the smell, and says which answer was said', () => {
  shown(WOOL)
  expect(screen.getByRole('group', { name: 'What if: Smell' })).toBeTruthy()
  expect(answers().getByRole('button', { name: 'Hair or feather (said)' })).toBeTruthy()
  expect(status()).toContain('this changes nothing in your test')
})

test('another answer moves the belief on one click, and off again', async () => {
  shown(WOOL)
  await user.click(answers().getByRole('button', { name: 'Vinegar' }))
  expect(status()).toMatch(/^Then it would be .*Most like wool with your answers\./)
  await user.click(answers().getByRole('button', { name: 'Vinegar' }))
  expect(status()).toContain('Choose an answer')
})

test('what was not looked at can be supposed as well, what was seen stands first', async () => {
  shown(WOOL)
  const list = screen.getByLabelText<HTMLSelectElement>('Change the answer to')
  const [first, second, third] = [...list.options].map(({ value }) => value)
  expect([first, second, third]).toEqual(['approach whole', 'smell whole', 'residue whole'])
  expect([...list.options].map(({ value }) => value)).toContain('acetone whole')
  await user.click(answers().getByRole('button', { name: 'Vinegar' }))
  await user.selectOptions(list, 'acetone whole')
  // Another question, and nothing is supposed of it yet.
  expect(screen.getByRole('group', { name: 'What if: Acetone' })).toBeTruthy()
  expect(status()).toContain('Choose an answer')
})

test('warp and weft are supposed apart', () => {
  shown([seen('smell', 'paper', 'warp'), seen('smell', 'hair-feather', 'weft')])
  const values = [...screen.getByLabelText<HTMLSelectElement>('Change the answer to').options].map(
    ({ value }) => value,
  )
  expect(values.slice(0, 2)).toEqual(['smell warp', 'smell weft'])
  expect(values.filter((value) => value.startsWith('residue '))).toEqual(['residue warp', 'residue weft'])
})

test('with nothing seen there is nothing to suppose', () => {
  expect(shown([]).container.textContent).toBe('')
})
