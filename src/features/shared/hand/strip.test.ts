import { AT, db, GONE, METRIC, piece } from '../../../../tests/support/ownPages'
import { type PieceInput } from '@/core/notebook/kinds/piece'
import { MeasurementSchema, type MeasurementInput } from '@/core/notebook/measurements'
import { startBurnTest } from '@/server/records/burnTests'
import { addMeasurement } from '@/server/records/measurements'
import { loadStrip } from './strip'

const strip = async (id: string) => (await loadStrip(id, METRIC))!
const measured = (id: string, told: MeasurementInput) =>
  addMeasurement(db, id, MeasurementSchema.parse(told) as never, 'unwashed', AT)
const burnt = (id: string, answers: [string, string][]) => {
  const seen = answers.map(([feature, state]) => ({ specimen: 1, part: 'whole' as const, feature, states: [state] }))
  return startBurnTest(db, { pieceId: id }, AT, {}, seen)
}
const WOOL: [string, string][] = [
  ['approach', 'curls-away'],
  ['ignition', 'slow'],
  ['flame', 'sputtering'],
  ['after-removal', 'dies-soon'],
  ['smell', 'hair-feather'],
  ['residue', 'crushable-bead'],
]

it('has a place for everything that can be found out, in the order of finding it out', async () => {
  const { segments, next, name } = await strip(await piece('Something'))
  expect(name).toBe('Something')
  expect(segments.map(({ id }) => id)).toEqual([
    'fibre',
    'seen',
    'weight',
    'stretch-width',
    'body',
    'opacity',
    'threads',
  ])
  expect(segments.every(({ how }) => how !== 'measured')).toBe(true)
  expect(next).toMatchObject({ says: 'Burn test' })
})

it('leads to the door of each, with the piece in hand', async () => {
  const id = await piece('Something')
  const doors = Object.fromEntries((await strip(id)).segments.map((one) => [one.id, one.href]))
  expect(doors).toMatchObject({
    fibre: `/identify/burn?piece=${id}`,
    seen: `/identify/name?piece=${id}`,
    weight: `/identify/measure/weigh?piece=${id}`,
    'stretch-width': `/identify/measure/stretch?piece=${id}`,
  })
})

it('fills up with what is weighed and burnt, and goes on to what is still open', async () => {
  const id = await piece('Something', { washed: 'unwashed' })
  await measured(id, { kind: 'weighing', grams: 240, lengthMm: 1000, widthMm: 1000 })
  const weighed = (await strip(id)).segments.find((one) => one.id === 'weight')!
  expect(weighed).toMatchObject({ how: 'measured' })
  expect(weighed.value).toContain('240')
  expect((await strip(id)).next).toMatchObject({ href: `/identify/burn?piece=${id}` })
  await burnt(id, WOOL)
  const { segments, next } = await strip(id)
  expect(segments[0]).toMatchObject({ id: 'fibre', how: 'estimated', value: 'most likely wool' })
  expect(next).toMatchObject({ says: 'Name it by looking', href: `/identify/name?piece=${id}` })
})

it('says nothing of a piece that is gone', async () => {
  expect(await loadStrip(GONE, METRIC)).toBeUndefined()
  const input: Partial<PieceInput> = { inHand: true }
  expect((await strip(await piece('In hand', input))).inHand).toBe(true)
})
