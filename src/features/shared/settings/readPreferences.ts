import { cookies, headers } from 'next/headers'
import { preferencesOf, PREFERENCES_COOKIE, type Preferences } from './preferences'

/** This request's preferences; server only. Until there are any, the browser’s language decides what it can. */
export async function readPreferences(): Promise<Preferences> {
  const [jar, sent] = await Promise.all([cookies(), headers()])
  return preferencesOf(jar.get(PREFERENCES_COOKIE)?.value, sent.get('accept-language'))
}
