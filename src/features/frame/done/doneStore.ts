import { DONE_COOKIE, doneFrom, type DoneThing } from '../../shared/history/done'

type Told = (done: DoneThing) => void

const listeners = new Set<Told>()

/** Tells whoever listens what the last answer says was done, once. */
export function noticeDone(): void {
  const said = document.cookie.split('; ').find((one) => one.startsWith(`${DONE_COOKIE}=`))
  if (!said) return
  document.cookie = `${DONE_COOKIE}=; path=/; max-age=0; samesite=strict`
  const done = doneFrom(decodeURIComponent(said.slice(DONE_COOKIE.length + 1)))
  if (done) for (const tell of listeners) tell(done)
}

/** Has something told whenever something was done; answers how to stop that. */
export function onDone(tell: Told): () => void {
  listeners.add(tell)
  return () => listeners.delete(tell)
}
