import { ofKind, MeasurementSchema, type KeptMeasurement } from '../core/notebook/measurements'
import { measuredOf, shrinkageOf } from '../core/notebook/measured'
import { demoMeasurements } from './measurements'
import { demoPieces } from './pieces'

const kept = (name: string): KeptMeasurement[] =>
  demoMeasurements[name]!.map((told, index) => ({
    id: index,
    state: 'unknown',
    data: MeasurementSchema.parse(told),
    at: '',
  }))

it('measures only pieces that there are, and nothing impossible', () => {
  const names = new Set(demoPieces.map(({ piece }) => piece.name))
  for (const name of Object.keys(demoMeasurements)) {
    expect([name, names.has(name)]).toEqual([name, true])
    expect(() => measuredOf(kept(name))).not.toThrow()
    expect(() => shrinkageOf(kept(name))).not.toThrow()
  }
})

it('shows every kind of test at least once', () => {
  const all = Object.keys(demoMeasurements).flatMap(kept)
  const missing = (
    [
      'stretch',
      'cantilever',
      'draped-disc',
      'drape-grade',
      'opacity',
      'crease',
      'water-drop',
      'crocking',
      'wash-square',
      'grain',
      'count',
      'yarns',
      'inspection',
      'lie',
    ] as const
  ).filter((kind) => ofKind(all, kind).length === 0)
  expect(missing).toEqual([])
})
