import { planFaults } from '../../../tests/support/plan/checker'
import { dice } from '../../../tests/support/seen'
import { offerFrom, type Described } from '../fabric/offer'
import { GARMENTS } from '../vocabulary/choosing'
import { dryingMinutes, heldAfterSpin, saturatedKPa, wetBulb } from './drying'
import { loadsOf } from './loads'
import { windowsFrom } from './hours'
import { minutesOf, writtenAt } from './minutes'
import { planPreparation, planPreparations, type Shared, type Undertaking } from './prepare'
import { lowerBound, schedule, remainingMinutes } from './schedule'
import { step } from './step'
import { preparationStepsOf } from './steps'
import { SHADES, squareNeeded, WASHES, washPlan, type PiecePlanned } from './washing'

const piece = (id: string, fabric: Described, rest: Partial<PiecePlanned> = {}): PiecePlanned => ({
  id,
  offer: offerFrom(fabric),
  grams: 500,
  willBeWashed: 'warm',
  shade: 'light',
  bleeds: null,
  testSquare: null,
  ...rest,
})
const household = { washerKg: 6, dryer: true, lineMetres: 12, celsius: 18, humidityPercent: 60 }
const day = (date: string, from = '09:00', to = '12:00') => ({
  start: minutesOf(`${date}T${from}`)!,
  end: minutesOf(`${date}T${to}`)!,
})
const month = Array.from({ length: 28 }, (_, i) => day(`2026-05-${String(i + 1).padStart(2, '0')}`))
type Asked = Undertaking & Shared
const asked = (rest: Partial<Asked> = {}): Asked => ({
  pieces: [piece('main', { called: 'linen', gsm: 185 })],
  project: null,
  household,
  free: month,
  schools: {},
  ...rest,
})
const planOf = (rest: Partial<Asked> = {}) => planPreparation(asked(rest), asked(rest), dice(1))

describe('the clock', () => {
  it.each(['1970-01-01T00:00', '2024-02-29T23:59', '2000-03-01T12:30', '1999-12-31T00:01', '2100-02-28T09:00'])(
    'reads and writes %s as the calendar has it',
    (written) => {
      expect(minutesOf(written)).toBe(Date.parse(`${written}:00Z`) / 60_000)
      expect(writtenAt(minutesOf(written)!)).toBe(written)
    },
  )
  it.each(['2026-02-29T09:00', '2026-13-01T09:00', '2026-05-02T24:00', '2026-05-02', 'soon'])(
    'refuses %s',
    (written) => expect(minutesOf(written)).toBeUndefined(),
  )
})

describe('washing', () => {
  const ways = (fabric: Described, rest: Partial<PiecePlanned> = {}, schools = {}) =>
    washPlan(piece('x', fabric, rest), schools)
  it('washes cotton as it will be washed, hotter or twice by the school', () => {
    expect(ways({ called: 'quilting cotton' })).toMatchObject({ way: 'machine', celsius: 40, times: 1 })
    expect(ways({ called: 'quilting cotton' }, {}, { prewash: 'hotter' }).celsius).toBe(60)
    expect(ways({ called: 'quilting cotton' }, {}, { prewash: 'twice' }).times).toBe(2)
  })
  it('takes silk by hand and flat, or leaves it to the cleaner', () => {
    expect(ways({ called: 'crepe de chine', fibres: ['silk'] })).toMatchObject({
      way: 'hand',
      dry: 'flat',
      isSpun: false,
    })
    expect(ways({ called: 'crepe de chine', fibres: ['silk'] }, {}, { silk: 'dry-clean' }).way).toBe('steam')
  })
  it('never hangs wet viscose, never tumbles it', () => {
    for (const viscose of ['cold-flat', 'hot-then-cold'])
      expect(ways({ called: 'challis' }, { willBeWashed: 'hot' }, { viscose }).dry).toBe('flat')
  })
  it('steams what will be dry-cleaned, and puts no film in water', () => {
    expect(ways({ called: 'coating' }, { willBeWashed: 'dry-clean' }).way).toBe('steam')
    expect(ways({ called: 'oilcloth' }).way).toBe('none')
    expect(ways({ called: 'linen' }, { willBeWashed: 'never' }).way).toBe('none')
  })
  it('washes nothing a second time that was washed already', () => {
    expect(ways({ called: 'linen', washed: true })).toMatchObject({ way: 'none', because: ['washed-already'] })
    expect(squareNeeded(piece('x', { called: 'challis', washed: true }))).toBeUndefined()
    expect(ways({ called: 'linen', washed: false }).way).toBe('machine')
  })
  it('asks for a square where it matters, and not again', () => {
    expect(squareNeeded(piece('x', { called: 'challis' }))).toMatch(/square/)
    expect(squareNeeded(piece('x', { called: 'linen' }))).toBeUndefined()
    expect(squareNeeded(piece('x', { called: 'linen' }, { shade: 'red' }))).toMatch(/run/)
    expect(squareNeeded(piece('x', { called: 'linen' }, { shade: 'red', bleeds: false }))).toBeUndefined()
    expect(squareNeeded(piece('x', { called: 'challis' }, { testSquare: 'passed' }))).toBeUndefined()
    expect(squareNeeded(piece('x', {}))).toMatch(/not known/)
  })
})

describe('loads', () => {
  const of = (...pieces: PiecePlanned[]) =>
    loadsOf(
      pieces.map((one) => ({ piece: one, plan: washPlan(one, {}) })),
      household,
    )
  const cotton = { called: 'calico' }
  it('part white from dark, and what runs from everything', () => {
    const { loads } = of(
      piece('a', cotton, { shade: 'white' }),
      piece('b', cotton, { shade: 'white' }),
      piece('c', cotton, { shade: 'dark' }),
      piece('d', cotton, { shade: 'dark', bleeds: true }),
      piece('e', cotton, { shade: 'red' }),
      piece('f', cotton, { shade: 'red', bleeds: false }),
      piece('g', cotton, { shade: 'bright', bleeds: false }),
    )
    expect(loads.map(({ pieces }) => pieces.sort().join())).toEqual(
      expect.arrayContaining(['a,b', 'c', 'd', 'e', 'f,g']),
    )
  })
  it('part hot from cool, never fill the drum over, and say what fits none', () => {
    const { loads, tooHeavy } = of(
      ...['a', 'b', 'c'].map((id) => piece(id, cotton, { grams: 2500 })),
      piece('hot', cotton, { willBeWashed: 'hot', grams: 1000 }),
      piece('huge', cotton, { grams: 9000 }),
    )
    expect(Math.max(...loads.map(({ kg }) => kg))).toBeLessThanOrEqual(6)
    expect(loads.filter(({ celsius }) => celsius === 60).flatMap(({ pieces }) => pieces)).toEqual(['hot'])
    expect(tooHeavy).toEqual(['huge'])
  })
})

describe('drying (psychrometrics)', () => {
  it('knows saturated vapour (2.34 kPa at 20 °C, from tables)', () => {
    expect(Math.abs(saturatedKPa(20) / 2.339 - 1)).toBeLessThan(0.003)
    expect(saturatedKPa(0)).toBeCloseTo(0.611, 2)
  })
  it('knows a wet bulb (20 °C at 50 %: 13.7 °C; psychrometric chart, from memory)', () => {
    expect(wetBulb({ celsius: 20, humidityPercent: 50 })).toBeCloseTo(13.7, 0)
    expect(wetBulb({ celsius: 20, humidityPercent: 100 })).toBeCloseTo(20, 3)
  })
  it('takes longer in damp air, for heavier cloth, laid flat, unspun', () => {
    const linen = (gsm: number) => offerFrom({ called: 'linen', gsm })
    const air = { celsius: 18, humidityPercent: 60 }
    const usual = dryingMinutes(linen(185), 'line', air, true)[1]
    expect(dryingMinutes(linen(185), 'line', { ...air, humidityPercent: 85 }, true)[1]).toBeGreaterThan(2 * usual)
    expect(dryingMinutes(linen(370), 'line', air, true)[1]).toBeGreaterThan(1.8 * usual)
    expect(dryingMinutes(linen(185), 'flat', air, true)[1]).toBeGreaterThan(usual)
    expect(dryingMinutes(linen(185), 'line', air, false)[1]).toBeGreaterThan(usual)
    expect(heldAfterSpin(offerFrom({ fibres: ['polyester'] }), true)).toBeLessThan(
      heldAfterSpin(offerFrom({ fibres: ['cotton'] }), true),
    )
  })
})

describe('the plan', () => {
  it('goes from the wash to the hem, in the free hours', () => {
    const project = { garment: 'shirt-dress' as const, details: ['collar' as const, 'cuffs' as const] }
    const plan = planOf({ project })
    const told = {
      ...asked(),
      free: month.map(({ start, end }) => ({ start: writtenAt(start), end: writtenAt(end) })),
    }
    expect(planFaults(plan, told)).toEqual([])
    expect(plan.unscheduled).toEqual([])
    const kinds = plan.steps.map(({ kind }) => kind)
    for (const kind of [
      'buy',
      'finish-edges',
      'wash',
      'dry',
      'press',
      'true-grain',
      'rest',
      'cut',
      'mark',
      'sew',
      'hem',
    ])
      expect(kinds).toContain(kind)
    expect(plan.criticalPath.at(-1)).toBe('finish')
    expect(plan.finish).toBe(plan.steps.at(-1)!.end)
  })
  it('hangs bias and limp cloth before its hem, and stiffens what slides by the school', () => {
    const main = [piece('main', { called: 'chiffon', fibres: ['polyester'] }, { testSquare: 'passed' })]
    const project = { garment: 'skirt-full' as const }
    const kinds = (schools: Record<string, string>) =>
      planOf({ pieces: main, project, schools }).steps.map(({ kind }) => kind)
    expect(kinds({})).toEqual(expect.arrayContaining(['stabilise', 'hang']))
    // Starch, too, is washed out again before it is hung and hemmed.
    for (const stiffening of ['starch', 'wash-out']) {
      const all = kinds({ stiffening })
      expect(all.indexOf('wash-out')).toBeGreaterThan(all.indexOf('sew'))
      expect(all.indexOf('wash-out')).toBeLessThan(all.indexOf('hang'))
    }
    expect(planOf({ project }).steps.map(({ kind }) => kind)).not.toContain('hang')
  })
  it('plans only the preparing where nothing is made yet', () => {
    const kinds = planOf().steps.map(({ kind }) => kind)
    expect(kinds).not.toContain('cut')
    expect(kinds).toContain('rest')
  })
  it('washes only when it can be hung soon after', () => {
    // Hours of two evenings: 19:00 to 19:30 alone would leave it lying wet until the next day.
    const free = [day('2026-05-04', '19:00', '19:30'), day('2026-05-05', '18:00', '21:00')]
    const { steps } = planOf({ free })
    const at = (kind: string) => steps.find((one) => one.kind === kind)!
    expect(at('wash').start!.slice(0, 10)).toBe('2026-05-05')
    expect(minutesOf(at('dry').start!)! - minutesOf(at('wash').end!)!).toBeLessThanOrEqual(240)
    // Where no hours allow it, it is washed all the same.
    expect(planOf({ free: free.slice(0, 1) }).unscheduled).not.toContain(at('wash').id)
  })
  it('says what found no time', () => {
    const plan = planOf({ free: [] })
    expect(plan.unscheduled).toHaveLength(plan.steps.length)
    expect(plan.finish).toBeNull()
    expect(plan.warnings.map(({ id }) => id)).toContain('too-little-time')
    const short = planOf({ free: [day('2026-05-02', '09:00', '09:12')], project: { garment: 'shirt' } })
    expect(short.unscheduled.length).toBeGreaterThan(0)
    expect(short.steps.find(({ id }) => id === 'main:finish-edges')!.start).toBe('2026-05-02T09:00')
  })
  it('follows every rule in 150 plans drawn at random', () => {
    const chance = dice(11)
    const one = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)]!
    const cloths = [
      'linen',
      'challis',
      'silk twill',
      'denim',
      'jersey',
      'coating',
      'calico',
      'velvet',
      'oilcloth',
      'chiffon',
    ]
    for (let k = 0; k < 150; k++) {
      const pieces = Array.from({ length: 1 + Math.floor(chance() * 8) }, (_, i) =>
        piece(`p${i}`, chance() < 0.1 ? {} : { called: one(cloths) }, {
          grams: 100 + Math.round(chance() * 3500),
          willBeWashed: one(WASHES),
          shade: one(SHADES),
          bleeds: one([null, true, false]),
          testSquare: one([null, 'passed']),
        }),
      )
      const free = Array.from({ length: Math.floor(chance() * 30) }, (_, i) => {
        const from = Math.floor(chance() * 12)
        const start = minutesOf('2026-05-01T00:00')! + i * 1440 + from * 60
        return { start, end: start + 20 + Math.floor(chance() * 300) }
      })
      const task: Asked = {
        pieces,
        project: chance() < 0.3 ? null : { garment: one(GARMENTS) },
        household: {
          ...household,
          washerKg: 3 + chance() * 5,
          lineMetres: chance() < 0.3 ? 0 : 2,
          dryer: chance() < 0.5,
        },
        free,
        schools: { edges: one(['finish', 'tube', 'cut-off']), prewash: one(['twice', 'hotter', 'as-worn']) },
      }
      const plan = planPreparation(task, task, dice(k))
      const windows = free.map(({ start, end }) => ({ start: writtenAt(start), end: writtenAt(end) }))
      expect(planFaults(plan, { pieces, household: task.household, free: windows })).toEqual([])
    }
  })
})

describe('the schedule', () => {
  it('ends within a tenth of its lower bound with twelve projects, and one after another takes longer', () => {
    const each = Array.from({ length: 12 }, (_, i) =>
      preparationStepsOf([piece('main', { called: 'linen' })], { garment: 'blouse' }, household, {}, 180).steps.map(
        (one) => ({
          ...one,
          id: `${i} ${one.id}`,
          after: one.after.map((id) => `${i} ${id}`),
        }),
      ),
    )
    const free = Array.from({ length: 60 }, (_, i) => {
      const start = minutesOf('2026-05-01T09:00')! + i * 1440
      return { start, end: start + 240 }
    })
    const all = each.flat()
    const together = schedule(all, free, household, dice(1))
    const least = lowerBound(all, free)!
    const begin = free[0]!.start
    expect(together.unscheduled).toEqual([])
    expect((together.finish! - begin) / (least - begin)).toBeLessThan(1.1)
    let oneByOne = begin
    for (const steps of each) {
      const left = free
        .map(({ start, end }) => ({ start: Math.max(start, oneByOne), end }))
        .filter(({ start, end }) => end > start)
      oneByOne = schedule(steps, left, household, dice(1)).finish!
    }
    expect((oneByOne - begin) / (together.finish! - begin)).toBeGreaterThan(1.3)
  })
  it('never has two loads in one washer, nor more on the line than it is long', () => {
    const washer = { of: 'washer', much: 1 } as const
    const line = { of: 'line', much: 1.5 } as const
    const text = { text: '', why: '' }
    const steps = [
      step('a', 'wash', [], { ...text, hands: 10, wait: [60, 60], use: washer }),
      step('b', 'wash', [], { ...text, hands: 10, wait: [60, 60], use: washer }),
      step('c', 'dry', [], { ...text, hands: 5, wait: [600, 600], use: line }),
      step('d', 'dry', [], { ...text, hands: 5, wait: [600, 600], use: line }),
    ]
    const { timed } = schedule(steps, [day('2026-05-02', '08:00', '22:00')], { lineMetres: 2 }, dice(1))
    const at = (id: string) => timed.find((one) => one.id === id)!
    expect(Math.abs(at('a').start - at('b').start)).toBeGreaterThanOrEqual(70)
    expect(Math.abs(at('c').start - at('d').start)).toBeGreaterThanOrEqual(605)
  })
  it('reckons the way still to go by the longest waits', () => {
    const steps = [
      step('a', 'wash', [], { text: '', why: '', hands: 10, wait: [0, 50] }),
      step('b', 'dry', [], { text: '', why: '', hands: 5, after: ['a'] }),
    ]
    expect(Object.fromEntries(remainingMinutes(steps))).toEqual({ a: 65, b: 5 })
  })
})

describe('several projects', () => {
  it('share the hours, the washer and the line, each with its own loads and path', () => {
    const one = (id: string) => ({
      pieces: [piece(id, { called: 'calico' })],
      project: { garment: 'apron' as const },
    })
    const plans = planPreparations([one('a'), one('b'), one('c')], asked(), dice(1))
    const free = month.map(({ start, end }) => ({ start: writtenAt(start), end: writtenAt(end) }))
    const all = plans.flatMap(({ steps }, i) =>
      steps.map((told) => ({ ...told, id: `${told.id} ${i}`, after: told.after.map((id) => `${id} ${i}`) })),
    )
    const pieces = ['a', 'b', 'c'].map((id) => ({ id, grams: 500 }))
    expect(planFaults({ steps: all, loads: [], unscheduled: [], finish: null }, { pieces, household, free })).toEqual(
      [],
    )
    for (const { criticalPath, steps } of plans) {
      expect(criticalPath.at(-1)).toBe('finish')
      expect(steps.every(({ start }) => start !== null)).toBe(true)
    }
    // The first is not kept waiting for the others.
    const finishes = plans.map(({ finish }) => finish!)
    expect(finishes).toEqual([...finishes].sort())
    const alone = planPreparation(one('a'), asked(), dice(1))
    expect(finishes[0]).toBe(alone.finish)
    expect(plans.some(({ finish }) => finish! > alone.finish!)).toBe(true)
  })
})

describe('hours of a week', () => {
  it('come again every week, from now on (2026-05-02 was a Saturday)', () => {
    const now = minutesOf('2026-05-02T11:00')!
    const hours = [
      { day: 5, from: '10:00', to: '13:00' },
      { day: 6, from: '09:00', to: '09:30' },
    ]
    const told = windowsFrom(now, hours, 9).map(({ start, end }) => [writtenAt(start), writtenAt(end)])
    expect(told).toEqual([
      ['2026-05-02T11:00', '2026-05-02T13:00'],
      ['2026-05-03T09:00', '2026-05-03T09:30'],
      ['2026-05-09T10:00', '2026-05-09T13:00'],
      ['2026-05-10T09:00', '2026-05-10T09:30'],
    ])
  })
  it('plan around what is done and what was put off', () => {
    const whole = planOf()
    const later = minutesOf('2026-05-10T00:00')!
    const plan = planOf({ done: ['main:finish-edges'], notBefore: new Map([['load-main:wash', later]]) })
    expect(plan.steps.map(({ id }) => id)).not.toContain('main:finish-edges')
    expect(plan.steps.find(({ id }) => id === 'load-main:wash')!.start! >= '2026-05-10').toBe(true)
    expect(plan.finish! > whole.finish!).toBe(true)
  })
})
