import { seen } from '../../../tests/support/seen'
import { featureById } from './features'
import { glance, identify } from './identify'
import { beliefSteps, whatIf } from './whatIf'

const observations = seen({ melting: 'melts-drips', smell: 'sweet-chemical', residue: 'hard-bead' })
const acetate = ({ families }: { families: { id: string; present: number }[] }) =>
  families.find(({ id }) => id === 'acetate')!.present

it('gives the belief for each answer, and says which was given', () => {
  const supposed = whatIf({ observations }, 'smell', 'whole')
  expect(supposed.map(({ state }) => state)).toEqual(featureById('smell').states.map(({ id }) => id))
  expect(supposed.filter(({ said }) => said).map(({ state }) => state)).toEqual(['sweet-chemical'])
  const vinegar = supposed.find(({ state }) => state === 'vinegar')!
  expect(acetate(vinegar)).toBeGreaterThan(10 * acetate(identify({ observations })))
  expect(vinegar.verdict.ids).toContain('acetate')
})

it('agrees with the answer itself for what was said, and changes nothing', () => {
  const before = JSON.stringify(observations)
  const said = whatIf({ observations }, 'smell', 'whole').find((one) => one.said)!
  expect(said.families).toEqual(identify({ observations }).families)
  expect(JSON.stringify(observations)).toBe(before)
})

it('changes one part only where parts were tested apart', () => {
  const apart = [...seen({ smell: 'paper' }, 'warp'), ...seen({ smell: 'hair-feather' }, 'weft')]
  const supposed = whatIf({ observations: apart }, 'smell', 'weft')
  expect(supposed.find(({ said }) => said)!.state).toBe('hair-feather')
  const paper = supposed.find(({ state }) => state === 'paper')!
  expect(paper.families.find(({ id }) => id === 'protein')!.present).toBeLessThan(0.1)
})

it('tells the belief step by step, from before anything to all of it', () => {
  const steps = beliefSteps({ observations })
  expect(steps).toHaveLength(observations.length + 1)
  expect(steps[0]!.families).toEqual(glance({ observations: [] }).families)
  expect(steps.at(-1)!.families).toEqual(identify({ observations }).families)
})
