import { cookies } from 'next/headers'
import { notebook } from '@/server/database'
import { changeSet } from '@/server/store/history'
import { DONE_COOKIE, doneText } from './done'
import { doneWords } from './strokeWords'

/** Seconds that the next page has to tell it. */
const TOLD_WITHIN_SECONDS = 60

/** Has the page say what was done, with its undoing. What was written in several strokes is told by its last one. */
export async function tellDone(strokes: readonly string[]): Promise<void> {
  const stroke = strokes.at(-1)
  const done = stroke && (await changeSet(await notebook(), stroke))
  if (!done) return
  const { steps, undoes } = done
  const made = steps.find(({ what }) => what === 'create')?.id ?? null
  const text = doneText({ stroke, made, isUndoing: undoes !== null, says: doneWords(steps, undoes !== null) })
  const jar = await cookies()
  jar.set(DONE_COOKIE, text, { maxAge: TOLD_WITHIN_SECONDS, sameSite: 'strict', path: '/' })
}
