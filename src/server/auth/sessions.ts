import { createHash, randomBytes } from 'node:crypto'
import { mustHave } from '@/core/lists/items'

/** A device that was let in. */
export interface Session {
  /** Tells it from others; opens nothing. */
  id: string
  /** ISO 8601. */
  since: string
  seen: string
  /** What it says it is. */
  device: string
}

export const SESSION_COOKIE = 'rough-swatch-session'
/** A device that has not come for so long is asked again, ms. */
export const SESSION_MS = 30 * 24 * 60 * 60 * 1000
const MOST_SESSIONS = 100
const MOST_DEVICE = 120

// The pages and the proxy are bundled apart; they share what lies on the process. Only hashes of the keys are kept.
const kept = globalThis as { roughSwatchSessions?: Map<string, Session> }
const sessions = () => (kept.roughSwatchSessions ??= new Map())
const hashOf = (key: string) => createHash('sha256').update(key).digest('hex')

/** Lets a device in; answers its key, which only it has. @param now ms since 1970 */
export function letIn(device: string, now: number): string {
  const key = randomBytes(32).toString('base64url')
  const at = new Date(now).toISOString()
  const all = sessions()
  // The one that has not come for longest makes room.
  if (all.size >= MOST_SESSIONS) {
    const [oldest] = [...all].sort(([, a], [, b]) => (a.seen < b.seen ? -1 : 1))
    all.delete(mustHave(oldest)[0])
  }
  all.set(hashOf(key), {
    id: randomBytes(8).toString('hex'),
    since: at,
    seen: at,
    device: device.slice(0, MOST_DEVICE),
  })
  return key
}

/** The session of a key; undefined where it was never let in, was ended, or has not come for too long. */
export function sessionOf(key: string | undefined, now: number): Session | undefined {
  if (!key) return undefined
  const hash = hashOf(key)
  const session = sessions().get(hash)
  if (!session) return undefined
  if (now - Date.parse(session.seen) > SESSION_MS) {
    sessions().delete(hash)
    return undefined
  }
  session.seen = new Date(now).toISOString()
  return session
}

/** Every device that is let in, the latest seen first. */
export function allSessions(): Session[] {
  return [...sessions().values()].sort((a, b) => (a.seen < b.seen ? 1 : -1))
}

/** Ends a session: its device is asked again. */
export function endSession(id: string): void {
  for (const [hash, session] of sessions()) if (session.id === id) sessions().delete(hash)
}
