import { featureById } from '../identify/features'
import { type FeatureId } from '../vocabulary/observations'
import { NAMED, isPossible } from './possible'
import { burnOf } from './specimen'
import { topics } from './topics'

const shownIn = (burn: ReturnType<typeof burnOf>, part: string) =>
  burn
    .filter((one) => (one.part ?? 'whole') === part)
    .flatMap(({ feature, states }) => states.map((state) => `${feature}:${state}`))

test('every state that rules another out is one that can be reported', () => {
  for (const name of NAMED) {
    const [feature, state] = name.split(':') as [FeatureId, string]
    expect(featureById(feature).states.map(({ id }) => id)).toContain(state)
  }
})

test('no specimen of any topic shows what none could', () => {
  const impossible = topics.flatMap((topic) =>
    Array.from({ length: 60 }, (_, seed) => burnOf(topic, seed)).flatMap((burn) =>
      ['whole', 'warp', 'weft'].flatMap((part) => {
        const shown = shownIn(burn, part)
        return shown.flatMap((state, i) =>
          isPossible(state, shown.slice(0, i)) ? [] : [`${topic.id}: ${shown.join(', ')}`],
        )
      }),
    ),
  )
  expect(impossible).toEqual([])
})

test('soft ash does not stay hard, and what never lit does not smoke black', () => {
  expect(isPossible('crush:resists', ['residue:soft-ash'])).toBe(false)
  expect(isPossible('smoke:black-sooty', ['after-removal:never-lit'])).toBe(false)
  expect(isPossible('crush:resists', ['residue:hard-bead'])).toBe(true)
})
