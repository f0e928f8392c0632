'use client'

import { useEffect, useRef, useState } from 'react'
import { disagreements, mergedTests, type Disagreement, type TestWritten } from '@/core/notebook/mergeTests'
import { type Clash, type Outcome } from '../../shared/outcome'
import { saveTest } from './actions'

const TRY_AGAIN_MS = 3000

/** The same test, answered differently in another window. */
export interface TestClash {
  differences: readonly Disagreement[]
  /** Goes on with both writings in one; where they differ, with those of this window or of the other. */
  settle: (whose: 'mine' | 'theirs') => void
}

/**
 * Keeps a test in the notebook as it is answered, one change after the other. What could not be kept is said and tried
 * again; what was written in another window meanwhile is joined with it, and asked about where the two contradict.
 * @param onMerged takes over what both windows wrote
 */
export function useKept(
  test: { id: string; revision: number },
  written: TestWritten,
  onMerged: (merged: TestWritten) => void,
): { trouble: string | undefined; clash: TestClash | undefined; keeping: boolean } {
  const [trouble, setTrouble] = useState<string>()
  const [clash, setClash] = useState<TestClash>()
  const [attempt, setAttempt] = useState(0)
  const kept = useRef(written)
  const [latest, setLatest] = useState(written)
  const revision = useRef(test.revision)
  const queue = useRef(Promise.resolve())
  const take = useRef(onMerged)
  useEffect(() => {
    take.current = onMerged
  })
  const { answers, setup, specimens } = written
  useEffect(() => {
    const value: TestWritten = { answers, setup, specimens }
    if (Object.keys(changedParts(kept.current, value)).length === 0) return
    let stale = false
    let timer: ReturnType<typeof setTimeout> | undefined
    const again = (why: string) => {
      setTrouble(why)
      timer = setTimeout(() => setAttempt((before) => before + 1), TRY_AGAIN_MS)
    }
    const goOn = (merged: TestWritten, from: Clash) => {
      revision.current = from.revision
      kept.current = from.data as TestWritten
      setLatest(kept.current)
      setClash(undefined)
      take.current(merged)
    }
    const join = (from: Clash) => {
      const theirs = from.data as TestWritten
      const differences = disagreements(value, theirs)
      if (differences.length === 0) return goOn(mergedTests(value, theirs), from)
      const settle = (whose: 'mine' | 'theirs') =>
        goOn(whose === 'mine' ? mergedTests(value, theirs) : mergedTests(theirs, value), from)
      return setClash({ differences, settle })
    }
    queue.current = queue.current.then(async () => {
      if (stale) return
      const outcome = await saved({ id: test.id, revision: revision.current }, changedParts(kept.current, value))
      if (!outcome) return again(UNKEPT)
      if (outcome.ok) {
        revision.current = outcome.revision
        kept.current = value
        setLatest(value)
        return setTrouble(undefined)
      }
      if (outcome.gone) return setTrouble('This test was thrown away elsewhere: what you answer now is not kept.')
      if (outcome.clash) return join(outcome.clash)
      return again(Object.values(outcome.errors).join(' '))
    })
    return () => {
      stale = true
      clearTimeout(timer)
    }
  }, [answers, setup, specimens, attempt, test.id])
  return { trouble, clash, keeping: Object.keys(changedParts(latest, { answers, setup, specimens })).length > 0 }
}

const UNKEPT = 'The last answers could not be kept. They are still here, and it is tried again.'

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

function changedParts(before: TestWritten, now: TestWritten): Partial<TestWritten> {
  return {
    ...(now.answers === before.answers ? {} : { answers: now.answers }),
    ...(now.setup === before.setup ? {} : { setup: now.setup }),
    ...(now.specimens === before.specimens ? {} : { specimens: now.specimens }),
  }
}
