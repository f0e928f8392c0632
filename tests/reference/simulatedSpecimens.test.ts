import { identify } from '@/core/identify/identify'
import { type FibreId } from '@/core/vocabulary/fibres'
import { fibreById } from '@/core/fibres/catalogue'
import { dice } from '../support/seen'
import { alikeFamilies, burnOnce, SIMULATED } from '../support/specimens'

interface Outcome {
  fibre: FibreId
  level: string
  right: boolean
  probability: number
}

/** Many burns of every simulated fibre, judged: right where nothing false is claimed. */
function burnMany(each: number, seed: number): Outcome[] {
  const chance = dice(seed)
  return SIMULATED.flatMap((fibre) =>
    Array.from({ length: each }, (): Outcome => {
      const { verdict } = identify({ observations: burnOnce(fibre, chance) })
      const alike = alikeFamilies(fibre)
      const right =
        verdict.level === 'fibre'
          ? verdict.ids[0] === fibre
          : verdict.level === 'family' || verdict.level === 'group'
            ? verdict.ids.includes(fibreById(fibre).family) || verdict.ids.some((id) => alike.includes(id))
            : verdict.level === 'undecided'
      return { fibre, level: verdict.level, right, probability: verdict.probability }
    }),
  )
}

const outcomes = burnMany(60, 5)
const claims = outcomes.filter(({ level }) => level !== 'undecided')
const share = (list: readonly Outcome[], test: (outcome: Outcome) => boolean) =>
  list.filter(test).length / list.length

// The simulator's specimens are correlated, half seen and sometimes mistaken; its structure is not the tables'.
it('claims something in at least three burns of four', () => {
  expect(claims.length / outcomes.length).toBeGreaterThan(0.75)
})

it('is wrong in fewer than one claim of twenty', () => {
  expect(share(claims, ({ right }) => !right)).toBeLessThan(0.05)
})

it('is right at least as often as it says, in every band of probability', () => {
  for (const [from, to] of [
    [0.8, 0.9],
    [0.9, 0.97],
    [0.97, 1.001],
  ] as const) {
    const band = claims.filter(({ probability }) => probability >= from && probability < to)
    expect(band.length).toBeGreaterThan(20)
    expect([from, share(band, ({ right }) => right) >= from - 0.05]).toEqual([from, true])
  }
})

it.each(SIMULATED.map((fibre) => [fibre]))('never claims a finer thing of %s than a flame can carry', (fibre) => {
  const own = claims.filter((outcome) => outcome.fibre === fibre && outcome.level === 'fibre')
  if (['cotton', 'linen', 'hemp', 'viscose', 'lyocell', 'wool', 'hair'].includes(fibre)) expect(own).toEqual([])
  else
    expect(
      share([...own, { fibre, level: 'fibre', right: true, probability: 1 }], ({ right }) => right),
    ).toBeGreaterThan(0.9)
})

it('a second specimen helps: fewer burns are left undecided', () => {
  const chance = dice(9)
  const undecided = (specimens: number) =>
    SIMULATED.flatMap((fibre) =>
      Array.from(
        { length: 15 },
        () =>
          identify({ observations: Array.from({ length: specimens }, () => burnOnce(fibre, chance)).flat() }).verdict
            .level,
      ),
    ).filter((level) => level === 'undecided').length
  expect(undecided(2)).toBeLessThan(undecided(1))
})

it('refuses a fibre that it has no specimen of', () => {
  expect(() => burnOnce('glass', dice(1))).toThrow(/no specimen of glass/)
})
