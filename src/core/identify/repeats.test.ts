import { reportRepeatsOf, type SpecimenObservation } from './repeats'

const one = (
  specimen: number,
  feature: string,
  states: string[],
  part: SpecimenObservation['part'] = 'whole',
): SpecimenObservation => ({ specimen, feature, states, part })

it('lays specimens side by side, in the order of the test, and averages nothing', () => {
  const rows = reportRepeatsOf([
    one(2, 'residue', ['hard-bead']),
    one(1, 'residue', ['crushable-bead']),
    one(1, 'smell', ['hair-feather']),
    one(2, 'smell', ['hair-feather', 'acrid-chemical']),
    one(1, 'smoke', ['pale']),
  ])
  expect(rows.map(({ feature, how }) => [feature.id, how])).toEqual([
    ['smoke', 'once'],
    ['smell', 'agree'],
    ['residue', 'differ'],
  ])
  expect(rows[2]!.bySpecimen).toEqual([
    { specimen: 1, states: ['crushable-bead'] },
    { specimen: 2, states: ['hard-bead'] },
  ])
})

it('never sets warp against weft, and leaves out what went by unseen', () => {
  const rows = reportRepeatsOf([
    one(1, 'smell', ['paper'], 'warp'),
    one(2, 'smell', ['hair-feather'], 'weft'),
    one(3, 'smoke', []),
  ])
  expect(rows.map(({ part, how }) => [part, how])).toEqual([
    ['warp', 'once'],
    ['weft', 'once'],
  ])
})
