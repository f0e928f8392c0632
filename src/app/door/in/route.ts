import { isPassphrase } from '@/server/door/passphrase'
import { letIn, SESSION_COOKIE, SESSION_MS } from '@/server/door/sessions'
import { seal } from '@/server/door/shared'
import { tries } from '@/server/door/tries'

const to = (location: string, headers: Record<string, string> = {}) =>
  new Response(null, { status: 303, headers: { location, ...headers } })

/** Lets a device in that says the passphrase. Wrong ones have to wait, all together. */
export async function POST(request: Request): Promise<Response> {
  const now = Date.now()
  const wait = tries().waitMs(now)
  if (wait > 0) return to(`/door?wait=${Math.ceil(wait / 1000)}`)
  tries().begin(now)
  const form = await request.formData().catch(() => undefined)
  const said = form?.get('passphrase')
  if (typeof said !== 'string' || !(await isPassphrase(said, seal()))) return to('/door?wrong=1')
  tries().right()
  const key = letIn(request.headers.get('user-agent') ?? 'a device that does not say what it is', Date.now())
  const cookie = `${SESSION_COOKIE}=${key}; Path=/; HttpOnly; SameSite=Strict; Max-Age=${SESSION_MS / 1000}`
  return to('/', { 'set-cookie': cookie })
}
