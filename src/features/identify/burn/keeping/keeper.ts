import { disagreements, mergedTests, type Disagreement, type TestWritten } from '@/core/notebook/mergeTests'
import { type Waiting, type WaitingEntry } from './waiting'

/** What the notebook has of a test, at which revision. */
export interface Stored {
  revision: number
  written: TestWritten
}

/**
 * How far the keeping of one test has come, in one visit of its page.
 *
 * - `idle`: the notebook has what is written;
 * - `saving`: a save is under way, whatever was written since;
 * - `waiting`: the last save failed, and is tried again;
 * - `merged`: another window contradicts what is written, and it is asked whose counts;
 * - `refused`: the test was thrown away elsewhere.
 */
export interface Keeper {
  state: 'idle' | 'saving' | 'waiting' | 'merged' | 'refused'
  stored: Stored
  /** The newest that the page has. */
  written: TestWritten
  /** Under which key this visit lays by, and the number of what it laid by last; 0: nothing. */
  own: WaitingEntry
  /** Entries of other visits that are taken in, until a save has them. */
  takenIn: readonly WaitingEntry[]
  /** What the save under way carries. */
  saving: { written: TestWritten; entries: readonly WaitingEntry[] } | null
  trouble: string | undefined
  clash: { differences: readonly Disagreement[]; theirs: Stored } | undefined
  /** Whether it is known what waits of earlier visits. */
  hasLooked: boolean
}

export type KeeperEvent =
  | { of: 'looked'; found: readonly (Waiting & WaitingEntry)[]; number: number }
  | { of: 'written'; written: TestWritten; number: number }
  | { of: 'saved'; revision: number }
  | { of: 'failed'; why: string }
  | { of: 'clashed'; theirs: Stored; number: number }
  | { of: 'gone' }
  | { of: 'again' }
  | { of: 'settled'; whose: 'mine' | 'theirs'; number: number }

export type KeeperEffect =
  | { do: 'lay-by'; key: string; waiting: Waiting }
  | { do: 'forget'; entry: WaitingEntry }
  | { do: 'save'; revision: number; parts: Partial<TestWritten> }
  | { do: 'take'; written: TestWritten }
  | { do: 'try-again' }

/** What comes of an event: the keeper after it, and what is to be done outside. */
export type KeeperStep = [Keeper, KeeperEffect[]]

const GONE = 'This test was deleted elsewhere: your new answers are not saved.'
const WAITED = 'Some answers were not saved when you left. They are in this browser, and we are saving them now.'

export function newKeeper(stored: Stored, key: string): Keeper {
  return {
    state: 'idle',
    stored,
    written: stored.written,
    own: { key, number: 0 },
    takenIn: [],
    saving: null,
    trouble: undefined,
    clash: undefined,
    hasLooked: false,
  }
}

/** The next state and what follows from it. Pure: nothing is stored, sent or shown here. */
export function keeperStep(keeper: Keeper, event: KeeperEvent): KeeperStep {
  switch (event.of) {
    case 'looked':
      return looked({ ...keeper, hasLooked: true }, event.found, event.number)
    case 'written':
      return isSame(event.written, keeper.written) ? [keeper, []] : written(keeper, event.written, event.number)
    case 'saved':
      return saved(keeper, event.revision)
    case 'failed':
      return [{ ...keeper, state: 'waiting', saving: null, trouble: event.why }, [{ do: 'try-again' }]]
    case 'clashed':
      return joined({ ...keeper, saving: null }, event.theirs, event.number)
    case 'gone':
      return [{ ...keeper, state: 'refused', saving: null, trouble: GONE }, []]
    case 'again':
      return keeper.state === 'waiting' ? save(keeper) : [keeper, []]
    case 'settled':
      return settled(keeper, event.whose, event.number)
  }
}

/** Whether the notebook has all that is written. */
export function isKept({ written, stored }: Keeper): boolean {
  return isSame(written, stored.written)
}

/** What of a writing differs. */
export function changedParts(before: TestWritten, now: TestWritten): Partial<TestWritten> {
  return {
    ...(isAlike(now.answers, before.answers) ? {} : { answers: now.answers }),
    ...(isAlike(now.setup, before.setup) ? {} : { setup: now.setup }),
    ...(isAlike(now.specimens, before.specimens) ? {} : { specimens: now.specimens }),
  }
}

const isAlike = (a: unknown, b: unknown) => a === b || JSON.stringify(a) === JSON.stringify(b)
const isSame = (a: TestWritten, b: TestWritten) => Object.keys(changedParts(a, b)).length === 0

/** Lays the newest by, and saves it unless a save is under way or a question open: that one goes on to it. */
function written(before: Keeper, now: TestWritten, number: number): KeeperStep {
  const keeper = { ...before, written: now, own: { ...before.own, number } }
  const { key } = keeper.own
  const layBy: KeeperEffect = {
    do: 'lay-by',
    key,
    waiting: { written: now, revision: keeper.stored.revision, number },
  }
  if (keeper.clash) {
    const differences = disagreements(now, keeper.clash.theirs.written)
    return [{ ...keeper, clash: { ...keeper.clash, differences } }, [layBy]]
  }
  if (keeper.state === 'saving' || keeper.state === 'refused') return [keeper, [layBy]]
  const [after, effects] = save(keeper)
  return [after, [layBy, ...effects]]
}

/** Sends what differs from what the notebook has; where nothing does, what waited is no longer needed. */
function save(keeper: Keeper): KeeperStep {
  const { stored, written: now, own, takenIn } = keeper
  const entries = [...(own.number > 0 ? [own] : []), ...takenIn]
  if (isKept(keeper))
    return [
      { ...keeper, state: 'idle', saving: null, trouble: undefined, takenIn: [] },
      entries.map((entry) => ({ do: 'forget', entry })),
    ]
  return [
    { ...keeper, state: 'saving', saving: { written: now, entries } },
    [{ do: 'save', revision: stored.revision, parts: changedParts(stored.written, now) }],
  ]
}

/** The notebook has what was sent, and that alone waits no longer. */
function saved(keeper: Keeper, revision: number): KeeperStep {
  const { saving } = keeper
  if (!saving) return [keeper, []]
  const isNow = (entry: WaitingEntry) =>
    saving.entries.some((one) => one.key === entry.key && one.number === entry.number)
  const forget = saving.entries.map((entry): KeeperEffect => ({ do: 'forget', entry }))
  const [after, effects] = save({
    ...keeper,
    state: 'idle',
    saving: null,
    trouble: undefined,
    stored: { revision, written: saving.written },
    own: isNow(keeper.own) ? { ...keeper.own, number: 0 } : keeper.own,
    takenIn: keeper.takenIn.filter((entry) => !isNow(entry)),
  })
  return [after, [...forget, ...effects]]
}

/** What was written meanwhile elsewhere and here in one; where the two contradict one another, it is asked. */
function joined(keeper: Keeper, theirs: Stored, number: number): KeeperStep {
  const differences = disagreements(keeper.written, theirs.written)
  if (differences.length > 0) return [{ ...keeper, state: 'merged', clash: { differences, theirs } }, []]
  return goneOn(keeper, theirs, mergedTests(keeper.written, theirs.written), number)
}

function settled(keeper: Keeper, whose: 'mine' | 'theirs', number: number): KeeperStep {
  const { clash, written: mine } = keeper
  if (!clash) return [keeper, []]
  const theirs = clash.theirs.written
  return goneOn(
    keeper,
    clash.theirs,
    whose === 'mine' ? mergedTests(mine, theirs) : mergedTests(theirs, mine),
    number,
  )
}

function goneOn(keeper: Keeper, stored: Stored, merged: TestWritten, number: number): KeeperStep {
  const [after, effects] = written({ ...keeper, state: 'idle', clash: undefined, stored }, merged, number)
  return [after, [{ do: 'take', written: merged }, ...effects]]
}

/** What waits of earlier visits is taken in, a later one before an earlier; what the page has before all of them. */
function looked(keeper: Keeper, all: readonly (Waiting & WaitingEntry)[], number: number): KeeperStep {
  const found = all.filter(({ key }) => key !== keeper.own.key)
  const last = found.at(-1)
  if (!last) return [keeper, []]
  const waiting = found.reduceRight((later, { written: earlier }) => mergedTests(later, earlier), last.written)
  const takenIn = [...keeper.takenIn, ...found.map(({ key, number }) => ({ key, number }))]
  const hasAnswered = !isKept(keeper)
  const mine = hasAnswered ? mergedTests(keeper.written, waiting) : waiting
  const after = { ...keeper, takenIn, trouble: WAITED }
  // Written upon what the notebook has, it follows; upon something older, the two are joined.
  if (found.every(({ revision }) => revision === keeper.stored.revision) || keeper.state !== 'idle') {
    const [next, effects] = written(after, mine, number)
    return [next, [{ do: 'take', written: mine }, ...effects]]
  }
  return joined({ ...after, written: mine }, keeper.stored, number)
}
