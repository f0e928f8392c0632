import { seen } from '../../../tests/support/seen'
import { featureById, features } from './features'
import { identify } from './identify'
import { WORTH_DOING_BITS } from './nextTest'
import { type NextTest } from './types'

const cellulose = {
  flame: 'yellow-fast',
  melting: 'none',
  'after-removal': 'burns-on',
  smell: 'paper',
  residue: 'soft-ash',
  crush: 'powders',
}

it('offers something of everything that is not yet seen, each once, each worth doing', () => {
  const { next } = identify({ observations: seen({ smell: 'hair-feather' }) })
  const offered = next.map(({ feature }) => feature)
  expect(new Set(offered).size).toBe(offered.length)
  expect(offered).not.toContain('smell')
  for (const { bits, hazard, feature, text } of next) {
    expect(bits).toBeGreaterThanOrEqual(WORTH_DOING_BITS)
    expect(hazard).toBe(featureById(feature).hazard)
    expect(text.length).toBeGreaterThan(20)
  }
})

it('says what each of the likely cloths would answer', () => {
  const { next } = identify({ observations: seen(cellulose) })
  const wet = next.find(({ feature }) => feature === 'wet-strength')!
  expect(wet.text).toMatch(/Cotton would most often give “stronger wet”, viscose “weaker wet”/)
  expect(wet.hazard).toBe('none')
})

it('asks at the flame first where nothing is known', () => {
  const [first] = identify({ observations: [] }).next
  expect(featureById(first!.feature).kind).toBe('burn')
})

it('offers a dangerous test only where it tells much more for its danger', () => {
  const { next } = identify({ observations: seen({ melting: 'melts-drips' }) })
  const [acetone, pull] = ['acetone', 'yarn-break'].map((feature) => next.find((test) => test.feature === feature)!)
  // Acetone would tell more, and by bits and minutes alone it would come first.
  const perMinutes = ({ bits, feature }: NextTest) => bits / (1 + featureById(feature).minutes / 15)
  expect(perMinutes(acetone!)).toBeGreaterThan(perMinutes(pull!))
  expect(next.indexOf(acetone!)).toBeGreaterThan(next.indexOf(pull!))
})

it('brings acetone in where acetate is in the running', () => {
  const { next } = identify({
    observations: seen({ melting: 'melts-drips', smell: ['vinegar', 'acrid-chemical'], residue: 'hard-bead' }),
  })
  const acetone = next.find(({ feature }) => feature === 'acetone')
  expect(acetone?.hazard).toBe('solvent')
  expect(acetone!.bits).toBeGreaterThan(0.1)
})

it('counts for less what only repeats a look already taken', () => {
  const fresh = identify({ observations: seen({ smell: 'paper' }) }).next.find(({ feature }) => feature === 'crush')!
  const again = identify({ observations: seen({ smell: 'paper', 'residue-colour': 'grey' }) }).next.find(
    ({ feature }) => feature === 'crush',
  )
  expect(again === undefined || again.bits < fresh.bits).toBe(true)
})

it('can be followed to the end: each answer leaves one test fewer', () => {
  const asked: string[] = []
  let observations = seen({ smell: 'paper' })
  for (let step = 0; step < features.length; step++) {
    const [test] = identify({ observations }).next
    if (!test) break
    asked.push(test.feature)
    observations = [
      ...observations,
      { feature: test.feature, states: [featureById(test.feature).states[0]!.id], part: 'whole' },
    ]
  }
  expect(new Set(asked).size).toBe(asked.length)
  expect(identify({ observations }).next.length).toBeLessThan(features.length - asked.length)
})

it('does not ask of the whole again what both directions have answered, and says of which part it speaks', () => {
  const { next, byPart } = identify({
    observations: [...seen(cellulose, 'warp'), ...seen({ smell: 'hair-feather' }, 'weft')],
  })
  expect(next.some(({ feature }) => feature in cellulose)).toBe(false)
  expect(next.every(({ part }) => part === 'whole')).toBe(true)
  expect(byPart!.weft!.next.every(({ part }) => part === 'weft')).toBe(true)
  expect(byPart!.weft!.next.some(({ feature }) => feature === 'crush')).toBe(true)
})
