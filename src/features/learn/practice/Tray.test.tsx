/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react'
import { burnOf } from '@/core/practice/specimen'
import { topicById } from '@/core/practice/topics'
import { stagesOf } from './stages'
import { Tray } from './Tray'
import userEvent from '../../../../tests/support/person'

const stages = (topic: string) => stagesOf(burnOf(topicById(topic)!, 4))
const tray = (topic: string, asked: string[], isOpen = false) => {
  const onAsk = jest.fn()
  render(
    <Tray stages={stages(topic)} asked={asked} isOpen={isOpen} onAsk={onAsk}>
      <p>Say what it is.</p>
    </Tray>,
  )
  return onAsk
}

test('shows what was asked for, and nothing else', async () => {
  const onAsk = tray('silk', ['smell'])
  const smell = stages('silk').find(({ feature }) => feature === 'smell')!
  expect(screen.getByText(smell.says)).toBeTruthy()
  expect(screen.queryByRole('button', { name: 'Smell' })).toBeNull()
  await userEvent.click(screen.getByRole('button', { name: 'Smoke' }))
  expect(onAsk).toHaveBeenCalledWith('smoke')
  expect(screen.getByText('Say what it is.')).toBeTruthy()
})

test('burns warp and weft of a union apart, and says both', () => {
  tray('union:silk/cotton', ['smell'])
  expect(screen.getByRole('region', { name: 'The warp, burnt separately' })).toBeTruthy()
  expect(screen.getByRole('region', { name: 'The weft, burnt separately' })).toBeTruthy()
  expect(screen.getByText(/^warp: .+; weft: .+$/)).toBeTruthy()
})

test('asks nothing any more once it is answered', () => {
  tray('wool', [], true)
  expect(screen.queryByRole('heading', { name: 'What do you look at?' })).toBeNull()
  expect(screen.queryAllByRole('button', { name: 'Smell' })).toEqual([])
})
