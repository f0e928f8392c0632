import { featureById } from '@/core/identify/features'
import { identify } from '@/core/identify/identify'
import { KNOWN } from './firstSteps'

test.each(KNOWN)('what $title is said to show is what the bench asks, and takes for it', ({ id, seen }) => {
  const observations = Object.entries(seen).map(([feature, states]) => ({ feature, states: [...states] }))
  for (const { feature, states } of observations)
    for (const state of states) expect(featureById(feature).states.map((one) => one.id)).toContain(state)
  const { families } = identify({ observations })
  const first = families.toSorted((a, b) => b.only - a.only)[0]!.id
  expect(first).toBe(id === 'cotton' ? 'plant' : 'synthetic')
})
