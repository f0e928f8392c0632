import { kept as keptReadings } from '../../tests/support/kept'
import { measuredOf, readingsOfKind } from '../core/notebook/measurements'
import { ofKind } from '../core/notebook/measurements/kept'
import { shrinkageOf } from '../core/notebook/measurements/shrinkage'
import { demoMeasurements } from './measurements'
import { demoPieces } from './pieces'

const kept = (name: string) => keptReadings(demoMeasurements[name]!, 'unknown')

it('measures only pieces that there are, and nothing impossible', () => {
  const names = new Set(demoPieces.map(({ piece }) => piece.name))
  for (const name of Object.keys(demoMeasurements)) {
    expect([name, names.has(name)]).toEqual([name, true])
    expect(() => measuredOf(kept(name))).not.toThrow()
    expect(() => shrinkageOf(readingsOfKind(kept(name), 'shrinkage'))).not.toThrow()
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
