import { networkInterfaces } from 'node:os'
import { type NextRequest, NextResponse } from 'next/server'
import { actionBodyProblem } from './server/requests/actionBody'
import { problem, type Issue } from './server/api/problem'
import { bodyProblem } from './server/requests/bodyLimit'
import { contentPolicy } from './server/requests/contentPolicy'
import { decodingIssue } from './server/requests/decodedAction'
import { isShared } from './server/auth/shared'
import { SESSION_COOKIE, sessionOf } from './server/auth/sessions'
import { allowedHosts, hostAllowed, originAllowed } from './server/requests/visitors'

const hosts = allowedHosts(
  process.env.ROUGH_SWATCH_HOST,
  Object.values(networkInterfaces()).flatMap((each) => (each ?? []).map(({ address }) => address)),
)

/** Turns away who has no business here, and says to the browser what a page may do. */
export async function proxy(request: NextRequest): Promise<Response> {
  const { method, nextUrl, headers } = request
  const host = headers.get('host')
  if (!hostAllowed(host, hosts)) {
    return problem(403, 'foreign-host', 'This program is not available under that name.', [
      { path: 'headers.host', message: 'not one of the names that ROUGH_SWATCH_HOST allows' },
    ])
  }
  const site = headers.get('sec-fetch-site')
  if (!originAllowed(method, nextUrl.pathname, host, headers.get('origin'), site)) {
    return problem(403, 'foreign-origin', 'This request did not come from a page of this program.', [
      { path: 'headers.origin', message: 'foreign or missing' },
    ])
  }
  const isAction = method === 'POST' && headers.has('next-action')
  const contentType = headers.get('content-type')
  const size = bodyProblem({
    method,
    path: nextUrl.pathname,
    isAction,
    contentType,
    contentLength: headers.get('content-length'),
  })
  // Before anybody is let in, and before a byte is read.
  if (size)
    return problem(size.status, size.status === 413 ? 'too-large' : 'bad-input', size.message, [
      { path: 'headers.content-length', message: size.message },
    ])
  const turnedAway = turnedAwayAtTheDoor(request)
  if (turnedAway) return turnedAway
  if (!isDecodable(nextUrl.pathname)) {
    return problem(400, 'bad-input', 'This address cannot be read.', [
      { path: 'address', message: 'a percent sign in it has no meaning' },
    ])
  }
  if (isAction) {
    const wrong = await actionProblem(request, contentType?.startsWith('multipart/form-data') ?? false)
    if (wrong) return problem(400, 'bad-input', 'No page of this program sends such a request.', [wrong])
  }
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64')
  const policy = contentPolicy(nonce, process.env.NODE_ENV === 'development')
  // Next reads the nonce out of the policy that comes with the request.
  const onward = new Headers(headers)
  onward.set('content-security-policy', policy)
  onward.set('x-nonce', nonce)
  onward.set('x-address', nextUrl.pathname)
  const response = NextResponse.next({ request: { headers: onward } })
  response.headers.set('content-security-policy', policy)
  return response
}

/** What is wrong with what an action is sent; undefined where nothing is. */
async function actionProblem(request: NextRequest, isForm: boolean): Promise<Issue | undefined> {
  if (!isForm) {
    const text = await request.text()
    return actionBodyProblem(text) ?? decodingIssue(text)
  }
  const form = await request.formData().catch(() => undefined)
  return form ? decodingIssue(form) : { path: 'body', message: 'we can’t read the form' }
}

/** Of a notebook that is shared, everybody is asked for the passphrase once; undefined where the way is free. */
function turnedAwayAtTheDoor({ nextUrl, headers, cookies, method }: NextRequest): Response | undefined {
  const isAtTheDoor = /^\/(door(\/in)?|icon\.svg)$/.test(nextUrl.pathname)
  if (!isShared() || isAtTheDoor || sessionOf(cookies.get(SESSION_COOKIE)?.value, Date.now())) return undefined
  if (method === 'GET' && headers.get('accept')?.includes('text/html'))
    return NextResponse.redirect(new URL('/door', `http://${headers.get('host')}`), 303)
  return problem(401, 'not-let-in', 'Please enter the passphrase of this notebook first.', [
    { path: 'headers.cookie', message: 'not signed in to this notebook' },
  ])
}

function isDecodable(path: string): boolean {
  try {
    decodeURIComponent(path)
    return true
  } catch {
    return false
  }
}

// What is built is nobody's secret; everything else is asked for by name.
export const config = { matcher: ['/((?!_next/static/).*)'] }
