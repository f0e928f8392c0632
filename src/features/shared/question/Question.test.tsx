/** @jest-environment jsdom */
import { act, render, screen } from '@testing-library/react'
import { Question, type QuestionAsked } from './Question'
import userEvent from '../../../../tests/support/person'

const states = ['paper', 'hair', 'vinegar'].map((id) => ({ id, label: `of ${id}`, help: '' }))
const ONE: QuestionAsked = { id: 'smell', question: 'What does it smell of?', hint: '', multi: false, states }
const MANY: QuestionAsked = { ...ONE, multi: true }
const user = userEvent.setup()

function asked(feature: QuestionAsked, rest: { canUndo?: boolean; blank?: boolean } = {}) {
  const [onAnswer, onUndo] = [jest.fn<void, [string[]]>(), jest.fn()]
  render(
    <>
      <label>
        Which part <input type="radio" />
      </label>
      <label>
        Its note <textarea />
      </label>
      <Question
        feature={feature}
        picture={() => null}
        canUndo={rest.canUndo ?? true}
        blank={rest.blank}
        onAnswer={onAnswer}
        onUndo={onUndo}
      />
    </>,
  )
  return { onAnswer, onUndo, answers: () => onAnswer.mock.calls.map(([given]) => given) }
}

test('an answer is given by its key or its button, nothing seen by N', async () => {
  const { answers } = asked(ONE)
  await user.keyboard('2')
  await user.click(screen.getByRole('button', { name: /of vinegar/ }))
  await user.keyboard('n')
  expect(answers()).toEqual([['hair'], ['vinegar'], []])
})

test('of several answers some are chosen, chosen off again, and given by Enter', async () => {
  const { answers } = asked(MANY)
  await user.keyboard('{Enter}')
  expect(answers()).toEqual([])
  await user.keyboard('132{Enter}')
  await user.keyboard('2{Enter}')
  expect(answers()).toEqual([
    ['paper', 'vinegar', 'hair'],
    ['paper', 'vinegar'],
  ])
})

test('Enter on another button presses that button, on an answer it gives what was chosen', async () => {
  const { answers, onUndo } = asked(MANY)
  await user.keyboard('1')
  act(() => screen.getByRole('button', { name: 'Undo (U)' }).focus())
  await user.keyboard('{Enter}')
  expect(onUndo).toHaveBeenCalledTimes(1)
  expect(answers()).toEqual([])
  act(() => screen.getByRole('button', { name: /of hair/ }).focus())
  await user.keyboard('{Enter}')
  expect(answers()).toEqual([['paper']])
})

test('keys count after a choice was made beside the question, and not while one writes', async () => {
  const { answers } = asked(ONE)
  await user.click(screen.getByRole('radio'))
  await user.keyboard('1')
  expect(answers()).toEqual([['paper']])
  await user.click(screen.getByRole('textbox'))
  await user.keyboard('2 u n')
  expect(answers()).toHaveLength(1)
  expect(screen.getByRole<HTMLTextAreaElement>('textbox').value).toBe('2 u n')
})

test('keys with Ctrl, Alt or Meta are the browser’s, and there is nothing to undo at first', async () => {
  const { answers, onUndo } = asked(ONE, { canUndo: false, blank: false })
  await user.keyboard('{Control>}1{/Control}{Alt>}2{/Alt}{Meta>}3{/Meta}')
  await user.keyboard('un')
  expect(answers()).toEqual([])
  expect(onUndo).not.toHaveBeenCalled()
  expect(screen.queryByRole('button', { name: /Did not see it/ })).toBeNull()
})
