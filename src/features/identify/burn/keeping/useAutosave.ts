'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import { type Disagreement, type TestWritten } from '@/core/notebook/mergeTests'
import { type Outcome } from '../../../shared/outcome'
import { saveTest } from '../actions'
import { changedParts, isKept, newKeeper, keeperStep, type KeeperEffect, type KeeperEvent } from './keeper'
import { layBy, newKeyOfVisit, noLongerWaiting, waitingFor } from './waiting'

const TRY_AGAIN_MS = 3000

/** The same test, answered differently in another window. */
export interface TestClash {
  differences: readonly Disagreement[]
  /** Goes on with both writings in one; where they differ, with those of this window or of the other. */
  settle: (whose: 'mine' | 'theirs') => void
}

/** How far the keeping has come. */
interface Writing {
  trouble: string | undefined
  clash: TestClash | undefined
  /** Something is being written. */
  keeping: boolean
  /** Nothing is, and nothing waits of an earlier visit. */
  allKept: boolean
}

let last = 0
/** A number that is higher than every one before it, in this window and in those before. */
function nextNumber(): number {
  last = Math.max(Date.now(), last + 1)
  return last
}

/**
 * Keeps a test in the notebook as it is answered. What could not be kept is said and tried again; what was written in
 * another window meanwhile is joined with it, and asked about where the two contradict. What may happen in which order
 * stands in `keeper.ts`; here it is stored, sent and timed.
 * @param onMerged takes over what both windows wrote
 */
export function useAutosave(
  test: { id: string; revision: number },
  written: TestWritten,
  onMerged: (merged: TestWritten) => void,
): Writing {
  const { id } = test
  const [keeper, show] = useState(() => newKeeper({ revision: test.revision, written }, newKeyOfVisit(id)))
  const now = useRef(keeper)
  const take = useRef(onMerged)
  useEffect(() => {
    take.current = onMerged
  })
  const isHere = useRef(false)
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  const send = useCallback(
    (first: KeeperEvent) => {
      const tell = (event: KeeperEvent) => {
        const [next, effects] = keeperStep(now.current, event)
        now.current = next
        if (isHere.current) show(next)
        effects.forEach(run)
      }
      const run = (effect: KeeperEffect) => {
        if (effect.do === 'lay-by') return void layBy(effect.key, effect.waiting)
        if (effect.do === 'forget') return void noLongerWaiting(effect.entry)
        // Once the page was left, what is not kept yet waits for the next visit.
        if (!isHere.current) return
        if (effect.do === 'take') return take.current(effect.written)
        if (effect.do === 'save') return void savedAs({ id, revision: effect.revision }, effect.parts).then(tell)
        clearTimeout(timer.current)
        timer.current = setTimeout(() => tell({ of: 'again' }), TRY_AGAIN_MS)
      }
      tell(first)
    },
    [id],
  )
  useEffect(() => {
    isHere.current = true
    let isLeft = false
    void waitingFor(id).then((found) => {
      if (!isLeft) send({ of: 'looked', found, number: nextNumber() })
    })
    return () => {
      isLeft = true
      isHere.current = false
      clearTimeout(timer.current)
    }
  }, [id, send])
  const { answers, setup, specimens } = written
  useEffect(() => {
    send({ of: 'written', written: { answers, setup, specimens }, number: nextNumber() })
  }, [answers, setup, specimens, send])
  const isNewer = Object.keys(changedParts(keeper.stored.written, { answers, setup, specimens })).length > 0
  const keeping = isNewer || !isKept(keeper)
  return {
    trouble: keeper.trouble,
    clash: keeper.clash && {
      differences: keeper.clash.differences,
      settle: (whose) => send({ of: 'settled', whose, number: nextNumber() }),
    },
    keeping,
    allKept: keeper.hasLooked && !keeping,
  }
}

const UNKEPT =
  'We could not save the last answers. They stay in this browser, even when you leave, and we ' + 'keep trying.'

/** What came of sending it, as the keeper is told. */
async function savedAs(seen: { id: string; revision: number }, parts: Partial<TestWritten>): Promise<KeeperEvent> {
  const outcome = await saved(seen, parts)
  if (!outcome) return { of: 'failed', why: UNKEPT }
  if (outcome.ok) return { of: 'saved', revision: outcome.revision }
  if (outcome.gone) return { of: 'gone' }
  const { clash, errors } = outcome
  return clash
    ? { of: 'clashed', theirs: { revision: clash.revision, written: partsOf(clash.data) }, number: nextNumber() }
    : { of: 'failed', why: Object.values(errors).join(' ') }
}

/** Of a whole test, what a person wrote. */
function partsOf(data: unknown): TestWritten {
  const { answers, setup, specimens } = data as TestWritten
  return { answers, setup, specimens }
}

/** What came of it; undefined where the server could not be reached. */
async function saved(
  seen: { id: string; revision: number },
  parts: Partial<TestWritten>,
): Promise<Outcome | undefined> {
  try {
    return await saveTest(seen, parts)
  } catch {
    return undefined
  }
}
