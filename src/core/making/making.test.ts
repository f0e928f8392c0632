import { lessonOf, type Worn } from './lessons'
import { projectStepsOf, type Standing } from './progress'

const standing = (over: Partial<Standing> = {}): Standing => ({
  cloths: [{ role: 'main', isChosen: true, isBought: false, enough: 'enough' }],
  notionsLeft: 0,
  behind: [],
  isFinished: false,
  ...over,
})
const now = (over: Partial<Standing>) => projectStepsOf(standing(over)).find(({ state }) => state === 'now')?.id

it.each([
  ['cloth', { cloths: [{ role: 'main', isChosen: false, isBought: false, enough: null }] }],
  ['cloth', { cloths: [] }],
  ['enough', { cloths: [{ role: 'main', isChosen: true, isBought: false, enough: 'short' }] }],
  ['enough', { cloths: [{ role: 'main', isChosen: true, isBought: false, enough: 'perhaps' }] }],
  ['buy', { notionsLeft: 2 }],
  ['prepare', {}],
  ['cut', { behind: ['prepare'] }],
  // Whoever has cut has chosen, whatever was written down.
  ['sew', { behind: ['cut'], notionsLeft: 3 }],
  ['done', { behind: ['sew'] }],
  [undefined, { isFinished: true }],
] as const)('is at %s', (step, over) => {
  expect(now(over as Partial<Standing>)).toBe(step)
})

it('what is to be bought is not enough by itself, but may be said to be', () => {
  const bought = [{ role: 'main', isChosen: true, isBought: true, enough: 'buy' }] as const
  expect(now({ cloths: bought })).toBe('enough')
  expect(now({ cloths: bought, behind: ['enough'] })).toBe('buy')
})

it('has one step at a time, the earlier behind and the later ahead', () => {
  const states = projectStepsOf(standing({ behind: ['prepare'] })).map(({ state }) => state)
  expect(states).toEqual(['behind', 'behind', 'behind', 'behind', 'now', 'ahead', 'ahead'])
})

describe('what was made before teaches', () => {
  const worn = (wore: Worn['wore'], finished: string, cloth = 'challis'): Worn => ({
    project: 'Cape',
    cloth,
    wore,
    finished,
  })

  it('of the last three, where most agree', () => {
    const list = [
      worn(['creased'], '2026-01-02'),
      worn(['creased', 'shrank'], '2026-03-02'),
      worn(['creased'], '2026-05-02'),
      worn(['faded'], '2020-01-01'),
    ]
    expect(lessonOf('challis', list)).toBe('Your last 3 projects in this fabric: creased more than I liked.')
  })

  it('names the one, where there is one, and says nothing of other cloths or of what nobody said', () => {
    expect(lessonOf('challis', [worn(['pilled'], '2026-01-02')])).toBe(
      'Your last project in this fabric (Cape): pilled.',
    )
    expect(lessonOf('denim', [worn(['pilled'], '2026-01-02')])).toBeNull()
    expect(lessonOf('challis', [worn([], '2026-01-02')])).toBeNull()
    expect(lessonOf(null, [worn(['pilled'], '2026-01-02')])).toBeNull()
  })
})
