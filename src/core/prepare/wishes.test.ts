import { planFaults } from '../../../tests/support/plan/checker'
import { dice } from '../../../tests/support/seen'
import { offerFrom } from '../fabric/offer'
import { minutesOf, writtenAt } from './minutes'
import { planPreparations, type PreparationPlan, type Undertaking } from './prepare'
import { latenessOf, turnsOf } from './priority'
import { schedule } from './schedule'
import { step } from './step'
import { joinTrips } from './trip'

const household = { washerKg: 6, dryer: false, lineMetres: 3, celsius: 18, humidityPercent: 60 }
const at = (written: string) => minutesOf(written)!
const evenings = Array.from({ length: 60 }, (_, i) => {
  const day = writtenAt(at('2026-05-01T00:00') + i * 1440).slice(0, 10)
  return { start: at(`${day}T18:00`), end: at(`${day}T20:00`) }
})
const one = (id: string, rest: Partial<Undertaking> = {}): Undertaking => ({
  pieces: [
    {
      id,
      offer: offerFrom({ called: 'calico' }),
      grams: 500,
      willBeWashed: 'warm',
      shade: 'light',
      bleeds: null,
      testSquare: null,
    },
  ],
  project: { garment: 'apron' },
  ...rest,
})
const plan = (all: Undertaking[]) => planPreparations(all, { household, free: evenings, schools: {} }, dice(1))
const stepOf = ({ steps }: PreparationPlan, id: string) => steps.find((told) => told.id === id)!
const free = evenings.map(({ start, end }) => ({ start: writtenAt(start), end: writtenAt(end) }))

function faultsOf(plans: readonly PreparationPlan[], all: readonly Undertaking[]): string[] {
  const steps = plans.flatMap((told, i) =>
    told.steps.map((step) => ({ ...step, id: `${step.id} ${i}`, after: step.after.map((id) => `${id} ${i}`) })),
  )
  const unscheduled = plans.flatMap((told, i) => told.unscheduled.map((id) => `${id} ${i}`))
  const pieces = all.flatMap((undertaking) => undertaking.pieces.map(({ id, grams }) => ({ id, grams })))
  return planFaults({ steps, loads: [], unscheduled, finish: null }, { pieces, household, free })
}

describe('a step that was put at a time', () => {
  it('keeps it, and what it waits for comes before it', () => {
    const [usual] = plan([one('a'), one('b')])
    const wish = at('2026-05-20T18:30')
    const plans = plan([one('a', { placed: new Map([['hem', wish]]) }), one('b')])
    expect(stepOf(plans[0]!, 'hem').start).toBe('2026-05-20T18:30')
    expect(stepOf(usual!, 'hem').start).not.toBe('2026-05-20T18:30')
    expect(faultsOf(plans, [one('a'), one('b')])).toEqual([])
  })
  it('draws what it waits for before the steps of projects that come first', () => {
    const last = one('c')
    const [, , alone] = plan([one('a'), one('b'), last])
    const sooner = writtenAt(at(stepOf(alone!, 'mark').start!) - 2880)
    const plans = plan([one('a'), one('b'), { ...last, placed: new Map([['mark', at(sooner)]]) }])
    expect(stepOf(plans[2]!, 'mark').start).toBe(sooner)
    expect(faultsOf(plans, [one('a'), one('b'), last])).toEqual([])
  })
  it.each([
    ['before anything could be over', '2026-05-01T18:00'],
    ['outside the free hours', '2026-05-20T09:00'],
    ['over the end of the free hours', '2026-05-20T19:50'],
    ['before the plan begins', '2026-04-01T18:00'],
  ])('is placed like any other where its time is %s', (_, written) => {
    const all = [one('a', { placed: new Map([['hem', at(written)]]) })]
    const plans = plan(all)
    expect(stepOf(plans[0]!, 'hem').start).not.toBe(written)
    expect(stepOf(plans[0]!, 'hem').start).toBe(stepOf(plan([one('a')])[0]!, 'hem').start)
    expect(faultsOf(plans, all)).toEqual([])
  })
  it('two at the same time do not both get it, and nothing is lost', () => {
    const time = at('2026-05-20T18:00')
    const all = [one('a', { placed: new Map([['hem', time]]) }), one('b', { placed: new Map([['hem', time]]) })]
    const plans = plan(all)
    expect(plans.map((told) => stepOf(told, 'hem').start).filter((start) => start === writtenAt(time))).toHaveLength(
      1,
    )
    expect(faultsOf(plans, all)).toEqual([])
  })
  it('a wash that is placed has its drying soon after it', () => {
    const all = [one('a', { placed: new Map([['load-a:wash', at('2026-05-11T18:00')]]) }), one('b')]
    const plans = plan(all)
    const [wash, dry] = [stepOf(plans[0]!, 'load-a:wash'), stepOf(plans[0]!, 'a:dry')]
    expect(wash.start).toBe('2026-05-11T18:00')
    expect(at(dry.start!) - at(wash.end!)).toBeLessThanOrEqual(240)
    expect(faultsOf(plans, all)).toEqual([])
  })
  it('whatever is placed wherever, the plan can be followed', () => {
    const next = dice(7)
    const ids = ['buy', 'load-a:wash', 'a:dry', 'a:press', 'a:rest', 'cut', 'mark', 'hem', 'finish', 'no such step']
    for (let round = 0; round < 40; round++) {
      const all = ['a', 'b', 'c'].map((id) =>
        one(id, {
          placed: new Map(
            ids
              .filter(() => next() < 0.4)
              .map((step) => [
                step.replace('a', id),
                evenings[Math.floor(next() * 20)]!.start + 10 * Math.floor(next() * 12),
              ]),
          ),
          priority: (['first', 'usual', 'later'] as const)[Math.floor(next() * 3)]!,
          wish: next() < 0.5 ? evenings[Math.floor(next() * 60)]!.end : null,
        }),
      )
      expect(faultsOf(plan(all), all)).toEqual([])
    }
  })
})

describe('wish dates and priorities', () => {
  it('turn by priority, then the earliest wish, then as they were begun', () => {
    expect(
      turnsOf([
        {},
        { wish: 500 },
        { wish: 100 },
        { priority: 'first' },
        { priority: 'later', wish: 1 },
        { priority: 'usual', wish: null },
      ]),
    ).toEqual([3, 2, 1, 0, 5, 4])
  })
  it('being late weighs by priority; who has no wish is never late', () => {
    expect(latenessOf([{ wish: 100, priority: 'first' }, { wish: 100 }, {}], [110, 105, 9999])).toBe(50)
    expect(latenessOf([{ wish: 100 }, { wish: 1 }], [100, null])).toBe(0)
  })
  it('a project that was begun last is done first where it is wished first', () => {
    const all = [one('a'), one('b'), one('c')]
    const alone = plan([one('c')])[0]!.finish!
    const usual = plan(all).map(({ finish }) => finish!)
    const wished = plan([all[0]!, all[1]!, one('c', { priority: 'first' })]).map(({ finish }) => finish!)
    expect(wished[2]! < usual[2]!).toBe(true)
    // It waits for nobody but the two that are in the shop with it.
    expect(at(wished[2]!) - at(alone)).toBeLessThanOrEqual(30)
    const dated = plan([all[0]!, all[1]!, one('c', { wish: at(alone) })]).map(({ finish }) => finish!)
    expect(dated[2]).toBe(wished[2])
  })
})

describe('where the hours do not do for all', () => {
  it('a wish date leaves no more steps without a time than none', () => {
    const few = evenings.slice(0, 8)
    const planned = (all: Undertaking[]) =>
      planPreparations(all, { household, free: few, schools: {} }, dice(1)).flatMap(({ unscheduled }) => unscheduled)
    const none = planned([one('a'), one('b'), one('c')]).length
    expect(none).toBeGreaterThan(0)
    const wish = few[2]!.end
    expect(planned([one('a'), one('b', { wish }), one('c', { wish })]).length).toBeLessThanOrEqual(none)
  })
})

describe('shopping', () => {
  it('is one way for all, its parts one after another', () => {
    const all = [one('a'), one('b'), one('c')]
    const plans = plan(all)
    const buys = plans.map((told) => stepOf(told, 'buy')).sort((x, y) => x.start!.localeCompare(y.start!))
    expect(buys.map(({ hands }) => hands)).toEqual([60, 15, 15])
    expect(buys[1]!.start).toBe(buys[0]!.end)
    expect(buys[2]!.start).toBe(buys[1]!.end)
    expect(faultsOf(plans, all)).toEqual([])
  })
  it('is as many ways as the longest free time asks for', () => {
    const steps = Array.from({ length: 8 }, (_, i) => step(`${i} buy`, 'buy', [], { text: '', why: '', hands: 60 }))
    const { steps: trips } = joinTrips(steps, 120)
    expect(trips.map(({ hands }) => hands)).toEqual([120, 90])
    expect(joinTrips(steps, 60).steps.map(({ hands }) => hands)).toEqual(steps.map(() => 60))
  })
  it('that was done by one project stays with the others', () => {
    const plans = plan([one('a', { done: ['buy'] }), one('b')])
    expect(stepOf(plans[0]!, 'buy')).toBeUndefined()
    expect(stepOf(plans[1]!, 'buy').hands).toBe(60)
  })
})

test('the least of being late is taken before the order that comes first', () => {
  const steps = [60, 80].map((hands) => step(`${hands}`, 'sew', [], { text: '', why: '', hands }))
  const startOfShort = (lateness?: (timed: readonly { id: string; start: number }[]) => number) =>
    schedule(steps, [{ start: 0, end: 1000 }], household, dice(1), {}, lateness).timed.find(({ id }) => id === '60')!
      .start
  expect(startOfShort()).toBe(80)
  expect(startOfShort((timed) => timed.find(({ id }) => id === '60')!.start)).toBe(0)
})
