import likelihoodTables from '../../../tests/reference/likelihoodTables.json'
import { FEATURE_IDS, OBSERVED_STATES } from '../vocabulary/observations'
import { reportsInFull, reportsOf } from './reports'
import { type ReportRows, type Reports } from './types'

/** The same made-up rows for every feature: all on its first state. */
const plain = Object.fromEntries(
  FEATURE_IDS.map((feature) => [feature, { [OBSERVED_STATES[feature][0]]: 100 }]),
) as unknown as ReportRows
const strange = (reports: object) => reports as unknown as Reports

it('tells "like X, except" in full, also over two steps', () => {
  const smoke = { pale: 100 }
  const told = reportsInFull({
    third: { like: 'second' as 'wool', except: {} },
    second: { like: 'first' as 'wool', except: { smoke } },
    first: plain,
  })
  expect(told.third).toEqual({ ...plain, smoke })
  expect(told.first).toEqual(plain)
})

it('refuses by name what is not known, missing, or like itself', () => {
  expect(() => reportsInFull({ a: strange({ ...plain, taste: {} }) })).toThrow(
    /a: nothing observable is called "taste"/,
  )
  expect(() => reportsInFull({ a: strange({ ...plain, smoke: { blue: 1 } }) })).toThrow(
    /a: "blue" is no state of smoke/,
  )
  expect(() => reportsInFull({ a: strange({}) })).toThrow(/a: nothing is said of "approach"/)
  expect(() => reportsInFull({ a: strange({ like: 'b', except: {} }) })).toThrow(/a: like "b", which is no fibre/)
  expect(() =>
    reportsInFull({ a: strange({ like: 'b', except: {} }), b: strange({ like: 'a', except: {} }) }),
  ).toThrow(/it is like itself \(a, b\)/)
})

it('gives a row a fibre', () => {
  expect(reportsOf('float')).toEqual(likelihoodTables.float)
})
