'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import { disagreements, mergedTests, type Disagreement, type TestWritten } from '@/core/notebook/mergeTests'
import { type Clash, type Outcome } from '../../shared/outcome'
import { saveTest } from './actions'
import { layBy, noLongerWaiting, waitingFor } from './waiting'

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

/**
 * Keeps a test in the notebook as it is answered, one change after the other. What could not be kept is said and tried
 * again; what was written in another window meanwhile is joined with it, and asked about where the two contradict.
 * @param onMerged takes over what both windows wrote
 */
export function useKept(
  test: { id: string; revision: number },
  written: TestWritten,
  onMerged: (merged: TestWritten) => void,
): Writing {
  const [trouble, setTrouble] = useState<string>()
  const [clash, setClash] = useState<TestClash>()
  const [attempt, setAttempt] = useState(0)
  const kept = useRef(written)
  const [latest, setLatest] = useState(written)
  // Whether something of an earlier visit waits in this browser is not known at once.
  const [looked, setLooked] = useState(false)
  const revision = useRef(test.revision)
  const queue = useRef(Promise.resolve())
  const take = useRef(onMerged)
  // What is written by now: more may have come while an older writing was under way.
  const newest = useRef(written)
  useEffect(() => {
    take.current = onMerged
    newest.current = written
  })
  const join = useCallback((mine: TestWritten, from: Pick<Clash, 'revision' | 'data'>) => {
    const theirs = from.data as TestWritten
    const goOn = (merged: TestWritten) => {
      revision.current = from.revision
      kept.current = theirs
      setLatest(theirs)
      setClash(undefined)
      take.current(merged)
    }
    const differences = disagreements(mine, theirs)
    if (differences.length === 0) return goOn(mergedTests(mine, theirs))
    const bothOf = { mine: mergedTests(mine, theirs), theirs: mergedTests(theirs, mine) }
    return setClash({ differences, settle: (whose) => goOn(bothOf[whose]) })
  }, [])
  useEffect(() => {
    let left = false
    void waitingFor(test.id).then((waiting) => {
      if (!left) setLooked(true)
      if (left || !waiting) return
      setTrouble(WAITED)
      // Written upon what the notebook has: it follows. Upon something older: the two are joined.
      if (waiting.revision === revision.current) take.current(waiting.written)
      else join(waiting.written, { revision: revision.current, data: kept.current })
    })
    return () => {
      left = true
    }
  }, [test.id, join])
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
    void layBy(test.id, { written: value, revision: revision.current })
    queue.current = queue.current.then(async () => {
      if (stale) return
      const outcome = await saved({ id: test.id, revision: revision.current }, changedParts(kept.current, value))
      if (!outcome) return again(UNKEPT)
      if (outcome.ok) {
        revision.current = outcome.revision
        kept.current = value
        setLatest(value)
        await noLongerWaiting(test.id)
        return setTrouble(undefined)
      }
      if (outcome.gone) return setTrouble('This test was thrown away elsewhere: what you answer now is not kept.')
      if (outcome.clash) return join(newest.current, outcome.clash)
      return again(Object.values(outcome.errors).join(' '))
    })
    return () => {
      stale = true
      clearTimeout(timer)
    }
  }, [answers, setup, specimens, attempt, test.id, join])
  const keeping = Object.keys(changedParts(latest, { answers, setup, specimens })).length > 0
  return { trouble, clash, keeping, allKept: looked && !keeping }
}

const UNKEPT =
  'The last answers could not be kept. They wait in this browser, also when you leave, and it is tried again.'
const WAITED = 'Answers that could not be kept when you left were waiting in this browser: they are being kept now.'

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
