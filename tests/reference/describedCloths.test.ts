import { nameCloth } from '@/core/cloths/name'
import { describedCloths } from '../support/describedCloths'

// Descriptions as people at a table give them; see their own file for where they come from.
const ranks = describedCloths.map(
  ({ id, description }) => [id, nameCloth(description).names.findIndex((name) => name.id === id)] as const,
)
const within = (places: number) => ranks.filter(([, rank]) => rank >= 0 && rank < places).length / ranks.length

it('puts the right name first for at least 85 of 100 descriptions', () => {
  expect(ranks.length).toBeGreaterThanOrEqual(80)
  expect(within(1)).toBeGreaterThanOrEqual(0.85)
})

it('puts it among the first three for at least 97 of 100', () => {
  expect(within(3)).toBeGreaterThanOrEqual(0.97)
})
