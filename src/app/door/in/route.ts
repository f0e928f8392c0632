import { isPassphrase } from '@/server/auth/passphrase'
import { letIn, SESSION_COOKIE, SESSION_MS, sessionOf } from '@/server/auth/sessions'
import { seal } from '@/server/auth/shared'
import { isLoopback, tries, type Trier } from '@/server/auth/tries'

/** The address is the server's own word for it: what a request says of itself does not count. */
function trierOf(request: Request, now: number): Trier {
  const address = request.headers.get('x-forwarded-for') ?? ''
  const [, key] = new RegExp(`(?:^|;\\s*)${SESSION_COOKIE}=([^;]+)`).exec(request.headers.get('cookie') ?? '') ?? []
  return { address, isOfTheHouse: isLoopback(address) || sessionOf(key, now) !== undefined }
}

const to = (location: string, headers: Record<string, string> = {}) =>
  new Response(null, { status: 303, headers: { location, ...headers } })

/** Lets a device in that says the passphrase. Whoever says it wrongly waits, and in the end all who are not let in. */
export async function POST(request: Request): Promise<Response> {
  const now = Date.now()
  const trier = trierOf(request, now)
  const wait = tries().waitMs(trier, now)
  if (wait > 0) return to(`/door?wait=${Math.ceil(wait / 1000)}`)
  tries().begin(trier, now)
  const form = await request.formData().catch(() => undefined)
  const said = form?.get('passphrase')
  if (typeof said !== 'string' || !(await isPassphrase(said, seal()))) return to('/door?wrong=1')
  tries().right(trier)
  const key = letIn(request.headers.get('user-agent') ?? 'a device that does not give its name', Date.now())
  const cookie = `${SESSION_COOKIE}=${key}; Path=/; HttpOnly; SameSite=Strict; Max-Age=${SESSION_MS / 1000}`
  return to('/', { 'set-cookie': cookie })
}
