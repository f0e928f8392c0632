import { type NextRequest, NextResponse } from 'next/server'
import { problem } from './server/api/problem'
import { originAllowed } from './server/sameOrigin'

/** Turns away requests that a page of another site made in this person's name. */
export function proxy(request: NextRequest): Response {
  const { method, nextUrl, headers } = request
  if (originAllowed(method, nextUrl.pathname, headers.get('host'), headers.get('origin'))) return NextResponse.next()
  return problem(403, 'foreign-origin', 'This request did not come from a page of this program.', [
    { path: 'headers.origin', message: 'foreign or missing' },
  ])
}

export const config = { matcher: ['/((?!_next/static|_next/image|favicon.ico).*)'] }
