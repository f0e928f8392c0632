import { minutesOf } from '@/core/prepare/minutes'
import { type PlanData } from '../load'
import { blocksOf, lanesOf } from './lanes'

interface Told {
  id: string
  kind?: string
  start: string | null
  end?: string
  hands?: number
  use?: { of: 'washer' | 'dryer' | 'line'; much: number } | null
}

const plan = (id: string, steps: Told[]) =>
  ({
    id,
    name: `Project ${id}`,
    steps: steps.map((step) => ({ kind: 'sew', hands: 30, use: null, end: step.start, ...step })),
  }) as unknown as PlanData
const at = (written: string) => minutesOf(written)!
const [FROM, TO] = [at('2026-05-04T00:00'), at('2026-05-11T00:00')]
const LINE = { of: 'line', much: 1.5 } as const

test('steps without a time are not drawn; the others stand in the order of time', () => {
  const blocks = blocksOf([
    plan('a', [
      { id: 'late', start: '2026-05-05T19:00' },
      { id: 'never', start: null },
    ]),
    plan('b', [{ id: 'early', start: '2026-05-04T19:00' }]),
  ])
  expect(blocks.map(({ key, project }) => [key, project])).toEqual([
    ['b early', 1],
    ['a late', 0],
  ])
})

test('shopping that follows on is one way; shopping on another day is another', () => {
  const buy = (from: string, to: string) => ({ id: 'buy', kind: 'buy', start: from, end: to, hands: 15 })
  const blocks = blocksOf([
    plan('a', [buy('2026-05-04T19:00', '2026-05-04T19:15')]),
    plan('b', [buy('2026-05-04T19:15', '2026-05-04T19:30')]),
    plan('c', [buy('2026-05-05T19:00', '2026-05-05T19:15')]),
  ])
  expect(blocks.map((one) => [one.parts.map((part) => part.plan.name), one.handsEnd - one.start])).toEqual([
    [['Project a', 'Project b'], 30],
    [['Project c'], 15],
  ])
})

test('what dries at the same time lies in rows of its own, what comes after in the first again', () => {
  const dry = (id: string, start: string, end: string) => ({ id, start, end, hands: 5, use: LINE })
  const blocks = blocksOf([
    plan('a', [
      dry('one', '2026-05-04T19:00', '2026-05-05T06:00'),
      dry('two', '2026-05-04T19:05', '2026-05-05T07:00'),
      dry('three', '2026-05-06T19:00', '2026-05-07T06:00'),
    ]),
  ])
  const lanes = lanesOf(blocks, FROM, TO)
  expect(lanes.map(({ lane }) => lane)).toEqual(['hands', 'line'])
  expect(lanes[1]!.rows.map((row) => row.map(({ step }) => step.id))).toEqual([['one', 'three'], ['two']])
  expect(lanes[0]!.rows).toHaveLength(1)
})

test('a lane without anything in these days is not shown, that of the hands always', () => {
  const blocks = blocksOf([plan('a', [{ id: 'rest', start: '2026-06-04T19:00', end: '2026-06-05T19:00', hands: 0 }])])
  expect(lanesOf(blocks, FROM, TO).map(({ lane }) => lane)).toEqual(['hands'])
  expect(lanesOf(blocks, FROM, at('2026-07-01T00:00')).map(({ lane }) => lane)).toEqual(['hands', 'rest'])
})
