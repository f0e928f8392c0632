import { seen } from '../../../tests/support/seen'
import { featureById } from './features'
import { identify } from './identify'
import { COMMON_WORTH, ownReports, ownWays, personalFeature, type ControlBurn } from './observerCalibration'
import { weightsOf } from './weights'

const nylonSweet: ControlBurn = {
  fibre: 'nylon',
  observations: seen({ melting: 'melts-drips', smell: 'sweet-chemical', residue: 'hard-bead', crush: 'resists' }),
}
const times = (count: number, burn: ControlBurn) => Array.from({ length: count }, () => burn)
const share = (burns: readonly ControlBurn[], fibre: 'nylon' | 'polyester', state: string) => {
  const weights = weightsOf(personalFeature(featureById('smell'), ownReports(burns)))
  return weights[fibre][state]! / Object.values(weights[fibre]).reduce((sum, weight) => sum + weight, 0)
}

it('leaves the common table as it is where nobody taught it', () => {
  expect(personalFeature(featureById('smell'), ownReports([]))).toBe(featureById('smell'))
})

it('moves with consistent reports, a little at a time', () => {
  const shares = [0, 1, 3, 6, 12].map((count) => share(times(count, nylonSweet), 'nylon', 'sweet-chemical'))
  shares.slice(1).forEach((value, index) => expect(value).toBeGreaterThan(shares[index]!))
  // One slip is worth half a report of twelve.
  expect(shares[1]! - shares[0]!).toBeLessThan(0.5 / COMMON_WORTH)
})

it('never counts a person for more than everybody', () => {
  const [common, many] = [
    share([], 'nylon', 'sweet-chemical'),
    share(times(500, nylonSweet), 'nylon', 'sweet-chemical'),
  ]
  expect(many).toBeLessThanOrEqual((common + 1) / 2 + 1e-9)
  expect(many).toBeGreaterThan(0.45)
})

it('teaches a row of the fibre burnt, and no other', () => {
  expect(share(times(6, nylonSweet), 'polyester', 'sweet-chemical')).toBe(share([], 'polyester', 'sweet-chemical'))
})

it('teaches what burns the same: fibres that share a row share what was learnt', () => {
  const taught = personalFeature(
    featureById('smell'),
    ownReports(times(6, { fibre: 'wool', observations: seen({ smell: 'acrid-chemical' }) })),
  )
  expect(weightsOf(taught).hair).toEqual(weightsOf(taught).wool)
  expect(weightsOf(taught).silk).toBe(weightsOf(featureById('smell')).silk)
})

it('shares one report between two smells named at once', () => {
  const both = ownReports([{ fibre: 'acetate', observations: seen({ smell: ['vinegar', 'paper'] }) }])
  expect([...both.get('smell')!.values()][0]).toEqual({ vinegar: 0.5, paper: 0.5 })
})

it('makes a sweet-smelling bead likelier to be nylon for a person who smells nylon so', () => {
  const unknown = seen({
    melting: 'melts-drips',
    smoke: 'pale',
    smell: 'sweet-chemical',
    residue: 'hard-bead',
    'residue-colour': 'brown',
  })
  const nylon = (controls: ControlBurn[]) =>
    identify({ observations: unknown, controls }).fibres.find(({ id }) => id === 'nylon')!.present
  expect(nylon(times(6, nylonSweet))).toBeGreaterThan(nylon([]) * 1.3)
})

it('tells where a person differs from most, the largest first', () => {
  const ways = ownWays(times(5, nylonSweet))
  expect(ways[0]).toMatchObject({ feature: 'smell', fibres: ['nylon'], says: 'sweet-chemical' })
  expect(ways[0]!.own).toBeGreaterThan(ways[0]!.common)
  expect(ownWays([])).toEqual([])
})

it('refuses what cannot be observed', () => {
  expect(() => ownReports([{ fibre: 'wool', observations: [{ feature: 'taste', states: ['salty'] }] }])).toThrow(
    /taste/,
  )
})
