import { match } from '@/core/choose/match'
import { offerFrom } from '@/core/fabric/offer'
import { toldPairs } from '../support/cases/pairs'

// Things and cloths as people who sew judge them; common practice, written apart from the tables.
const judged = toldPairs.map(([need, cloth, suits, because]) => {
  const { verdict, reasons } = match(need, offerFrom(cloth))
  const does = verdict === 'suits' || verdict === 'suits-with-changes'
  const isNamed = because === undefined || reasons.slice(0, 2).some(({ property }) => because.includes(property))
  return { told: `${need.garment} of ${cloth.called}`, agrees: does === suits, isNamed, has: because !== undefined }
})
const share = (list: readonly boolean[]) => list.filter(Boolean).length / list.length

it('agrees with the practitioner on 19 of 20', () => {
  expect(judged.filter(({ agrees }) => !agrees).map(({ told }) => told)).toEqual(expect.any(Array))
  expect(share(judged.map(({ agrees }) => agrees))).toBeGreaterThanOrEqual(0.95)
})

it('names what decides among the first two reasons in 9 of 10', () => {
  expect(share(judged.filter(({ has }) => has).map(({ isNamed }) => isNamed))).toBeGreaterThanOrEqual(0.9)
})
