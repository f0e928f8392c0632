import fc from 'fast-check'
import { type TestAnswer } from '@/core/notebook/answers'
import { TestSetupSchema } from '@/core/notebook/kinds/burnTest'
import { mergedTests, type TestWritten } from '@/core/notebook/mergeTests'
import { changedParts, isKept, newKeeper, keeperStep, type Keeper, type KeeperEvent, type Stored } from './keeper'
import { type Waiting } from './waiting'

const setup = TestSetupSchema.parse({ asks: 'fibre' })
const answerTo = (feature: string, state: string): TestAnswer =>
  ({ specimen: 1, part: 'whole', feature, states: [state] }) as unknown as TestAnswer
const nothing: TestWritten = { answers: [], setup, specimens: [] }
const withAnswer = (before: TestWritten, feature: string, state: string): TestWritten => ({
  ...before,
  answers: [...before.answers.filter((one) => one.feature !== feature), answerTo(feature, state)],
})

/** A save on its way: to the server, or back with its answer. */
interface Flight {
  window: Window
  revision: number
  parts: Partial<TestWritten>
  answer?: KeeperEvent
}

/** A window with the test's page, as the browser has it. */
interface Window {
  keeper: Keeper
  page: TestWritten
  isOpen: boolean
  mayTryAgain: boolean
}

/** A notebook, a browser with its store, and what is on its way between them. */
class World {
  server: Stored = { revision: 1, written: nothing }
  readonly browser = new Map<string, Waiting>()
  readonly windows: Window[] = []
  readonly flights: Flight[] = []
  /** Every state that was ever answered, by feature. */
  readonly given = new Map<string, Set<string>>()
  private number = 0

  visit(): void {
    const { revision, written } = this.server
    const keeper = newKeeper({ revision, written }, `visit ${this.windows.length}`)
    const window = { keeper, page: written, isOpen: true, mayTryAgain: false }
    this.windows.push(window)
  }

  look(window: Window): void {
    if (window.keeper.hasLooked) return
    const found = [...this.browser].map(([key, waiting]) => ({ key, ...waiting }))
    this.send(window, { of: 'looked', found: found.sort((a, b) => a.number - b.number), number: this.next() })
  }

  answer(window: Window, feature: string, state: string): void {
    this.given.set(feature, (this.given.get(feature) ?? new Set()).add(state))
    window.page = withAnswer(window.page, feature, state)
    this.send(window, { of: 'written', written: window.page, number: this.next() })
  }

  /** The server does what was sent, or it never comes there; its answer may be lost on the way back. */
  arrive(flight: Flight): void {
    const { revision, written } = this.server
    if (flight.revision !== revision) {
      flight.answer = { of: 'clashed', theirs: { revision, written }, number: 0 }
      return
    }
    this.server = { revision: revision + 1, written: { ...written, ...flight.parts } }
    flight.answer = { of: 'saved', revision: revision + 1 }
  }

  land(flight: Flight, answer: KeeperEvent): void {
    this.flights.splice(this.flights.indexOf(flight), 1)
    this.send(flight.window, answer.of === 'clashed' ? { ...answer, number: this.next() } : answer)
  }

  send(window: Window, event: KeeperEvent): void {
    const [keeper, effects] = keeperStep(window.keeper, event)
    window.keeper = keeper
    for (const effect of effects) {
      if (effect.do === 'lay-by') this.browser.set(effect.key, effect.waiting)
      else if (effect.do === 'forget') {
        const { key, number } = effect.entry
        if (this.browser.get(key)?.number === number) this.browser.delete(key)
      } else if (!window.isOpen) continue
      else if (effect.do === 'take') window.page = effect.written
      else if (effect.do === 'save') this.flights.push({ window, revision: effect.revision, parts: effect.parts })
      else window.mayTryAgain = true
    }
  }

  next(): number {
    return (this.number += 1)
  }

  /** Everything goes well from here on: what is on its way arrives, and somebody opens the page again and stays. */
  settle(): void {
    for (const window of this.windows) window.isOpen = false
    this.calm()
    this.visit()
    const window = this.windows.at(-1)!
    this.look(window)
    for (let i = 0; i < 20; i++) {
      this.calm()
      if (window.keeper.clash) this.send(window, { of: 'settled', whose: 'mine', number: this.next() })
      else if (this.flights.length === 0) break
    }
    expect([window.keeper.state, isKept(window.keeper)]).toEqual(['idle', true])
  }

  private calm(): void {
    while (this.flights.length > 0) {
      const [flight] = this.flights
      if (!flight!.answer) this.arrive(flight!)
      this.land(flight!, flight!.answer!)
    }
  }
}

// So many that a lost answer is seldom given again by chance.
const FEATURES = Array.from({ length: 30 }, (_, i) => `feature ${i}`)
const which = fc.nat(5)
const moves = fc.oneof(
  {
    weight: 6,
    arbitrary: fc.record({ do: fc.constant('answer' as const), which, feature: fc.constantFrom(...FEATURES) }),
  },
  // The same question again, so that two windows may contradict one another.
  {
    weight: 2,
    arbitrary: fc.record({ do: fc.constant('other' as const), which, feature: fc.constantFrom(...FEATURES) }),
  },
  { weight: 5, arbitrary: fc.record({ do: fc.constant('arrive' as const), which }) },
  { weight: 5, arbitrary: fc.record({ do: fc.constant('land' as const), which }) },
  { weight: 3, arbitrary: fc.record({ do: fc.constantFrom('fail', 'lose'), which }) },
  { weight: 3, arbitrary: fc.record({ do: fc.constantFrom('leave', 'visit', 'look'), which }) },
  { weight: 3, arbitrary: fc.record({ do: fc.constantFrom('again', 'settle'), which }) },
)
type Move = typeof moves extends fc.Arbitrary<infer T> ? T : never

function done(world: World, move: Move): void {
  const open = world.windows.filter(({ isOpen }) => isOpen)
  const window = open[move.which % Math.max(1, open.length)]
  const flight = world.flights[move.which % Math.max(1, world.flights.length)]
  if (move.do === 'visit' && open.length < 2) world.visit()
  if (flight && move.do === 'arrive' && !flight.answer) world.arrive(flight)
  if (flight?.answer && move.do === 'land') world.land(flight, flight.answer)
  if (flight && move.do === 'fail' && !flight.answer) world.land(flight, { of: 'failed', why: 'busy' })
  // The server has it, and nobody hears so.
  if (flight?.answer && move.do === 'lose') world.land(flight, { of: 'failed', why: 'away' })
  if (!window) return
  if (move.do === 'answer' || move.do === 'other')
    world.answer(window, move.feature, move.do === 'answer' ? 'first' : 'second')
  if (move.do === 'leave') window.isOpen = false
  if (move.do === 'look') world.look(window)
  if (move.do === 'again' && window.mayTryAgain) {
    window.mayTryAgain = false
    world.send(window, { of: 'again' })
  }
  if (move.do === 'settle' && window.keeper.clash)
    world.send(window, { of: 'settled', whose: move.which % 2 ? 'mine' : 'theirs', number: world.next() })
}

test('in whatever order answers, failures, departures and second windows come, no answer is lost', () => {
  fc.assert(
    fc.property(fc.array(moves, { minLength: 1, maxLength: 40 }), (all) => {
      const world = new World()
      world.visit()
      for (const move of all) {
        done(world, move)
        // Nothing is forgotten that neither the notebook nor an open page has.
        const safe = [world.server.written, ...[...world.browser.values()].map(({ written }) => written)]
        for (const window of world.windows) if (window.isOpen) safe.push(window.page)
        for (const flight of world.flights) safe.push({ ...nothing, ...flight.parts })
        const has = new Set(safe.flatMap(({ answers }) => answers.map(({ feature }) => feature as string)))
        for (const feature of world.given.keys()) expect([feature, has.has(feature)]).toEqual([feature, true])
      }
      world.settle()
      for (const [feature, states] of world.given) {
        const kept = world.server.written.answers.find((one) => one.feature === feature)
        expect([feature, kept !== undefined && states.has(kept.states[0] as string)]).toEqual([feature, true])
      }
      expect(world.browser.size).toBe(0)
    }),
    { numRuns: Number(process.env.RUNS ?? 2000) },
  )
})

test('a success forgets what it carried, and nothing that was laid by since', () => {
  const first = newKeeper({ revision: 1, written: nothing }, 'visit')
  const one = withAnswer(nothing, 'smell', 'first')
  const two = withAnswer(one, 'flame', 'first')
  const [saving] = keeperStep(first, { of: 'written', written: one, number: 1 })
  const [later] = keeperStep(saving, { of: 'written', written: two, number: 2 })
  expect(later.state).toBe('saving')
  const [next, effects] = keeperStep(later, { of: 'saved', revision: 2 })
  expect(effects).toEqual([
    { do: 'forget', entry: { key: 'visit', number: 1 } },
    { do: 'save', revision: 2, parts: { answers: two.answers } },
  ])
  const [failed, then] = keeperStep(next, { of: 'failed', why: 'The disk is full.' })
  expect([failed.state, failed.trouble, then]).toEqual(['waiting', 'The disk is full.', [{ do: 'try-again' }]])
})

test('what is undone before it was kept waits no longer', () => {
  const [saving] = keeperStep(newKeeper({ revision: 1, written: nothing }, 'visit'), {
    of: 'written',
    written: withAnswer(nothing, 'smell', 'first'),
    number: 1,
  })
  const [waiting] = keeperStep(saving, { of: 'failed', why: 'away' })
  const [idle, effects] = keeperStep(waiting, { of: 'written', written: nothing, number: 2 })
  expect(idle.state).toBe('idle')
  expect(effects.at(-1)).toEqual({ do: 'forget', entry: { key: 'visit', number: 2 } })
})

test('only what differs in content is sent', () => {
  const again = JSON.parse(JSON.stringify(nothing)) as TestWritten
  expect(changedParts(nothing, again)).toEqual({})
  expect(mergedTests(nothing, again)).toEqual(nothing)
})
